import type { NodeId } from '../build/nets';
import { regulatorSizings, type Policies, type RegulatorSizing } from '../build/policies';
import {
  countDemands,
  demandOf,
  totalAmps,
  type CountedDemand,
  type Demand,
  type MissingDemand,
} from './demand';
import type { PowerPicture, Source, Supply } from './power-picture';

/** All parts on one regulated (or receiver-pack) plus, with who feeds it and what is asked. */
export interface Rail {
  id: string;
  name: string;
  plus: NodeId;
  /** Sources on it, highest volts first. Under load the first carries everything. */
  sources: Source[];
  supplies: Supply[];
  /** Volts of the highest source; `undefined` with none. */
  volts: number | undefined;
  demands: Demand[];
  missing: MissingDemand[];
  /** Amps by the school of the build, largest first. */
  counted: CountedDemand[];
  ampsBySchool: Record<RegulatorSizing, number>;
}

/**
 * The rails of a build: every node that a regulator gives to or that a receiver takes from.
 * Parts whose plug is turned or whose ground is missing still count, as they will ask once put right.
 */
export function railsOf(picture: PowerPicture, policies: Policies): Rail[] {
  const receivers = picture.supplies.filter((one) => one.fitted.part.kind === 'receiver');
  const regulators = picture.sources.filter((one) => one.terminal.regulator);
  const nodes = new Set([...receivers.map((one) => one.plus), ...regulators.map((one) => one.plus)]);
  return [...nodes].map((plus) => railAt(picture, policies, plus)).filter((rail) => rail.supplies.length > 0);
}

function railAt(picture: PowerPicture, policies: Policies, plus: NodeId): Rail {
  const sources = picture.sources
    .filter((one) => one.plus === plus)
    .sort((a, b) => b.volts.nominal - a.volts.nominal);
  const supplies = picture.supplies.filter((one) => one.plus === plus);
  const volts = sources[0]?.volts.full;
  const receiver = supplies.find((one) => one.fitted.part.kind === 'receiver');
  const owner = receiver ?? sources[0];
  const asked =
    volts === undefined ? [] : supplies.map((one) => demandOf(one, volts)).filter((one) => one !== undefined);
  const demands = asked.filter((one): one is Demand => 'running' in one);
  const bySchool = (school: RegulatorSizing) => totalAmps(countDemands(demands, school));
  return {
    id: `rail:${owner?.fitted.fitting.id ?? plus}`,
    name: receiver ? 'the radio rail' : `the rail of ${owner?.fitted.fitting.name ?? 'nothing'}`,
    plus,
    sources,
    supplies,
    volts,
    demands,
    missing: asked.filter((one): one is MissingDemand => 'missing' in one),
    counted: countDemands(demands, policies.regulatorSizing),
    ampsBySchool: Object.fromEntries(regulatorSizings.map((school) => [school, bySchool(school)])) as Record<
      RegulatorSizing,
      number
    >,
  };
}
