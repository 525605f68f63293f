import type { BuildIndex, Fitted } from '../build/build-index';
import { Nets, type NodeId } from '../build/nets';
import { cellVolts } from '../packs/chemistry';
import { terminalsOf, type ConsumerTerminal, type SourceTerminal } from '../parts/terminals';

/** Pack states at which limits are looked at: full for what burns, cut-off for what browns out. */
export const packStates = ['full', 'nominal', 'cutoff'] as const;
export type PackState = (typeof packStates)[number];
export type VoltsByState = Record<PackState, number>;

/** A pack or a regulator that is awake, between two nodes. */
export interface Source {
  fitted: Fitted;
  terminal: SourceTerminal;
  plus: NodeId;
  minus: NodeId;
  /** Open-circuit volts. */
  volts: VoltsByState;
}

export type SupplyStatus = 'fed' | 'reversed' | 'plugTurned' | 'noSource' | 'noGround';

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

/** Which sources reach which parts, at what volts, with all leads as perfect conductors. */
export interface PowerPicture {
  nets: Nets;
  sources: Source[];
  supplies: Supply[];
}

/** Traces power from the packs through regulators to every part that takes it. */
export function powerPicture(index: BuildIndex): PowerPicture {
  const nets = new Nets(index);
  const sources = index.ofKind('pack').map((fitted): Source => {
    const cell = cellVolts(fitted.part.chemistry);
    // Rounded to the microvolt: three cells of 4.2 V are 12.6 V, and not a hair over.
    const volts = byState((state) => Math.round(cell[state] * fitted.part.cells * 1e6) / 1e6);
    return sourceAt(nets, fitted, { plus: 'plus', minus: 'minus' }, volts);
  });
  // A regulator wakes when its input is fed, which may wake the next behind it.
  let asleep = index.all().filter((one) => one.part.kind !== 'pack' && terminalsOf(one.part).gives);
  for (;;) {
    const grid = new PotentialGrid(sources);
    const waking = asleep.filter((one) => isAwake(nets, grid, one));
    if (waking.length === 0) break;
    for (const fitted of waking) sources.push(regulatorSource(nets, fitted));
    asleep = asleep.filter((one) => !waking.includes(one));
  }
  const grid = new PotentialGrid(sources);
  const supplies = index
    .all()
    .flatMap((fitted) =>
      terminalsOf(fitted.part).consumes.map((terminal) => supplyOf(nets, grid, sources, fitted, terminal)),
    );
  return { nets, sources, supplies };
}

function sourceAt(nets: Nets, fitted: Fitted, terminal: SourceTerminal, volts: VoltsByState): Source {
  const { id } = fitted.fitting;
  return {
    fitted,
    terminal,
    volts,
    plus: nets.node(id, terminal.plus),
    minus: nets.node(id, terminal.minus),
  };
}

/** The volts a regulator is set to, or its lowest choice. */
export function regulatorVolts(fitted: Fitted): number | undefined {
  const regulator = terminalsOf(fitted.part).gives?.regulator;
  return regulator && (fitted.fitting.regulatorVolts ?? Math.min(...regulator.voltsChoices));
}

function regulatorSource(nets: Nets, fitted: Fitted): Source {
  const terminal = terminalsOf(fitted.part).gives!;
  const set = regulatorVolts(fitted) ?? 0;
  return sourceAt(
    nets,
    fitted,
    terminal,
    byState(() => set),
  );
}

function isAwake(nets: Nets, grid: PotentialGrid, fitted: Fitted): boolean {
  const [input] = terminalsOf(fitted.part).consumes;
  if (!input) return false;
  const { id } = fitted.fitting;
  return (grid.volts(nets.node(id, input.plus), nets.node(id, input.minus), 'nominal') ?? 0) > 0;
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
  const feeding = sources.filter((one) => one.plus === plus && one.fitted.fitting.id !== id);
  const base = { fitted, terminal, plus, minus, sources: feeding };
  const turned = terminal.signal !== undefined && grid.isGround(nets.node(id, terminal.signal));
  if (turned) return { ...base, status: 'plugTurned' };
  const nominal = grid.volts(plus, minus, 'nominal');
  if (nominal !== undefined && nominal !== 0) {
    const volts = byState((state) => grid.volts(plus, minus, state) ?? 0);
    return { ...base, status: nominal > 0 ? 'fed' : 'reversed', volts };
  }
  return { ...base, status: grid.isLive(plus) ? 'noGround' : 'noSource' };
}

function byState(volts: (state: PackState) => number): VoltsByState {
  return { full: volts('full'), nominal: volts('nominal'), cutoff: volts('cutoff') };
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
          this.at.set(to, {
            island,
            volts: byState((state) => here.volts[state] + sign * source.volts[state]),
          });
          queue.push(to);
        }
      }
    }
  }

  /** Volts from `minus` up to `plus`; `undefined` where no source joins them. */
  volts(plus: NodeId, minus: NodeId, state: PackState): number | undefined {
    const high = this.at.get(plus);
    const low = this.at.get(minus);
    if (!high || !low || high.island !== low.island) return undefined;
    return high.volts[state] - low.volts[state];
  }

  isLive(node: NodeId): boolean {
    return this.at.has(node) && !this.grounds.has(node);
  }

  isGround(node: NodeId): boolean {
    return this.grounds.has(node);
  }
}
