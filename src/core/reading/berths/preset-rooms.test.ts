import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { modelKinds, type ModelKind } from '../../model/plan/build';
import { emptyBuild } from '../../model/plan/empty-build';
import type { ModelInside } from '../../model/plan/model-inside';
import { insideOf } from './inside';
import { formsFor } from './inside-sizes';

/** Any shape that a kind of model may have, with some of its sizes told. */
const shapes = fc.constantFrom(...modelKinds).chain((model) =>
  fc.record({
    model: fc.constant(model),
    form: fc.constantFrom(...formsFor(emptyBuild('any', 'Any', model))),
    length: fc.option(fc.double({ min: 0.2, max: 2, noNaN: true }), { nil: undefined }),
    kilograms: fc.option(fc.double({ min: 0.3, max: 30, noNaN: true }), { nil: undefined }),
  }),
);

function roomsOf({
  model,
  form,
  length,
  kilograms,
}: {
  model: ModelKind;
  form: ModelInside['form'];
  length: number | undefined;
  kilograms: number | undefined;
}) {
  const build = emptyBuild('any', 'Any', model);
  return insideOf({
    ...build,
    brief: { ...build.brief, ...(kilograms !== undefined && { kilograms }) },
    inside: { form, ...(length !== undefined && { length }) },
  })!;
}

describe('the rooms that a model has until somebody measures them', () => {
  it('lie in the model, under its lid, and are boxes', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        const { berths, length, lid } = roomsOf(shape);
        expect(berths.length).toBeGreaterThan(0);
        for (const { x, z, long, wide, high } of berths) {
          expect(Math.min(long, wide, high)).toBeGreaterThan(0);
          expect(x).toBeGreaterThanOrEqual(-0.001);
          expect(x + long).toBeLessThanOrEqual(length + 0.001);
          expect(z).toBeLessThan(lid);
        }
      }),
    );
  });

  it('have names of their own, and holes that lead from one that is there to another', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        const { berths, passages, obstacles } = roomsOf(shape);
        const ids = [...berths, ...obstacles, ...passages].map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        const known = new Set(berths.map(({ id }) => id));
        for (const { from, to } of passages) {
          expect([known.has(from), known.has(to)]).toEqual([true, true]);
          expect(from).not.toBe(to);
        }
      }),
    );
  });

  it('hang together: a lead finds a way from any room to any other', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        const { berths, passages } = roomsOf(shape);
        const reached = new Set([berths[0]!.id]);
        for (let grew = true; grew;) {
          const before = reached.size;
          for (const { from, to } of passages)
            if (reached.has(from) || reached.has(to)) for (const id of [from, to]) reached.add(id);
          grew = reached.size > before;
        }
        expect([...reached].sort()).toEqual(berths.map(({ id }) => id).sort());
      }),
    );
  });

  it('are larger in a larger model', () => {
    fc.assert(
      fc.property(fc.constantFrom(...modelKinds), (model) => {
        for (const form of formsFor(emptyBuild('any', 'Any', model))) {
          const room = (length: number) =>
            roomsOf({ model, form, length, kilograms: undefined }).berths.reduce(
              (sum, { long }) => sum + long,
              0,
            );
          expect(room(1)).toBeGreaterThan(room(0.4));
        }
      }),
    );
  });
});
