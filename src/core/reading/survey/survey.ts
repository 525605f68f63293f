import type { Build } from '../../model/plan/build';
import { motorNets } from '../../model/parts/terminals';
import { Layout } from '../berths/layout';
import { knownMetres, leadMetres, metresWords } from '../berths/lead-length';
import type { Lead } from '../../model/plan/lead';
import type { Figure } from '../../base/validation/figure';
import { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { mainFuses, type MainFuse } from './fuses';
import { Nets, type NodeId } from './nets';
import { PackGroups, type PackGroup } from './pack-group';
import { tracePower, type Source, type Supply } from './power';
import { railsOf, type Rail } from './rails';
import { signalPaths, type SignalPath } from './signals';
import type { VoltsByState } from '../../model/packs/pack-state';

/** What a build is, read once: nets, packs, rails, signals, and who hangs on whom. */
export class Survey {
  readonly index: BuildIndex;
  readonly nets: Nets;
  /** What lies where in the model. */
  readonly layout: Layout;
  readonly sources: readonly Source[];
  readonly supplies: readonly Supply[];
  readonly rails: readonly Rail[];
  readonly signals: readonly SignalPath[];
  readonly voltsBetween: (plus: NodeId, minus: NodeId) => VoltsByState | undefined;
  private readonly groups: PackGroups;
  private readonly supplyByFitting: ReadonlyMap<string, Supply>;
  private readonly signalByFitting: ReadonlyMap<string, SignalPath>;
  private readonly controllerByMotor = new Map<string, Fitted<'controller'>>();
  private moverIds: ReadonlySet<string> | undefined;
  private fuses: ReadonlyMap<string, readonly MainFuse[]> | undefined;

  constructor(readonly build: Build) {
    this.index = new BuildIndex(build);
    this.nets = new Nets(this.index);
    this.layout = new Layout(this.index);
    const power = tracePower(this.index, this.nets);
    this.sources = power.sources;
    this.supplies = power.supplies;
    this.voltsBetween = power.voltsBetween;
    this.rails = railsOf(power);
    this.signals = signalPaths(this.index, this.nets);
    this.groups = new PackGroups(this.index.ofKind('pack'), this.nets);
    this.supplyByFitting = new Map(
      power.supplies
        .filter((supply) => supply.terminal.id === 'supply')
        .map((supply) => [supply.fitted.fitting.id, supply]),
    );
    this.signalByFitting = new Map(this.signals.map((path) => [path.device.fitting.id, path]));
    this.findMotors();
  }

  /** How long a lead is: measured, by the way that it lies, or usual. */
  leadMetres(lead: Lead): Figure {
    const { index, layout } = this;
    return leadMetres({ index, metresOf: (each) => layout.metresOf(each) }, lead);
  }

  /** The length of a lead in words: `about 320 mm`; `undefined` where it is no more than usual. */
  leadWords(lead: Lead): string | undefined {
    const { index, layout } = this;
    const known = knownMetres({ index, metresOf: (each) => layout.metresOf(each) }, lead);
    return known && metresWords(known);
  }

  /** What reaches a part where it takes its power; `undefined` for parts that take none. */
  supplyOf(fittingId: string): Supply | undefined {
    return this.supplyByFitting.get(fittingId);
  }

  /** The packs that feed a part with no regulator between. */
  packOf(fittingId: string): PackGroup | undefined {
    const supply = this.supplyOf(fittingId);
    return supply && this.packsAcross(supply);
  }

  /** The packs across a supply's contacts. */
  packsAcross({ plus, minus }: Pick<Supply, 'plus' | 'minus'>): PackGroup | undefined {
    return this.groups.between(plus, minus);
  }

  /** The packs that a source's watts come from in the end. */
  packsBehind(source: Source): PackGroup | undefined {
    if (source.fitted.kind === 'pack') return this.groups.between(source.plus, source.minus);
    const input = this.supplyOf(source.fitted.fitting.id);
    const next = input?.sources.find((candidate) => candidate.fitted !== source.fitted);
    return (input && this.packsAcross(input)) ?? (next && this.packsBehind(next));
  }

  /** Groups of packs that parts drink from, each once. */
  packGroups(): PackGroup[] {
    const found = this.supplies.flatMap((supply) => this.packsAcross(supply) ?? []);
    return [...new Set(found)];
  }

  /** The controller whose motor contacts a motor is wired to. */
  controllerOf(motorId: string): Fitted<'controller'> | undefined {
    return this.controllerByMotor.get(motorId);
  }

  /** The motors wired to a controller. */
  motorsOf(controllerId: string): Fitted<'motor'>[] {
    return this.index
      .ofKind('motor')
      .filter(({ fitting }) => this.controllerByMotor.get(fitting.id)?.fitting.id === controllerId);
  }

  /** The motors that move the model, in the order of the drive functions that work them; all where none does. */
  movers(): ReadonlySet<string> {
    return (this.moverIds ??= this.findMovers());
  }

  private findMovers(): Set<string> {
    const all = [...this.controllerByMotor.keys()];
    // Tracks are two: what else an excavator drives turns its house or works its pump.
    const most = this.build.model === 'tracked machine' ? 2 : Infinity;
    const driven = this.build.functions
      .filter(({ role }) => role === 'drive')
      .slice(0, most)
      .flatMap(({ devices }) => devices);
    const moving = driven.flatMap((device) =>
      all.filter((motor) => motor === device || this.controllerByMotor.get(motor)!.fitting.id === device),
    );
    return new Set(moving.length > 0 ? moving : all);
  }

  /** Side of a track's motor, 1 and −1, where tracks have motors of their own: the first half is one side. */
  sideOf(motorId: string): 1 | -1 | undefined {
    const movers = [...this.movers()];
    const at = movers.indexOf(motorId);
    if (this.build.model !== 'tracked machine' || movers.length % 2 > 0 || at < 0) return undefined;
    return at < movers.length / 2 ? 1 : -1;
  }

  /** The controllers that drink from a pack. */
  controllersOf(packId: string): Fitted<'controller'>[] {
    return this.index
      .ofKind('controller')
      .filter(({ fitting }) => this.packOf(fitting.id)?.packs.some((pack) => pack.fitting.id === packId));
  }

  /** The receiver port that a part listens to. */
  signalOf(fittingId: string): SignalPath | undefined {
    return this.signalByFitting.get(fittingId);
  }

  /** Fuses that all which a pack gives goes through. */
  fusesOf(packId: string): readonly MainFuse[] {
    this.fuses ??= mainFuses(this.index);
    return this.fuses.get(packId) ?? [];
  }

  private findMotors(): void {
    const byNode = new Map<NodeId, Fitted<'controller'>>();
    for (const controller of this.index.ofKind('controller'))
      for (const net of motorNets) byNode.set(this.nets.node(controller.fitting.id, net), controller);
    for (const { fitting } of this.index.ofKind('motor'))
      for (const net of motorNets) {
        const controller = byNode.get(this.nets.node(fitting.id, net));
        if (controller) this.controllerByMotor.set(fitting.id, controller);
      }
  }
}
