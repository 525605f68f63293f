import { isLithium } from '../../model/packs/chemistry';
import type { PackSpec } from '../../model/kinds/pack/pack';
import type { RegulatorSizing } from '../../model/plan/policies';
import { weakestProvenance, type Provenance } from '../../base/validation/figure';
import type { Fitted } from '../../model/kinds/fitted';
import type { Supply } from '../survey/power';
import type { Survey } from '../survey/survey';
import type { PackState } from '../../model/packs/pack-state';
import type { Rail } from '../survey/rails';
import type { BuildPoint } from './build-point';
import { drawsOf } from './draws';

/** The moments of a circuit that loads are read from. */
interface Moments {
  readonly survey: Survey;
  at(moment: 'worst', charge: PackState, school?: RegulatorSizing): BuildPoint | undefined;
  isStalled(fittingId: string): boolean;
}

/** What one part takes at the worst second. */
export interface Share {
  fitted: Fitted;
  amps: number;
  isStalled: boolean;
  provenance: Provenance;
}

/** What is asked of a source, as far as sheets tell. */
interface Load {
  /** Largest first. */
  shares: Share[];
  /** Amps of all that is known. */
  amps: number;
  /** What no sheet states and the amps leave out: `stall amps of the pan servo`, with its part. */
  unknown: { fitted: Fitted; words: string }[];
}

export interface RailLoad extends Load {
  rail: Rail;
}

export interface PackLoad extends Load {
  pack: Fitted<'pack'>;
  /** Amps the label promises: capacity times discharge rate; `undefined` where it says neither. */
  labelAmps: number | undefined;
  /** What is believed of the label; only lithium labels are derated. */
  allowedAmps: number | undefined;
}

/** What is asked of each rail, by the network solved for the worst second with packs full. */
export function railLoads(circuit: Moments): RailLoad[] {
  const point = circuit.at('worst', 'full');
  return circuit.survey.rails.map((rail) => ({ rail, ...loadOf(circuit, point, rail.supplies) }));
}

/** Amps asked of a rail under another school; `undefined` where the network does not settle. */
export function railAmpsBySchool(circuit: Moments, rail: Rail, school: RegulatorSizing): number | undefined {
  const point = circuit.at('worst', 'full', school);
  return point && sum(rail.supplies.map((supply) => point.takenAmps(supply.fitted) ?? 0));
}

/**
 * Amps that a pack's label promises, capacity times discharge rate, and what is believed of them: only lithium labels are
 * derated. Nothing where it says neither. Engineering notes, section 2.
 */
export function packAllowance(
  { ampHours, dischargeRate, chemistry }: PackSpec,
  labelShare: number,
): { label: number; allowed: number } | undefined {
  if (!ampHours || !dischargeRate) return undefined;
  const label = ampHours.value * dischargeRate.value;
  return { label, allowed: isLithium(chemistry) ? label * labelShare : label };
}

/** What is asked of each pack. */
export function packLoads(circuit: Moments): PackLoad[] {
  const { survey } = circuit;
  const point = circuit.at('worst', 'full');
  const { labelShare } = survey.build.policies;
  return survey.index.ofKind('pack').map((pack): PackLoad => {
    const { id } = pack.fitting;
    const fed = survey.supplies.filter((supply) => survey.packsAcross(supply)?.packs.includes(pack));
    const load = loadOf(circuit, point, fed);
    const beside = Math.max(1, ...fed.map((supply) => survey.packsAcross(supply)?.besides(pack).length ?? 1));
    const amps = Math.max(point?.amps(id) ?? 0, 0);
    const allowance = packAllowance(pack.part, labelShare);
    return {
      pack,
      ...load,
      shares: load.shares.map((share) => ({ ...share, amps: share.amps / beside })),
      amps,
      labelAmps: allowance?.label,
      allowedAmps: allowance?.allowed,
    };
  });
}

function loadOf(circuit: Moments, point: BuildPoint | undefined, supplies: readonly Supply[]): Load {
  const takers = supplies.filter((supply) => supply.terminal.id === 'supply');
  const unknown = takers.flatMap((supply) => unknownOf(circuit, supply));
  const shares = point ? takers.flatMap((supply) => sharesOf(circuit, point, supply)) : [];
  shares.sort((a, b) => b.amps - a.amps);
  return { shares, amps: sum(shares.map((share) => share.amps)), unknown };
}

/** What is not known of a controller that drives nothing yet: the most that its pack will give is its motor's. */
export const motorToCome = ({ fitting }: Fitted): string =>
  `amps of the motor that the ${fitting.name} is to drive`;

function unknownOf({ survey }: Moments, supply: Supply): Load['unknown'] {
  const { fitted } = supply;
  if (fitted.kind === 'controller') {
    const motors = survey.motorsOf(fitted.fitting.id);
    if (motors.length === 0) return [{ fitted, words: motorToCome(fitted) }];
    return motors.flatMap((motor) =>
      motor.part.fullLoadAmps || motor.part.stallAmps
        ? []
        : [{ fitted: motor, words: `amps at full load of the ${motor.fitting.name}` }],
    );
  }
  const draws = drawsOf(supply);
  return draws && 'missing' in draws ? [{ fitted, words: draws.missing }] : [];
}

/** A controller's share stands for its motors, with what its own regulator takes apart. */
function sharesOf(circuit: Moments, point: BuildPoint, supply: Supply): Share[] {
  const { fitted } = supply;
  const { id } = fitted.fitting;
  const share = (of: Fitted, amps: number | undefined, provenance: Provenance): Share[] =>
    amps === undefined || amps < 1e-3
      ? []
      : [{ fitted: of, amps, isStalled: circuit.isStalled(of.fitting.id), provenance }];
  if (fitted.kind === 'controller' || fitted.kind === 'bec') {
    const motors = circuit.survey.motorsOf(id);
    const [motor] = motors;
    const sure = weakestProvenance(motors.map((each) => each.part.fullLoadAmps?.provenance ?? 'estimated'));
    return [
      ...share(motors.length === 1 ? motor! : fitted, point.amps(id), motor ? sure : 'estimated'),
      ...share(fitted, point.regulatorInputAmps(id), 'estimated'),
    ];
  }
  const draws = drawsOf(supply);
  if (!draws || 'missing' in draws) return [];
  const figure = circuit.isStalled(id) ? draws.stalled : draws.running;
  return share(fitted, point.takenAmps(fitted), figure.provenance);
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);
