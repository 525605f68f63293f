import { describe, expect, it } from 'vitest';
import type { LockerItem } from '../kinds/locker-item';
import { starterPart } from '../starter/starter-locker';
import { readLockerFile, writeLockerFile } from './locker-file';
import { readBuildFile } from './read-file';

const servo = starterPart('servo-standard');
const mine: LockerItem = {
  part: { ...servo, id: 'own-1', name: 'my servo' },
  state: 'own',
  price: 12.5,
  isStarter: false,
};
const photo = 'data:image/png;base64,iVBORw0KGgo=';
const noted: LockerItem = { part: servo, state: 'mightBuy', photo, isStarter: true };
const untouched: LockerItem = { part: starterPart('bec-8a'), state: 'catalogue', isStarter: true };
const starterIds = new Set([servo.id, 'bec-8a']);
const text = writeLockerFile([noted, untouched, mine]);

/** The file's text with one entry changed. */
function changed(change: (entry: Record<string, unknown>) => void): string {
  const file = JSON.parse(text) as { locker: Record<string, unknown>[] };
  change(file.locker[0]!);
  return JSON.stringify(file);
}

function refusal(of: string): string {
  const read = readLockerFile(of, starterIds);
  if (read.ok) throw new Error('the file was taken');
  return `${read.problem.where}: ${read.problem.why}`;
}

describe('a locker file', () => {
  it('holds what is one’s own and what one noted, and comes back the same', () => {
    const read = readLockerFile(text, starterIds);
    expect(read.ok && read.value).toEqual([mine, noted]);
    expect(read.ok && writeLockerFile(read.value)).toBe(text);
  });

  it('is told apart from a build file, both ways', () => {
    const asBuild = readBuildFile(text);
    expect(!asBuild.ok && asBuild.problem.why).toContain('a build file was expected');
    expect(refusal('{"format":"dry-hull","version":1,"build":{}}')).toContain('a locker file was expected');
  });

  it.each([
    ['another field', changed((entry) => (entry.colour = 'red')), 'locker[0].colour: is not a field'],
    ['an unknown state', changed((entry) => (entry.state = 'lost')), 'locker[0].state: must be one of'],
    [
      'a photograph that is a script',
      changed((entry) => (entry.photo = 'javascript:alert(1)')),
      'locker[0].photo: must be a small',
    ],
    ['a price below nothing', changed((entry) => (entry.price = -1)), 'locker[0].price: must lie between'],
    [
      'an unknown kind',
      changed((entry) => (entry.part = { kind: 'kettle' })),
      'locker[0].part.kind: must be',
    ],
    ['no sheet', changed((entry) => delete entry.part), 'locker[0].part.kind: must be'],
    [
      'a figure that is absurd',
      changed(
        (entry) => ((entry.part as { minVolts: object }).minVolts = { value: 900, provenance: 'stated' }),
      ),
      'locker[0].part.minVolts',
    ],
    ['a number for the list', '{"format":"dry-hull","version":1,"locker":3}', 'locker: must be a list'],
    ['no JSON', text.slice(0, 40), 'line'],
  ])('is refused whole with %s', (_, broken, says) => {
    expect(refusal(broken)).toContain(says);
  });

  it('is refused with a part that is there twice', () => {
    const file = JSON.parse(text) as { locker: unknown[] };
    file.locker.push(file.locker[0]);
    expect(refusal(JSON.stringify(file))).toBe('locker[2].part.id: "own-1" is there twice');
  });
});
