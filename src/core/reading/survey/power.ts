import { regulatorChoices } from '../../model/kinds/regulated/regulator-choices';
import { signalNetOf, terminalsOf } from '../../model/kinds';
import type { ConsumerTerminal, SourceTerminal } from '../../model/parts/terminals';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { NodeId, Nets } from './nets';
import { packVoltsByState } from '../../model/packs/pack-volts';
import { byState, type PackState, type VoltsByState } from '../../model/packs/pack-state';

/** A pack or a regulator that is awake, between two nodes. */
export interface Source {
  fitted: Fitted;
  terminal: SourceTerminal;
  plus: NodeId;
  minus: NodeId;
  /**
   * Open-circuit volts. A regulator that nobody has set may give any of its choices: its highest stands for what burns,
   * its lowest for what starves.
   */
  volts: VoltsByState;
  /** Whether it has choices that nobody has chosen from. */
  isUnset: boolean;
}

type SupplyStatus = 'fed' | 'reversed' | 'plugTurned' | 'noSource' | 'noGround';

/** What reaches a part where it takes power. */
export interface Supply {
  fitted: Fitted;
  terminal: ConsumerTerminal;
  plus: NodeId;
  minus: NodeId;
  status: SupplyStatus;
  /** Volts across its contacts, negative where reversed; only for `fed` and `reversed`. */
  volts?: VoltsByState;
  /** Sources whose plus is this part's plus: who carries its amps. */
  sources: Source[];
}

/** Which sources reach which parts, at what open-circuit volts. */
export interface Power {
  sources: Source[];
  supplies: Supply[];
  /** Open-circuit volts from one node up to another; `undefined` where no source joins them. */
  voltsBetween: (plus: NodeId, minus: NodeId) => VoltsByState | undefined;
}

/** Traces power from the packs through regulators to every part that takes it. */
export function tracePower(index: BuildIndex, nets: Nets): Power {
  const sources = index.ofKind('pack').map((fitted): Source => ({
    ...ends(nets, fitted, { plus: 'plus', minus: 'minus' }),
    volts: packVoltsByState(fitted.part),
    isUnset: false,
  }));
  // A regulator wakes when its input is fed, which may wake the next behind it.
  let asleep = index.all().filter((fitted) => fitted.kind !== 'pack' && terminalsOf(fitted.part).gives);
  for (;;) {
    const grid = new PotentialGrid(sources);
    const waking = asleep.filter((fitted) => isAwake(nets, grid, fitted));
    if (waking.length === 0) break;
    for (const fitted of waking) sources.push(regulatorSource(nets, fitted));
    asleep = asleep.filter((fitted) => !waking.includes(fitted));
  }
  const grid = new PotentialGrid(sources);
  const supplies = index
    .all()
    .flatMap((fitted) =>
      terminalsOf(fitted.part).consumes.map((terminal) => supplyOf(nets, grid, sources, fitted, terminal)),
    );
  return { sources, supplies, voltsBetween: (plus, minus) => grid.volts(plus, minus) };
}

function ends(nets: Nets, fitted: Fitted, terminal: SourceTerminal) {
  const { id } = fitted.fitting;
  return { fitted, terminal, plus: nets.node(id, terminal.plus), minus: nets.node(id, terminal.minus) };
}

function regulatorSource(nets: Nets, fitted: Fitted): Source {
  const terminal = terminalsOf(fitted.part).gives!;
  const choices = regulatorChoices(fitted.fitting, terminal.regulator);
  const [lowest, highest] = [choices[0] ?? 0, choices.at(-1) ?? 0];
  return {
    ...ends(nets, fitted, terminal),
    volts: { full: highest, nominal: lowest, cutoff: lowest },
    isUnset: choices.length > 1,
  };
}

function isAwake(nets: Nets, grid: PotentialGrid, fitted: Fitted): boolean {
  const [input] = terminalsOf(fitted.part).consumes;
  if (!input) return false;
  const { id } = fitted.fitting;
  return (grid.volts(nets.node(id, input.plus), nets.node(id, input.minus))?.nominal ?? 0) > 0;
}

function supplyOf(
  nets: Nets,
  grid: PotentialGrid,
  sources: Source[],
  fitted: Fitted,
  terminal: ConsumerTerminal,
): Supply {
  const { id } = fitted.fitting;
  const plus = nets.node(id, terminal.plus);
  const minus = nets.node(id, terminal.minus);
  const feeding = sources
    .filter((source) => source.plus === plus && source.fitted.fitting.id !== id)
    .sort((a, b) => b.volts.full - a.volts.full);
  const base = { fitted, terminal, plus, minus, sources: feeding };
  const signal = terminal.id === 'supply' ? signalNetOf(fitted.part) : undefined;
  const isTurned =
    terminal.signal !== undefined && signal !== undefined && grid.isGround(nets.node(id, signal));
  if (isTurned) return { ...base, status: 'plugTurned' };
  const volts = grid.volts(plus, minus);
  if (volts && volts.nominal !== 0) return { ...base, status: volts.nominal > 0 ? 'fed' : 'reversed', volts };
  return { ...base, status: grid.isLive(plus) ? 'noGround' : 'noSource' };
}

interface Potential {
  island: number;
  volts: VoltsByState;
}

/**
 * Potentials of all nodes that sources join, island by island. Where sources stand in parallel the highest
 * sets the volts, as the others only source and shut off.
 */
class PotentialGrid {
  private readonly at = new Map<NodeId, Potential>();
  private readonly grounds = new Set<NodeId>();

  constructor(sources: readonly Source[]) {
    const edges = new Map<NodeId, { to: NodeId; source: Source; sign: 1 | -1 }[]>();
    const addEdge = (from: NodeId, to: NodeId, source: Source, sign: 1 | -1) => {
      const list = edges.get(from) ?? [];
      list.push({ to, source, sign });
      edges.set(from, list);
    };
    const highestFirst = [...sources].sort((a, b) => b.volts.nominal - a.volts.nominal);
    for (const source of highestFirst) {
      this.grounds.add(source.minus);
      addEdge(source.minus, source.plus, source, 1);
      addEdge(source.plus, source.minus, source, -1);
    }
    for (const [island, { minus }] of sources.entries()) {
      if (this.at.has(minus)) continue;
      this.at.set(minus, { island, volts: byState(() => 0) });
      const queue = [minus];
      for (let from = queue.shift(); from !== undefined; from = queue.shift()) {
        const here = this.at.get(from)!;
        for (const { to, source, sign } of edges.get(from) ?? []) {
          if (this.at.has(to)) continue;
          this.at.set(to, { island, volts: added(here.volts, source.volts, sign) });
          queue.push(to);
        }
      }
    }
  }

  /** Volts from `minus` up to `plus`; `undefined` where no source joins them. */
  volts(plus: NodeId, minus: NodeId): VoltsByState | undefined {
    const high = this.at.get(plus);
    const low = this.at.get(minus);
    if (!high || !low || high.island !== low.island) return undefined;
    return added(high.volts, low.volts, -1);
  }

  isLive(node: NodeId): boolean {
    return this.at.has(node) && !this.grounds.has(node);
  }

  isGround(node: NodeId): boolean {
    return this.grounds.has(node);
  }
}

const added = (voltsByState: VoltsByState, other: VoltsByState, sign: 1 | -1): VoltsByState =>
  byState((state: PackState) => Math.round((voltsByState[state] + sign * other[state]) * 1e6) / 1e6);
