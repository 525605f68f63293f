import { carrierId } from '../../model/fitting/component-id';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { demoBuild, demoNames, exampleNames } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { variedLocker } from '../../../../tests/kit/varied-locker';
import { checkBuild } from '../../judgement/check/check-build';
import { exchange } from '../../judgement/put-right/swap-part';
import type { LockerItem } from '../../model/kinds/locker-item';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { readingOf } from '../../reading/build-reading/reading';
import { problemOf } from './match-build';
import type { Screen } from './role';
import { rolesOf } from './roles';

const items: LockerItem[] = starterLocker.map((part) => ({ part, state: 'catalogue', isStarter: true }));

const rolesIn = (build: Build) => rolesOf({ build, edits: [], added: new Set() }, items, { stock: 'all' });

/** The build with every regulator set as Match takes it to be. */
const withSettings = (build: Build): Build =>
  applyEdits(
    build,
    rolesIn(build).flatMap(({ fittings, now }) =>
      now?.railVolts === undefined
        ? []
        : fittings
            .filter((id) => carrierId(id) === id)
            .map((fitting) => ({ type: 'setRegulatorVolts' as const, fitting, volts: now.railVolts! })),
    ),
  );

/** The limits that what stands in a build passes, in the eyes of Match. */
function refusing(build: Build): Screen[] {
  const roles = rolesIn(build);
  const standing = roles.map(({ now }) => now);
  return problemOf(build, starterLocker, roles).screens.filter(
    (screen) => (screen.margin(standing) ?? 0) < 0,
  );
}

/** Rules whose limits Match judges by too. */
const shared = [
  'controller-volts',
  'raw-fed-volts',
  'rail-volts-high',
  'rail-volts-low',
  'motor-speed',
  'motor-kind',
  'brushed-turns',
  'controller-amps',
  'pack-amps',
  'rail-amps',
  'linear-regulator-heat',
  'pack-no-cutoff',
  'cutoff-mode',
  'channel-count',
  'link-protocol',
  'mix-count',
  'channel-settings',
  'integrated-receiver',
  'servo-torque',
];
const stopsOf = (build: Build): string[] =>
  checkBuild(build, starterLocker)
    .findings.filter(({ severity, rule }) => severity === 'stop' && shared.includes(rule))
    .map(({ messageId }) => messageId);

const sound: Record<string, Build> = {
  ...soundBuilds,
  ...Object.fromEntries(
    [...demoNames, ...exampleNames]
      .filter((name) => !name.endsWith('as-planned'))
      .map((name) => [name, demoBuild(name)]),
  ),
};

describe('a limit, which is stated once', () => {
  it.each(Object.entries(sound))('refuses no part that stands in %s', (_, build) => {
    expect(stopsOf(build)).toEqual([]);
    expect(refusing(build).map(({ words }) => words)).toEqual([]);
  });

  it('refuses nothing in a changed build in which the check has no stop', () => {
    let looked = 0;
    fc.assert(
      fc.property(runs, (run) => {
        const build = changed(run);
        // What is not wired up draws nothing yet.
        fc.pre(isAllFed(build));
        fc.pre(checkBuild(build, starterLocker).findings.every(({ severity }) => severity !== 'stop'));
        looked += 1;
        expect(
          refusing(build)
            .filter(isWired)
            .map(({ words }) => words),
        ).toEqual([]);
      }),
      { numRuns: 100, seed: 30 },
    );
    expect(looked).toBe(100);
  });

  it('that a part of a random locker passes is a stop of the check, and a stop of volts is refused', () => {
    const all = Object.values(sound);
    const made = Array.from({ length: 6 }, (_, seed) => variedLocker(120, seed)).flat();
    let refused = 0;
    let stopped = 0;
    for (const [n, { part }] of made.entries()) {
      if (part.kind === 'cable') continue;
      const build = all[n % all.length]!;
      // Fittings that are alike have one part.
      const there = rolesIn(build).filter(({ kind, isOpen }) => isOpen && kind === part.kind);
      const at = there[n % Math.max(there.length, 1)];
      if (!at) continue;
      const edits = exchange(build, at.fittings, part);
      // What its leads do not go to is not wired, and judged by nobody.
      if (edits.some(({ type }) => type === 'removeLead')) continue;
      // A BEC more or less is a matter of red wires.
      const stood = at.now?.part;
      if (part.kind === 'controller' && stood?.kind === 'controller' && !part.regulator !== !stood.regulator)
        continue;
      const swapped = withSettings(applyEdits(build, edits));
      const words = refusing(swapped)
        .filter(
          (screen) => !screen.isWish && !screen.id.startsWith('plug:') && !screen.id.startsWith('room:'),
        )
        .map((screen) => screen.words);
      const stops = stopsOf(swapped);
      if (words.length > 0) {
        refused += 1;
        expect(stops, `${part.name} in ${build.name}: ${words.join()}`).not.toEqual([]);
      }
      const sure = stops.filter((message) => exact.includes(message));
      if (sure.length > 0) {
        stopped += 1;
        expect(words, `${part.name} in ${build.name}: ${sure.join()}`).not.toEqual([]);
      }
    }
    expect(refused).toBeGreaterThan(20);
    expect(stopped).toBeGreaterThan(20);
  });
});

/** What needs no solved network to be told; all else is for the check once parts are wired. */
const exact = ['tooManyVolts', 'tooManyCells', 'tooFewCells', 'wrongKind', 'tooFewTurns', 'tooFewChannels'];

/** Whether power reaches every part that takes any, and every motor. */
function isAllFed(build: Build): boolean {
  const { survey, index } = readingOf(build, []);
  const motors = index.ofKind('motor').every(({ fitting }) => survey.controllerOf(fitting.id));
  return motors && survey.supplies.every(({ status }) => status === 'fed');
}

/** Plugs and rooms are for the wiring and the Berths to judge, wishes for nobody. */
const isWired = ({ id, isWish }: Screen): boolean =>
  !isWish && !id.startsWith('plug:') && !id.startsWith('room:');
