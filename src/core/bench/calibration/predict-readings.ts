import { buildElements } from '../../reading/circuit/build-elements';
import type { BuildPoint } from '../../reading/circuit/build-point';
import type { Conditions } from '../../model/kinds/conditions';
import { Estimates, type EstimatedFigure } from '../../model/kinds/estimates';
import { NodeNames } from '../../reading/circuit/nodes';
import { RestingNetwork } from '../../reading/circuit/resting-network';
import { wireElements } from '../../reading/circuit/wires';
import { terminalsOf } from '../../model/kinds';
import type { Reading } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import type { Outing } from '../../model/plan/outing';
import { runTrial } from '../../desk/trial/run-trial';
import type { TrialResult } from '../../desk/trial/trial-result';
import { usualTask, type TrialTask } from '../../desk/trial/trial-task';
import type { ReadingKind, ReadingPlace } from './reading-kinds';

/** Charge at which a lithium cell stands at its nominal volts. */
const nominalCharge = 0.3;
/** Charge of a pack on the bench that nobody named. */
const benchCharge = 0.8;
const kilometresPerHour = 3.6;

/** What would be read in one place, by `what`, and the estimates that went into it. */
interface Foretold {
  values: ReadonlyMap<string, number>;
  estimates: readonly EstimatedFigure[];
}

/** Foretells readings of a model with its estimates moved by factors. */
export class ReadingsForetold {
  /** @param task the outing that temperatures and run time are read on */
  constructor(
    private readonly context: Reading,
    private readonly task: TrialTask,
    private readonly kinds: readonly ReadingKind[],
  ) {}

  /** Places where these readings are taken. */
  get places(): ReadingPlace[] {
    return [...new Set(this.kinds.map(({ place }) => place))];
  }

  /** @returns nothing for a place where the model does not settle */
  at(place: ReadingPlace, factors: ReadonlyMap<string, number>): Foretold {
    return place === 'straight' || place === 'outing'
      ? this.underWay(place, factors)
      : this.onBench(place, factors);
  }

  private underWay(place: 'straight' | 'outing', factors: ReadonlyMap<string, number>): Foretold {
    const { build } = this.context;
    const { factors: _, ...own } =
      place === 'straight'
        ? { ...usualTask(straight(build)), charge: nominalCharge, air: this.task.air }
        : this.task;
    const run = runTrial(this.context, { ...own, factors, slices: 40, looseness: 10 });
    if (!run.ok) return { values: new Map(), estimates: [] };
    const values = this.kinds
      .filter((kind) => kind.place === place)
      .flatMap(({ what }): [string, number][] => {
        const figure = figureOf(build, run.value, what);
        return figure === undefined ? [] : [[what, figure]];
      });
    return { values: new Map(values), estimates: run.value.estimates };
  }

  private onBench(place: Exclude<ReadingPlace, 'straight' | 'outing'>, factors: ReadonlyMap<string, number>) {
    const { survey, build, index } = this.context;
    const held = place === 'rest' ? undefined : place.slice('held:'.length);
    const conditions: Conditions = {
      charge: benchCharge,
      coldFactor: 1,
      servo: (id) => (id === held ? 'stalled' : 'resting'),
      duty: () => 0,
      on: () => 0,
    };
    const estimates = new Estimates(build.measured, factors);
    const names = new NodeNames(survey);
    const wires = wireElements(survey, names, estimates);
    const found = new RestingNetwork(wires).solve(buildElements(survey, conditions, estimates, names, wires));
    const values = new Map<string, number>();
    if (found.ok)
      for (const { what, place: where } of this.kinds) {
        if (where !== place) continue;
        const value = readOff(found.value, what, index);
        if (value !== undefined) values.set(what, value);
      }
    return { values, estimates: estimates.all };
  }
}

function readOff(point: BuildPoint, what: string, index: Reading['index']): number | undefined {
  if (what === 'restAmps')
    return index.ofKind('pack').reduce((sum, { fitting }) => sum + (point.amps(fitting.id) ?? 0), 0);
  const [sort, id = ''] = [what.slice(0, what.indexOf(':')), what.slice(what.indexOf(':') + 1)];
  if (sort === 'heldAmps') return point.amps(id);
  const [terminal] = terminalsOf(index.get(id).part).consumes;
  return terminal && point.across(id, terminal.plus, terminal.minus);
}

/** Up to full throttle, and on, on level ground or still water. */
const straight = (build: Build): Outing => ({
  id: 'straight',
  name: 'straight on',
  seconds: 40,
  effort: 1,
  tracks: build.functions
    .filter(({ role }) => role === 'drive')
    .map(({ id }) => ({
      function: id,
      points: [
        [0, 0],
        [1, 0],
        [2, 1],
      ],
    })),
});

function figureOf(build: Build, { figures, heat, amps }: TrialResult, what: string): number | undefined {
  const ids = (kind: 'motor' | 'controller') => {
    const parts = new Set(build.parts.filter((part) => part.kind === kind).map((part) => part.id));
    return new Set(build.fittings.filter(({ part }) => parts.has(part)).map(({ id }) => id));
  };
  const hottest = (kind: 'motor' | 'controller') => {
    const own = ids(kind);
    const ends = heat.filter(({ id }) => own.has(id)).map(({ values }) => values.at(-1)!);
    return ends.length > 0 ? Math.max(...ends) : undefined;
  };
  switch (what) {
    case 'topSpeed':
      return figures.topSpeed > 0 ? figures.topSpeed * kilometresPerHour : undefined;
    case 'fullAmps':
      return amps.reduce((sum, { values }) => sum + values.at(-1)!, 0);
    case 'motorCelsius':
      return hottest('motor');
    case 'controllerCelsius':
      return hottest('controller');
    default:
      return Number.isFinite(figures.runMinutes) ? figures.runMinutes : undefined;
  }
}
