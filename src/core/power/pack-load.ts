import type { BuildIndex, Fitted } from '../build/build-index';
import { weakestProvenance, type Provenance } from '../quantity/figure';
import type { RegulatorSizing } from '../build/policies';
import { countDemands, demandOf, type Demand, type MissingDemand } from './demand';
import type { PowerPicture, Source } from './power-picture';
import type { Rail } from './rails';
import { regulatorInputAmps } from './regulator-amps';

/** One share of what a pack gives at the worst second. */
export interface PackShare {
  fitted: Fitted;
  amps: number;
  provenance: Provenance;
}

/** What is asked of a pack with every motor at full throttle and the rails at their worst. */
export interface PackLoad {
  pack: Fitted<'pack'>;
  shares: PackShare[];
  amps: number;
  /** Names of parts whose amps no sheet states. */
  missing: string[];
  /** Amps the label promises: capacity times discharge rate; `undefined` where it says neither. */
  labelAmps: number | undefined;
  allowedAmps: number | undefined;
  /** Minutes at mean amps from the usable capacity. */
  runMinutes: number | undefined;
}

/** The load on every pack of a build. */
export function packLoads(index: BuildIndex, picture: PowerPicture, rails: readonly Rail[]): PackLoad[] {
  return index.ofKind('pack').map((pack) => packLoad(index, picture, rails, pack));
}

function packLoad(
  index: BuildIndex,
  picture: PowerPicture,
  rails: readonly Rail[],
  pack: Fitted<'pack'>,
): PackLoad {
  const source = picture.sources.find((one) => one.fitted === pack);
  const asked = source
    ? [
        ...motorShares(index, picture, source),
        ...rawShares(picture, rails, source, index.build.policies.regulatorSizing),
      ]
    : [];
  const shares = asked.filter((one): one is PackShare => 'amps' in one);
  if (source) shares.push(...railShares(picture, rails, source));
  shares.sort((a, b) => b.amps - a.amps);
  const amps = shares.reduce((sum, one) => sum + one.amps, 0);
  const { ampHours, dischargeRate } = pack.part;
  const { labelShare, usableShare, meanShare } = index.build.policies;
  const labelAmps = ampHours && dischargeRate && ampHours.value * dischargeRate.value;
  return {
    pack,
    shares,
    amps,
    missing: asked.filter((one) => 'missing' in one).map((one) => one.missing),
    labelAmps,
    allowedAmps: labelAmps && labelAmps * labelShare,
    runMinutes: ampHours && amps > 0 ? (60 * usableShare * ampHours.value) / (meanShare * amps) : undefined,
  };
}

type Asked = PackShare | { missing: string };

/** Motors whose controller takes its power from this pack. */
function motorShares(index: BuildIndex, picture: PowerPicture, source: Source): Asked[] {
  return index.ofKind('motor').flatMap((motor): Asked[] => {
    const controller = controllerOf(index, picture, motor);
    if (!controller || picture.nets.node(controller.fitting.id, 'power+') !== source.plus) return [];
    const { fullLoadAmps } = motor.part;
    if (!fullLoadAmps) return [{ missing: `amps at full load of ${motor.fitting.name}` }];
    return [{ fitted: motor, amps: fullLoadAmps.value, provenance: fullLoadAmps.provenance }];
  });
}

/** Loads on the pack's own plus; where that is a rail, counted by the school as on any rail. */
function rawShares(
  picture: PowerPicture,
  rails: readonly Rail[],
  source: Source,
  school: RegulatorSizing,
): Asked[] {
  const rail = rails.find((one) => one.plus === source.plus);
  if (rail) {
    const missing = rail.missing.map((one) => ({
      missing: `${one.missing} of ${one.supply.fitted.fitting.name}`,
    }));
    const counted = rail.counted.map(({ supply, amps, provenance }) => ({
      fitted: supply.fitted,
      amps,
      provenance,
    }));
    return [...counted, ...missing];
  }
  const asked = picture.supplies
    .filter((one) => one.plus === source.plus)
    .map((one) => demandOf(one, source.volts.nominal))
    .filter((one) => one !== undefined);
  const demands = asked.filter((one): one is Demand => 'running' in one);
  const missing = asked.filter((one): one is MissingDemand => 'missing' in one);
  return [
    ...countDemands(demands, school).map(({ supply, amps, provenance }) => ({
      fitted: supply.fitted,
      amps,
      provenance,
    })),
    ...missing.map((one) => ({ missing: `${one.missing} of ${one.supply.fitted.fitting.name}` })),
  ];
}

/** Regulators fed from this pack: the highest source of each rail carries it. */
function railShares(picture: PowerPicture, rails: readonly Rail[], source: Source): PackShare[] {
  return rails.flatMap((rail) => {
    const [carrier] = rail.sources;
    const regulator = carrier?.terminal.regulator;
    if (!carrier || !regulator) return [];
    const input = picture.supplies.find(
      (one) => one.fitted === carrier.fitted && one.terminal.id === 'supply',
    );
    if (input?.plus !== source.plus) return [];
    const asked = rail.counted.reduce((sum, one) => sum + one.amps, 0);
    const amps = regulatorInputAmps(regulator, source.volts.nominal, carrier.volts.nominal, asked);
    const provenance = weakestProvenance(rail.counted.map((one) => one.provenance));
    return [{ fitted: carrier.fitted, amps, provenance }];
  });
}

/** The controller whose motor contacts a motor is wired to. */
export function controllerOf(
  index: BuildIndex,
  picture: PowerPicture,
  motor: Fitted<'motor'>,
): Fitted<'controller'> | undefined {
  const nodes = ['m1', 'm2', 'm3'].map((net) => picture.nets.node(motor.fitting.id, net));
  return index
    .ofKind('controller')
    .find(({ fitting }) =>
      ['m1', 'm2', 'm3'].some((net) => nodes.includes(picture.nets.node(fitting.id, net))),
    );
}
