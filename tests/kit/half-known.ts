import fc from 'fast-check';
import type { Build, ModelKind } from '../../src/core/model/plan/build';
import { sketchBuild } from '../../src/core/model/plan/sketch-build';
import type { ModelFunction } from '../../src/core/model/plan/model-function';
import type { PartSpec } from '../../src/core/model/kinds/part-spec';
import { starterLocker } from '../../src/core/model/starter/starter-locker';

/** What a person may not know of a part: its figures, its links and what it can be set to. */
const mayBeUnknown = (key: string, value: unknown): boolean =>
  key !== 'chemistry' &&
  (['protocols', 'modes', 'cutoffModes', 'turnLimits', 'cellLimits', 'settings', 'armsAt'].includes(key) ||
    (typeof value === 'object' && value !== null && 'value' in value && 'provenance' in value));

/** A sheet of which some is left out, by a row of coins. */
function halfOf(part: PartSpec, coins: readonly boolean[]): PartSpec {
  const known = Object.entries(part).filter(
    ([key, value], n) => !mayBeUnknown(key, value) || coins[n % coins.length],
  );
  const half = Object.fromEntries(known) as Record<string, unknown>;
  if ('protocols' in part && !('protocols' in half)) half.protocols = [];
  if (part.kind === 'servo' && !coins[0]) half.sheet = [];
  return half as unknown as PartSpec;
}

const ofKind = (kind: PartSpec['kind']) =>
  fc.constantFrom(...starterLocker.filter((part) => part.kind === kind));

/** Unwired models of parts that nobody matched, of whose sheets half is not known. */
export const halfKnownBuilds: fc.Arbitrary<Build> = fc
  .record({
    model: fc.constantFrom<ModelKind[]>('boat', 'car', 'crawler', 'truck', 'tracked machine', 'yacht'),
    servos: fc.array(ofKind('servo'), { minLength: 1, maxLength: 3 }),
    drives: fc.array(fc.tuple(ofKind('controller'), ofKind('motor')), { maxLength: 3 }),
    becs: fc.array(ofKind('bec'), { maxLength: 1 }),
    packs: fc.array(ofKind('pack'), { minLength: 1, maxLength: 2 }),
    receiver: ofKind('receiver'),
    transmitter: ofKind('transmitter'),
    coins: fc.array(fc.boolean(), { minLength: 24, maxLength: 24 }),
  })
  .map(({ model, servos, drives, becs, packs, receiver, transmitter, coins }) => {
    const parts = new Map<string, PartSpec>();
    const fit = (id: string, part: PartSpec, n: number) => {
      const turned = [...coins.slice(n), ...coins.slice(0, n)];
      parts.set(id, { ...halfOf(part, turned), id });
      return { id, name: id, part: id };
    };
    const works = (id: string, role: ModelFunction['role']): ModelFunction => ({
      id: `do-${id}`,
      name: `Work ${id}`,
      role,
      wants: 'centring',
      devices: [id],
    });
    const fittings = [
      ...servos.map((part, n) => fit(`servo-${n}`, part, n)),
      ...drives.flatMap(([controller, motor], n) => [
        fit(`esc-${n}`, controller, 5 + n),
        fit(`motor-${n}`, motor, 9 + n),
      ]),
      ...becs.map((part) => fit('bec', part, 13)),
      ...packs.map((part, n) => fit(`pack-${n}`, part, 14 + n)),
      fit('receiver', receiver, 17),
      fit('transmitter', transmitter, 19),
    ];
    const functions = [
      ...servos.map((_, n) => works(`servo-${n}`, n === 0 ? 'steer' : 'mechanism')),
      ...drives.map((_, n) => works(`esc-${n}`, 'drive')),
    ];
    return sketchBuild({ name: 'Half known', model, fittings, functions }, (id) => parts.get(id)!);
  });
