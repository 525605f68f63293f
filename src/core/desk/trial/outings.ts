import type { Build, ModelKind } from '../../model/plan/build';
import type { Outing } from '../../model/plan/outing';
import {
  crawl,
  gusts,
  hill,
  jammed,
  laps,
  linkLost,
  loading,
  long,
  mud,
  potter,
  punch,
  reversals,
  spins,
  sprint,
  tow,
  tracksAtWork,
  workday,
  type OutingPreset,
} from './outing-presets';

const byModel: Record<ModelKind, readonly OutingPreset[]> = {
  boat: [
    reversals,
    potter('Harbour pottering'),
    sprint,
    tow,
    jammed('Line in the screw'),
    long('Long cruise'),
  ],
  car: [reversals, punch, hill, laps],
  crawler: [reversals, crawl, mud, hill, jammed('Wheel wedged'), long('Long trail')],
  truck: [reversals, potter('Yard work'), mud, hill, jammed('Wheel wedged'), long('Long haul')],
  'tracked machine': [
    spins,
    potter('Yard work'),
    loading,
    mud,
    hill,
    jammed('Stone in a track'),
    tracksAtWork,
  ],
  yacht: [reversals, gusts, long('Long sail')],
};

/** A boat with two motors is taken for a workboat. */
function isWorkboat({ model, parts, fittings }: Build): boolean {
  const motors = new Set(parts.filter(({ kind }) => kind === 'motor').map(({ id }) => id));
  return model === 'boat' && fittings.filter(({ part }) => motors.has(part)).length > 1;
}

const presetsOf = (build: Build): readonly OutingPreset[] => [
  ...(isWorkboat(build)
    ? byModel.boat.map((preset) => (preset.id === workday.id ? workday : preset))
    : byModel[build.model]),
  linkLost,
];

/** The outings that fit a model's kind, played on the functions that it has. */
export function usualOutings(build: Build): Outing[] {
  const drives = build.functions.filter(({ role }) => role === 'drive');
  const otherTrack = build.model === 'tracked machine' ? drives[1] : undefined;
  return presetsOf(build).map(({ id, name, seconds, effort, slopes, winds, jams, lostAt, play }) => ({
    id,
    name,
    seconds,
    effort,
    ...(slopes && { slopes }),
    ...(winds && { winds }),
    ...(jams && { jams }),
    ...(lostAt !== undefined && { lostAt }),
    tracks: build.functions.flatMap((modelFunction) => {
      const points = play(modelFunction, modelFunction === otherTrack);
      return points ? [{ function: modelFunction.id, points: points.filter(([at]) => at <= seconds) }] : [];
    }),
  }));
}

/** The usual outings of a build, with those it keeps itself in their place and after them. */
export function outingsOf(build: Build): Outing[] {
  const own = new Map((build.outings ?? []).map((outing) => [outing.id, outing]));
  const usual = usualOutings(build).map((outing) => own.get(outing.id) ?? outing);
  const known = new Set(usual.map((outing) => outing.id));
  return [...usual, ...[...own.values()].filter((outing) => !known.has(outing.id))];
}
