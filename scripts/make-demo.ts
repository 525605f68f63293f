/** Writes the demo builds: the tug as planned, the tug put right by the app's own offers, the yacht, the tractor and the catamaran. */
import ELK, { type ElkNode } from 'elkjs/lib/elk.bundled.js';
import { writeFileSync } from 'node:fs';
import { applyEdits } from '../src/core/model/plan/edits';
import type { Build } from '../src/core/model/plan/build';
import { elkGraph } from '../src/core/desk/loom/elk-graph';
import { loomModel } from '../src/core/desk/loom/loom-model';
import { readingOf } from '../src/core/reading/build-reading/reading';
import { checkBuild } from '../src/core/judgement/check/check-build';
import { writeBuildFile } from '../src/core/model/file/write-file';
import { starterLocker } from '../src/core/model/starter/starter-locker';
import type { ModelInside } from '../src/core/model/plan/model-inside';
import { soundBuilds } from '../tests/kit/sound-builds';
import { withFailSafes } from '../tests/kit/fail-safes';
import { fieldTractor } from './field-tractor';
import { laidOut, measuredWhereLong, placedAnew, placeLoose } from './lay-out';
import { saltFlatYacht } from './salt-flat-yacht';
import { surveyCatamaran } from './survey-catamaran';
import { tugAsPlanned } from './tug-as-planned';

/** The offers taken, in the order a builder would, by the start of their ids. */
const taken = [
  'stand-alone-bec:',
  'swap:monitor-pump:',
  'swap:tow-pack:pack-lipo-3s-4000-20c',
  'adapter:tow-pack',
  'adapter:tow-winch',
  'fuse:',
  'turn-plug:',
  'set-link:',
  'move-plug:',
  'assign-control:monitor:',
  'assign-control:lights:',
];

function takeOffer(build: Build, start: string): Build {
  const offers = checkBuild(build, starterLocker).findings.flatMap((finding) => finding.patches);
  const patch = offers.find((offer) => offer.id.startsWith(start));
  if (!patch) throw new Error(`no offer ${start}`);
  return applyEdits(build, patch.edits);
}

function acceptMinds(build: Build, reasons: Record<string, string>): Build {
  const minds = checkBuild(build, starterLocker).findings.filter((finding) => finding.severity === 'mind');
  return applyEdits(
    build,
    minds.map(({ id, margin, rule }) => ({
      type: 'accept',
      acceptance: { finding: id, margin, reason: reasonFor(rule, reasons), on: '2026-11-20T10:00:00.000Z' },
    })),
  );
}

function reasonFor(rule: string, reasons: Record<string, string>): string {
  const reason = reasons[rule];
  if (!reason) throw new Error(`no reason to accept ${rule}`);
  return reason;
}

/** The models as they were measured. */
const insides = {
  yacht: {
    form: 'wheeled yacht',
    length: 1.05,
    beam: 0.14,
    wheelbase: 0.9,
    track: 0.7,
    bareX: 0.5,
    bareZ: 0.02,
  },
  tractor: {
    form: 'ladder frame',
    length: 0.48,
    beam: 0.16,
    wheelbase: 0.3,
    track: 0.22,
    lid: 0.18,
    bareX: 0.24,
    bareZ: 0.03,
  },
  catamaran: {
    form: 'twin hull',
    length: 1.04,
    beam: 0.115,
    depth: 0.15,
    apart: 0.4,
    bareX: 0.52,
    bareZ: 0.07,
  },
} as const satisfies Record<string, ModelInside>;

const examples: { id: string; name: string; from: string; kilograms: number; inside: ModelInside }[] = [
  {
    id: 'touring-car',
    name: 'Touring car',
    from: 'touring car, 60 A, two cells, 12 AWG',
    kilograms: 1.5,
    inside: { form: 'car chassis', length: 0.37, wheelbase: 0.257, track: 0.165 },
  },
  {
    id: 'rock-crawler',
    name: 'Rock crawler',
    from: 'crawler with its own BEC, red wire lifted',
    kilograms: 2.4,
    inside: { form: 'ladder frame', length: 0.46, wheelbase: 0.31, track: 0.2 },
  },
  {
    id: 'quarry-excavator',
    name: 'Quarry excavator',
    from: 'excavator with four controllers on its own BEC',
    kilograms: 9,
    inside: { form: 'tracked tub', length: 0.6, wheelbase: 0.42, track: 0.3 },
  },
];

const planned = withFailSafes(tugAsPlanned());
const right = acceptMinds(placedAnew(takeOffer(placeLoose(taken.reduce(takeOffer, planned)), 'longer:')), {
  'contact-amps': 'The winch never hauls while the rudders are hard over.',
});
write('harbour-tug-as-planned', planned);
await draw('harbour-tug-as-planned', planned);
write(
  'salt-flat-yacht',
  acceptMinds(measuredWhereLong(laidOut(saltFlatYacht(), insides.yacht)), {
    'raw-fed-volts': 'Fresh cells for every sailing.',
    'pack-amps': 'Fresh cells for every sailing.',
  }),
);
write('field-tractor', measuredWhereLong(laidOut(fieldTractor(), insides.tractor)));
write('survey-catamaran', measuredWhereLong(laidOut(surveyCatamaran(), insides.catamaran)));
write('harbour-tug', { ...measuredWhereLong(right), id: 'harbour-tug-put-right', name: 'Harbour tug' });

// An example of each kind of model that the demos leave out, from builds that the tests keep sound.
for (const { id, name, from, kilograms, inside } of examples) {
  const sound = soundBuilds[from];
  if (!sound) throw new Error(`no sound build ${from}`);
  const build = { ...sound, id, name, brief: { ...sound.brief, kilograms } };
  write(id, measuredWhereLong(laidOut(build, inside)));
}

function write(name: string, build: Build): void {
  writeFileSync(
    new URL(`../demo/${name}.dryhull.json`, import.meta.url),
    writeBuildFile(withFailSafes(build)),
  );
}

/** The wiring picture of a demo as it is laid out by the page, so that a first visit need not. */
async function draw(name: string, build: Build): Promise<void> {
  const asked = elkGraph(loomModel(readingOf(build, starterLocker)));
  const positions = await new ELK().layout(structuredClone(asked) as ElkNode);
  writeFileSync(
    new URL(`../demo/${name}.picture.json`, import.meta.url),
    JSON.stringify({ asked: JSON.stringify(asked), positions }),
  );
}
