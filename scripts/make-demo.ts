/** Writes the demo builds: the tug as planned, and the tug put right by taking the app's own offers. */
import { writeFileSync } from 'node:fs';
import { applyEdits } from '../src/core/build/edits';
import type { Build } from '../src/core/build/build';
import { checkBuild } from '../src/core/check/check-build';
import { writeBuildFile } from '../src/core/file/write-file';
import { starterLocker } from '../src/core/starter/starter-locker';
import { tugAsPlanned } from './tug-as-planned';

/** The offers taken, in the order a builder would, by the start of their ids. */
const taken = [
  'stand-alone-bec:',
  'swap:monitor-pump:',
  'swap:tow-pack:',
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
  const offers = checkBuild(build, starterLocker).findings.flatMap((one) => one.patches);
  const patch = offers.find((one) => one.id.startsWith(start));
  if (!patch) throw new Error(`no offer ${start}`);
  return applyEdits(build, patch.edits);
}

function acceptMinds(build: Build): Build {
  const minds = checkBuild(build, starterLocker).findings;
  const reason = 'Calm water only; the rudders are large.';
  return applyEdits(
    build,
    minds.map(({ id, margin }) => ({
      type: 'accept',
      acceptance: { finding: id, margin, reason, on: '2026-11-20T10:00:00.000Z' },
    })),
  );
}

const planned = tugAsPlanned();
const right = acceptMinds(taken.reduce(takeOffer, planned));
write('harbour-tug-as-planned', planned);
write('harbour-tug', { ...right, id: 'harbour-tug-put-right', name: 'Harbour tug' });

function write(name: string, build: Build): void {
  writeFileSync(new URL(`../demo/${name}.dryhull.json`, import.meta.url), writeBuildFile(build));
}
