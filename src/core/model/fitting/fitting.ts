import { IsBoolean, IsIn, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { brakeModes, runningModes, type BrakeMode, type RunningMode } from '../parts/controller-modes';
import { chemistries, type Chemistry } from '../packs/chemistry';
import { Linkage } from './linkage';
import { Placement } from './placement';
import { ServoSeat } from './servo-seat';
import { NestedField, NestedList } from '../../base/validation/nested-field';
import { TextField } from '../../base/validation/text-field';

/** What a person has set on a part. */
abstract class Settings {
  /** Output volts its regulator is set to; any of its choices where nobody has set it. */
  @IsOptional()
  @IsNumber()
  @Min(1)
  @Max(30)
  regulatorVolts?: number;

  /** Controllers: the chemistry that its cut-off is set for, or `off`. */
  @IsOptional()
  @IsIn([...chemistries, 'off'])
  cutoff?: Chemistry | 'off';

  /** Controllers: how it is set to run. */
  @IsOptional()
  @IsIn(runningModes)
  running?: RunningMode;

  /** Controllers: how it is set to brake. */
  @IsOptional()
  @IsIn([...brakeModes, 'off'])
  brake?: BrakeMode;

  /** Controllers: whether it is set to turn its motor the other way. */
  @IsOptional()
  @IsBoolean()
  isReversed?: boolean;
}

/** What is set on a component of a board. */
class InsideSettings extends Settings {
  @TextField({ most: 20 })
  component!: string;
}

/** A part in this build, in a role. */
export class Fitting extends Settings {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 60 })
  name!: string;

  /** Id of its `PartSpec` in the build. */
  @TextField({ most: 60 })
  part!: string;

  /** Transmitters: the link protocol it is set to. */
  @IsOptional()
  @TextField({ most: 30 })
  protocol?: string;

  /** Receivers: the transmitter that it is bound to; by what they speak where nothing is said. */
  @IsOptional()
  @TextField({ most: 60 })
  boundTo?: string;

  /** Transmitters: which of its memories this model has. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(1000)
  memory?: number;

  /** Transmitters: volts of the model below which it is set to warn. */
  @IsOptional()
  @IsNumber()
  @Min(1)
  @Max(60)
  alarmVolts?: number;

  /** Servos: from the horn to what it moves. */
  @NestedField(() => Linkage, { optional: true })
  linkage?: Linkage;

  /** Servos: what the model holds ready for it. */
  @NestedField(() => ServoSeat, { optional: true })
  seat?: ServoSeat;

  /** Where it lies in the model. */
  @NestedField(() => Placement, { optional: true })
  place?: Placement;

  /** Boards: what is set on their components. */
  @NestedList(() => InsideSettings, { most: 24, optional: true })
  inside?: InsideSettings[];
}
