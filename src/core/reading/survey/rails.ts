import type { NodeId } from './nets';
import type { Power, Source, Supply } from './power';
import type { VoltsByState } from '../../model/packs/pack-state';

/** All parts on one regulated (or receiver-pack) plus, with who feeds it. */
export interface Rail {
  id: string;
  name: string;
  plus: NodeId;
  /** Sources on it, highest volts first. Under load the first carries everything. */
  sources: Source[];
  supplies: Supply[];
  /** Open-circuit volts that parts on it have; `undefined` with no source. */
  volts: VoltsByState | undefined;
  /** Whether a receiver takes its power here. */
  isRadio: boolean;
}

/**
 * The rails of a build: every node that a regulator gives to or that a receiver takes from.
 * Parts whose plug is turned or whose ground is missing still count, as they will ask once put right.
 */
export function railsOf(power: Power): Rail[] {
  const receivers = power.supplies.filter((supply) => supply.fitted.kind === 'receiver');
  const regulators = power.sources.filter((source) => source.terminal.regulator);
  const nodes = new Set([
    ...receivers.map((supply) => supply.plus),
    ...regulators.map((source) => source.plus),
  ]);
  const several = new Set(receivers.map((supply) => supply.plus)).size > 1;
  return [...nodes].map((plus) => railAt(power, plus, several)).filter((rail) => rail.supplies.length > 0);
}

function railAt(power: Power, plus: NodeId, several: boolean): Rail {
  const sources = power.sources
    .filter((source) => source.plus === plus)
    .sort((a, b) => b.volts.nominal - a.volts.nominal || b.volts.full - a.volts.full);
  const supplies = power.supplies.filter((supply) => supply.plus === plus);
  const receiver = supplies.find((supply) => supply.fitted.kind === 'receiver');
  const owner = receiver?.fitted ?? sources[0]?.fitted;
  const [first] = sources;
  return {
    id: `rail:${owner?.fitting.id ?? plus}`,
    name: receiver
      ? several
        ? `the rail of the ${receiver.fitted.fitting.name}`
        : 'the radio rail'
      : `the rail of the ${owner?.fitting.name ?? 'nothing'}`,
    plus,
    sources,
    supplies,
    volts: supplies.find((supply) => supply.status === 'fed')?.volts ?? first?.volts,
    isRadio: receiver !== undefined,
  };
}
