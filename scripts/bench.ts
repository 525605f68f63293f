/** Times checks, operating points, outings and tolerance runs: the tug, and made-up builds of 20, 60 and 240 fittings. */
import type { Build } from '../src/core/model/plan/build';
import { placeParts } from '../src/core/reading/berths/place-parts';
import { applyEdits } from '../src/core/model/plan/edits';
import { placeEdit } from '../src/core/judgement/put-right/place-part';
import { benchFigures } from './bench-bench';
import { layoutMilliseconds } from './bench-loom';
import { matchFigures } from './bench-match';
import { sketchBuild, type LeadSketch } from '../src/core/model/plan/sketch-build';
import type { Fitting } from '../src/core/model/fitting/fitting';
import { checkBuild } from '../src/core/judgement/check/check-build';
import {
  caseFigures,
  demo,
  outingMilliseconds,
  outingShares,
  pointMilliseconds,
  toleranceSeconds,
} from './bench-trial';
import {
  dragBoxFrame,
  dragFrame,
  dragPartFrame,
  firstView,
  heapLeft,
  longestEditTask,
  longestPageTask,
  rehearsalFrame,
  stationChange,
} from './bench-page';
import { starterLocker, starterPart } from '../src/core/model/starter/starter-locker';

const rounds = 200;
const warmUp = 60;

/** A fleet of tubs in one build: a pack, a controller, a motor, a receiver and servos each. */
function fleet(fittingCount: number): Build {
  const fittings: Fitting[] = [];
  const leads: LeadSketch[] = [];
  for (let boat = 0; fittings.length < fittingCount; boat += 1) {
    const id = (name: string) => `${name}-${boat}`;
    fittings.push(
      { id: id('pack'), name: `pack ${boat}`, part: 'pack-lipo-3s-4000-20c' },
      { id: id('adapter'), name: `adapter ${boat}`, part: 'adapter-sleeve-blade' },
      {
        id: id('esc'),
        name: `controller ${boat}`,
        part: 'controller-brushed-30-switching',
        regulatorVolts: 6,
      },
      { id: id('motor'), name: `motor ${boat}`, part: 'motor-brushed-620' },
      { id: id('rx'), name: `receiver ${boat}`, part: 'receiver-8-skerry' },
    );
    leads.push(
      [`${id('pack')}.out`, `${id('adapter')}.in`],
      [`${id('adapter')}.out`, `${id('esc')}.power`],
      [`${id('esc')}.motor`, `${id('motor')}.motor`],
      [`${id('esc')}.lead`, `${id('rx')}.3`],
    );
    for (const port of [1, 2, 4, 5, 6].slice(0, fittingCount - fittings.length)) {
      fittings.push({ id: id(`servo${port}`), name: `servo ${boat} ${port}`, part: 'servo-standard' });
      leads.push([`${id(`servo${port}`)}.lead`, `${id('rx')}.${port}`]);
    }
  }
  return sketchBuild({ fittings, leads }, starterPart);
}

function time(build: Build): { median: number; p95: number } {
  const times: number[] = [];
  for (let round = 0; round < rounds + warmUp; round += 1) {
    const start = performance.now();
    checkBuild(build, starterLocker);
    if (round >= warmUp) times.push(performance.now() - start);
  }
  times.sort((a, b) => a - b);
  return { median: times[Math.floor(rounds / 2)]!, p95: times[Math.floor(rounds * 0.95)]! };
}

/** A build in a hull with room for it, with a place for every part. */
function inHull(build: Build): Build {
  const within: Build = { ...build, inside: { form: 'open hull', length: 2.5, beam: 0.7, depth: 0.35 } };
  return placed(within);
}

function placed(build: Build): Build {
  const { placed: found } = placeParts(build, new Set(build.fittings.map(({ id }) => id)));
  return applyEdits(
    build,
    found.map(({ fitting, place }) => placeEdit(fitting, place)),
  );
}

/** The middle of some runs of finding all places of a build anew. */
function placeMilliseconds(build: Build, rounds = 5): number {
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    placed(build);
    return performance.now() - start;
  });
  return Number(times.sort((a, b) => a - b)[Math.floor(rounds / 2)]!.toFixed(0));
}

const builds: Record<string, Build> = {
  tug: demo('harbour-tug-as-planned'),
  fittings20: fleet(20),
  fittings60: fleet(60),
  fittings240: fleet(240),
  // With all of it lying in a hull.
  fittings60LaidOut: inHull(fleet(60)),
};
const figures: Record<string, number> = {};
for (const [name, build] of Object.entries(builds)) {
  const { median, p95 } = time(build);
  figures[`check.${name}.medianMilliseconds`] = Number(median.toFixed(3));
  figures[`check.${name}.p95Milliseconds`] = Number(p95.toFixed(3));
}
const ratio =
  figures['check.fittings240.medianMilliseconds']! / figures['check.fittings60.medianMilliseconds']!;
figures['check.growth60to240.exponent'] = Number((Math.log(ratio) / Math.log(4)).toFixed(2));

for (const [name, build] of Object.entries(builds))
  figures[`operatingPoint.${name}.medianMilliseconds`] = pointMilliseconds(build);
const right = demo('harbour-tug');
figures['operatingPoint.tugPutRight.medianMilliseconds'] = pointMilliseconds(right);
for (const seconds of [60, 180, 600, 86_400])
  figures[`outing.tug${seconds}s.medianMilliseconds`] = outingMilliseconds(right, 'long', seconds);
Object.assign(figures, caseFigures('tr-02'), caseFigures('tr-06'));
Object.assign(figures, matchFigures());
for (const [name, percent] of Object.entries(outingShares(right, 'long')))
  figures[`outing.tug600s.percentIn.${name}`] = percent;
figures['loomLayout.tug.medianMilliseconds'] = await layoutMilliseconds(right);
figures['loomLayout.fittings40.medianMilliseconds'] = await layoutMilliseconds(fleet(40));
figures['place.tug.medianMilliseconds'] = placeMilliseconds(right);
Object.assign(figures, benchFigures(right));
figures['tolerance.500runs60s.seconds'] = await toleranceSeconds(500);

const ofPage = {
  'page.tolerance200runs.longestTaskMilliseconds': await longestPageTask(),
  'page.editsTug.longestTaskMilliseconds': await longestEditTask(),
  'page.edits63.longestTaskMilliseconds': await longestEditTask({ ...fleet(63), name: 'Fleet' }),
  'page.dragPlug.frameP95Milliseconds': await dragFrame(),
  'page.dragBox.frameP95Milliseconds': await dragBoxFrame(),
  'page.dragPart.frameP95Milliseconds': await dragPartFrame(),
  'page.rehearsalUnderWay.frameP95Milliseconds': await rehearsalFrame(),
  'page.firstView.milliseconds': await firstView(),
  'page.stationChange.slowestMilliseconds': await stationChange(),
  'page.edits200outings50.heapLeftMegabytes': await heapLeft(),
};
for (const [name, value] of Object.entries(ofPage))
  if (value !== undefined) figures[name] = Number(value.toPrecision(3));

if (process.argv.includes('--json')) process.stdout.write(`${JSON.stringify(figures, null, 2)}\n`);
else
  for (const [name, value] of Object.entries(figures)) process.stdout.write(`${name.padEnd(46)}${value}\n`);
