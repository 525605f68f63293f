import { IsIn, IsNumber, IsOptional, Max, Min } from 'class-validator';

const redWireSchools = ['oneIn', 'standAlone', 'parallel'] as const;
export type RedWireSchool = (typeof redWireSchools)[number];

export const regulatorSizings = ['twoWorst', 'allStalled', 'typical'] as const;
export type RegulatorSizing = (typeof regulatorSizings)[number];

/** The schools that benches differ on, as chosen for one build; defaults are the first of each list. */
export class Policies {
  /** What is done with several built-in regulators. */
  @IsIn(redWireSchools)
  redWires!: RedWireSchool;

  /** Where servos that stand the pack's volts take their power: from the rail, or straight from the pack. */
  @IsIn(['rail', 'raw'])
  servoFeed!: 'rail' | 'raw';

  /** Which servos count as stalled when a regulator is sized. */
  @IsIn(regulatorSizings)
  regulatorSizing!: RegulatorSizing;

  @IsIn(['modelFirst', 'transmitterFirst'])
  switchOff!: 'modelFirst' | 'transmitterFirst';

  @IsIn(['smallFirst', 'fullFirst'])
  endPoints!: 'smallFirst' | 'fullFirst';

  @IsIn(['tester', 'radio'])
  centring!: 'tester' | 'radio';

  /** Where the receiver stays dry; the sealed box where not said. */
  @IsOptional()
  @IsIn(['sealedBox', 'coated'])
  receiverCare?: 'sealedBox' | 'coated';

  /** Where a video sender takes its power; the pack where not said. */
  @IsOptional()
  @IsIn(['pack', 'rail'])
  videoFeed?: 'pack' | 'rail';

  /** Share of a pack's label amps that is believed, 0 to 1. */
  @IsNumber()
  @Min(0.1)
  @Max(1)
  labelShare!: number;

  /** Share of a pack's capacity that a run may use, 0 to 1. */
  @IsNumber()
  @Min(0.1)
  @Max(1)
  usableShare!: number;

  /** Mean amps under way as a share of the peak, 0 to 1: files have it, but the Trial tells how long a pack lasts. */
  @IsNumber()
  @Min(0.01)
  @Max(1)
  meanShare!: number;
}

export const defaultPolicies = (): Policies => ({
  redWires: 'oneIn',
  servoFeed: 'rail',
  regulatorSizing: 'twoWorst',
  switchOff: 'modelFirst',
  endPoints: 'smallFirst',
  centring: 'tester',
  receiverCare: 'sealedBox',
  videoFeed: 'pack',
  labelShare: 0.6,
  usableShare: 0.8,
  meanShare: 0.45,
});
