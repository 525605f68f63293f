import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { presetsFor } from '../../reading/brief/function-presets';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import type { LockerItem } from '../../model/kinds/locker-item';
import type { Build, ModelKind } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { emptyBuild } from '../../model/plan/empty-build';
import { stated } from '../../base/validation/figure';
import { starterLocker } from '../../model/starter/starter-locker';
import { halfKnownBuilds } from '../../../../tests/kit/half-known';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub } from '../../../../tests/kit/tub';
import { usualMinutes } from '../trial/run-time';
import { matchBuild, type MatchTask } from './match-build';

const items = (change: (item: LockerItem, n: number) => Partial<LockerItem> = () => ({})): LockerItem[] =>
  starterLocker.map((part, n) => {
    const item: LockerItem = { part, state: 'catalogue', isStarter: true };
    return { ...item, ...change(item, n) };
  });

/** A build of which nothing is known but what it must do. */
function wished(model: ModelKind, functions: readonly string[]): Build {
  return presetsFor(model)
    .filter(({ id }) => functions.includes(id))
    .reduce(
      (build, { id, name, role, wants }) =>
        applyEdits(build, [{ type: 'addFunction', function: { id, name, role, wants, devices: [] } }]),
      emptyBuild('wished', 'Wished', model),
    );
}

/** A cube, so that no side of it is the low one. */
const sides = (metres: number) => ({ length: stated(metres), width: stated(metres), height: stated(metres) });

const task: MatchTask = { stock: 'all', most: 4 };
const stops = (build: Build) =>
  checkBuild(build, starterLocker).findings.filter(
    ({ severity, well }) => severity === 'stop' && well !== 'space',
  );

describe('what fits together', () => {
  it.each(['launch with two packs side by side', 'fast hull with two packs in series'])(
    'is offered for a %s, whose harness stays',
    (name) => {
      const { offers } = matchBuild(soundBuilds[name]!, items(), task)!;
      expect(offers.length).toBeGreaterThan(0);
      for (const { build, left } of offers) {
        expect(stops(build)).toEqual([]);
        expect(left).toEqual([]);
      }
    },
  );

  it('is never nothing without a cause, whatever is typed of the parts', () => {
    let offered = 0;
    for (const build of fc.sample(halfKnownBuilds, { numRuns: 5, seed: 5 })) {
      const own = build.parts.map((part) => ({ part, state: 'own' as const, isStarter: false }));
      const { offers, conflict, empty, refusals } = matchBuild(build, [...items(), ...own], {
        ...task,
        most: 2,
      })!;
      for (const offer of offers) expect(stops(offer.build)).toEqual([]);
      if (offers.length > 0) offered += 1;
      else expect([...conflict, ...empty, ...refusals]).not.toEqual([]);
    }
    expect(offered).toBeGreaterThanOrEqual(4);
  }, 180_000);

  it('around a board, which stays with all that sits on it', () => {
    const tractor = demoBuild('field-tractor');
    const items = starterLocker.map((part) => ({ part, state: 'catalogue' as const, isStarter: true }));
    const { offers } = matchBuild(tractor, items, task)!;
    expect(offers.length).toBeGreaterThan(0);
    for (const { build } of offers) {
      expect(stops(build)).toEqual([]);
      expect(build.fittings.find(({ id }) => id === 'board')?.part).toBe('board-receiver-6');
    }
  });

  it('has room for all of its parts where the inside is told, and lays out what does not fit or came in', () => {
    const tug = demoBuild('harbour-tug');
    const tight = (high: number): Build => {
      const { inside } = readingOf(tug, starterLocker).survey.layout;
      const berths = inside!.berths.map((berth) => ({ ...berth, high: Math.min(berth.high, high) }));
      return applyEdits(tug, [{ type: 'setInside', inside: { ...tug.inside!, berths, lid: high } }]);
    };
    const [pack] = tug.fittings.filter(({ part }) => part.startsWith('pack-'));
    const only = { ...task, open: new Set([pack!.id]) };
    const sized = items().map((item, n) =>
      item.part.kind === 'pack'
        ? { ...item, part: { ...item.part, ...sides(n % 2 === 0 ? 0.02 : 0.06) } }
        : item,
    );
    const { offers } = matchBuild(tight(0.1), sized, only)!;
    expect(offers.length).toBeGreaterThan(0);
    for (const { build } of offers) {
      const rules = checkBuild(build, starterLocker).findings.filter(({ severity }) => severity === 'stop');
      expect(rules.filter(({ rule }) => rule === 'berth-fit')).toEqual([]);
      expect(readingOf(build, []).survey.layout.loose).toEqual([]);
    }
    // Packs of 60 mm do not go under a lid of 50.
    const under = matchBuild(tight(0.05), sized, only)!;
    const sizesOf = under.offers.flatMap(({ roles }) => roles.map(({ part }) => part.height?.value));
    expect(new Set(sizesOf)).toEqual(new Set([0.02]));
  });

  it.each([
    ['car', ['steering', 'drive', 'lights']],
    ['boat', ['steering', 'drive', 'horn']],
    ['crawler', ['steering', 'drive', 'winch']],
    ['truck', ['steering', 'drive', 'gear-shift', 'lights']],
    ['tracked machine', ['left-track', 'right-track']],
    ['yacht', ['steering', 'sail']],
  ] as const)('is offered for a %s from nothing, wired and without a stop', (model, functions) => {
    const build = wished(model, functions);
    const { offers, searched } = matchBuild(build, items(), task)!;
    expect(offers.length).toBeGreaterThan(0);
    expect(searched.checked).toBeLessThan(searched.raw);
    for (const offer of offers) {
      expect(stops(offer.build)).toEqual([]);
      expect(offer.build.functions.every(({ devices }) => devices.length > 0)).toBe(true);
      // The edits make of the build what is shown.
      expect(applyEdits(build, offer.edits)).toEqual(offer.build);
      expect(offer.ladder.map(({ left }) => left)).toEqual(
        offer.ladder.map(({ left }) => left).sort((a, b) => a - b),
      );
    }
  });

  it('puts the tug right from its plan, faults and all', () => {
    const { offers } = matchBuild(demoBuild('harbour-tug-as-planned'), items(), task)!;
    expect(offers.length).toBeGreaterThan(0);
    for (const offer of offers) expect(stops(offer.build)).toEqual([]);
  });

  it('leaves what is not open as it is', () => {
    const build = demoBuild('harbour-tug');
    const [servo] = build.fittings.filter(({ part }) => part.startsWith('servo'));
    const { offers } = matchBuild(build, items(), { ...task, open: new Set([servo!.id]) })!;
    expect(offers.length).toBeGreaterThan(0);
    for (const offer of offers) {
      expect(Object.keys(offer.parts)).toEqual([servo!.id]);
      for (const fitting of build.fittings.filter(({ id }) => id !== servo!.id))
        expect(offer.build.fittings.find(({ id }) => id === fitting.id)?.part).toBe(fitting.part);
    }
  });

  it('spends nothing where everything lies on the shelf, and never more than there is', () => {
    const build = wished('boat', ['steering', 'drive']);
    const owned = matchBuild(
      build,
      items(() => ({ state: 'own', price: 20 })),
      task,
    )!;
    expect(owned.offers.every(({ money, buy }) => money === 0 && buy.length === 0)).toBe(true);
    const priced = items((_, n) => ({ price: 5 + ((n * 7) % 30) }));
    const { offers } = matchBuild(build, priced, { ...task, moneyLimit: 60 })!;
    expect(offers.length).toBeGreaterThan(0);
    for (const { money, buy } of offers) {
      expect(money).toBeLessThanOrEqual(60);
      expect(buy.reduce((sum, { price, count }) => sum + (price ?? 0) * count, 0)).toBeCloseTo(money, 6);
    }
  });

  it('says which wishes cannot all be had, and with any of them given up something fits', () => {
    const build = wished('boat', ['steering', 'drive']);
    const priced = items(() => ({ price: 50 }));
    const { offers, conflict, misses } = matchBuild(build, priced, { ...task, moneyLimit: 100 })!;
    expect(misses).toHaveLength(1);
    expect(misses[0]).toMatchObject({ lacks: 'no more than 100 to spend' });
    const [{ by, parts }] = misses as [(typeof misses)[number]];
    expect(by !== 'not at all' && 'money' in by && by.money).toBeGreaterThan(0);
    expect(parts.length).toBeGreaterThan(3);
    expect(offers).toEqual([]);
    expect(conflict).toEqual(['no more than 100 to spend']);
    // A transmitter of one link and receivers of the other.
    const apart = items().filter(({ part }) =>
      part.kind === 'transmitter'
        ? part.id === 'transmitter-6'
        : part.kind !== 'receiver' || part.id === 'receiver-6-holm',
    );
    const found = matchBuild(build, apart, task)!;
    expect(found.conflict).toEqual(['a link that both ends speak']);
    expect(found.misses.map(({ lacks, by }) => [lacks, by])).toEqual([
      ['a link that both ends speak', 'not at all'],
    ]);
  });

  it('names the roles that nothing is there for', () => {
    const build = wished('boat', ['steering', 'drive']);
    const { offers, empty } = matchBuild(build, items(), { ...task, stock: 'own' })!;
    expect(offers).toEqual([]);
    expect(empty).toContain('pack');
  });

  it('answers a cancel at once', () => {
    const build = wished('boat', ['steering', 'drive']);
    let asked = 0;
    const stopped = matchBuild(build, items(), task, {
      onProgress: () => {
        asked += 1;
        return false;
      },
    });
    expect(stopped).toBeUndefined();
    expect(asked).toBe(1);
  });
});

describe('minutes of an offer', () => {
  it('are those of the usual outing, as the Trial and the command line tell them', () => {
    const { offers } = matchBuild(tub(), items(), { ...task, most: 2 })!;
    expect(offers.length).toBeGreaterThan(0);
    for (const { build, runMinutes } of offers)
      expect(runMinutes).toBe(Math.round(usualMinutes(readingOf(build, []))!));
  });
});
