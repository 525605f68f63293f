import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { applyEdits } from '../../core/model/plan/edits';
import { emptyBuild } from '../../core/model/plan/empty-build';
import { starterLocker } from '../../core/model/starter/starter-locker';
import { guides, people, type GuideStep, type Person } from './guides';

type Seen = Parameters<GuideStep['isDone']>[0];

const tug = tub();
const still: Seen = {
  build: tug,
  before: tug,
  pathname: '/loom',
  view: null,
  isWellOpen: false,
  isPreviewing: false,
  stops: 12,
};
const ticked = applyEdits(tug, [
  { type: 'tick', tick: { step: 'stand', said: 'Stand', on: '2026-11-27T08:00:00.000Z' } },
]);
const fresh = emptyBuild('own', 'Own', 'car');
const [first, second, third] = starterLocker;
const withParts = applyEdits(
  fresh,
  [first!, second!, third!].map((part, n) => ({
    type: 'addFitting' as const,
    fitting: { id: `part-${n}`, name: part.name, part: part.id },
    part,
  })),
);
const wired = { ...withParts, leads: tug.leads.slice(0, 1) };
const laidOut = applyEdits(fresh, [{ type: 'setInside', inside: { form: 'car chassis' } }]);
const pulled = applyEdits(tug, [{ type: 'removeLead', lead: tug.leads[0]!.id }]);

/** What each kind of person does, step by step, as the page sees it. */
const deeds: Record<Person, Partial<Seen>[]> = {
  look: [
    { isWellOpen: true },
    { isPreviewing: true },
    { build: pulled },
    { pathname: '/trial' },
    { build: ticked },
  ],
  refit: [
    { build: fresh },
    { before: fresh, build: withParts },
    { before: withParts, build: wired },
    { stops: 0 },
    { view: 'refit' },
  ],
  own: [
    { build: fresh },
    { before: fresh, build: withParts },
    { before: withParts, build: wired },
    { before: fresh, build: laidOut },
    { pathname: '/trial' },
    { build: ticked },
  ],
};

describe.each(Object.keys(people) as Person[])('the first steps of who says: %s', (person) => {
  it('end one by one, each by its own deed and none by itself', () => {
    expect(guides[person]).toHaveLength(deeds[person].length);
    for (const [n, step] of guides[person].entries()) {
      const deed = { ...still, ...deeds[person][n] };
      const isBegunElsewhere = { ...still, build: deed.before, before: deed.before };
      expect(step.isDone(isBegunElsewhere), `${step.words} (before)`).toBe(false);
      expect(step.isDone(deed), `${step.words} (after)`).toBe(true);
    }
  });

  it('name a station by the digit that leads to it', () => {
    const digits = { Brief: 1, Loom: 3, Berths: 4, Trial: 5, 'Fit-out': 6 };
    for (const { words } of guides[person])
      for (const [, name, digit] of words.matchAll(/(Brief|Loom|Berths|Trial|Fit-out) \((\d)\)/g))
        expect(digits[name as keyof typeof digits], words).toBe(Number(digit));
  });
});
