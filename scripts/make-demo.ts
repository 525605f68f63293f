/** Writes the demo builds: the tug as planned, the tug put right by the app's own offers, the yacht, the tractor and the catamaran. */
import { writeFileSync } from 'node:fs';
import { applyEdits } from '../src/core/plan/edits';
import type { Build } from '../src/core/plan/build';
import { checkBuild } from '../src/core/check/check-build';
import { writeBuildFile } from '../src/core/file/write-file';
import { starterLocker } from '../src/core/starter/starter-locker';
import { fieldTractor } from './field-tractor';
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

const planned = tugAsPlanned();
const right = acceptMinds(taken.reduce(takeOffer, planned), {
  'rail-volts-low': 'Calm water only; the rudders are large.',
  'contact-amps': 'The winch never hauls while the rudders are hard over.',
});
write('harbour-tug-as-planned', planned);
write(
  'salt-flat-yacht',
  acceptMinds(saltFlatYacht(), {
    'raw-fed-volts': 'Fresh cells for every sailing.',
    'pack-amps': 'Fresh cells for every sailing.',
  }),
);
write('field-tractor', fieldTractor());
write('survey-catamaran', surveyCatamaran());
write('harbour-tug', { ...right, id: 'harbour-tug-put-right', name: 'Harbour tug' });

function write(name: string, build: Build): void {
  writeFileSync(new URL(`../demo/${name}.dryhull.json`, import.meta.url), writeBuildFile(build));
}
