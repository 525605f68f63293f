import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { controlKinds, type ControlKind, type ControlSpec } from '../../model/kinds/transmitter/transmitter';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import type { ModelFunction } from '../../model/plan/model-function';
import { assignRadio } from './assign-radio';
import { controlMisfit } from './control-fit';

const withControls = (controls: ControlSpec[]) => ({
  'transmitter-10': (part: PartSpec) => ({ ...part, controls }) as PartSpec,
});
const control = (kind: ControlKind, n: number): ControlSpec => ({ id: `c${n}`, name: `control ${n}`, kind });

/** A tub whose functions are these, none of them given anything yet. */
function bare(functions: ModelFunction[], controls: ControlSpec[]): Build {
  return { ...tub({ sheets: withControls(controls) }), functions, leads: [] };
}

const wish = fc.record({
  wants: fc.constantFrom(...controlKinds),
  stage: fc.constantFrom<1 | 2 | 3>(1, 2, 3),
});
const cost = ({ stage = 1 }: ModelFunction) => 10_000 / stage;

/** The least that goes without, by trying every way. */
function leastWithout(functions: readonly ModelFunction[], controls: readonly ControlSpec[]): number {
  const [first, ...rest] = functions;
  if (!first) return 0;
  return Math.min(
    cost(first) + leastWithout(rest, controls),
    ...controls
      .filter(({ kind }) => controlMisfit(first.wants, kind) === undefined)
      .map((given) =>
        leastWithout(
          rest,
          controls.filter((each) => each !== given),
        ),
      ),
  );
}

describe('assignRadio', () => {
  it('leaves without what trying every way leaves without', () => {
    fc.assert(
      fc.property(
        fc.array(wish, { minLength: 1, maxLength: 6 }),
        fc.array(fc.constantFrom(...controlKinds), { maxLength: 6 }),
        (wishes, kinds) => {
          const functions = wishes.map(({ wants, stage }, n): ModelFunction => ({
            id: `f${n}`,
            name: `Function ${n}`,
            role: 'lights',
            wants,
            stage,
            devices: [],
          }));
          const controls = kinds.map(control);
          const { assigned, conflicts } = assignRadio(bare(functions, controls));
          const without = conflicts
            .filter(({ wants }) => wants === 'control')
            .flatMap((each) => each.without);
          expect(without.reduce((sum, each) => sum + cost(each), 0)).toBeCloseTo(
            leastWithout(functions, controls),
            6,
          );
          const given = assigned.flatMap(({ change }) => change.control ?? []);
          expect(new Set(given).size).toBe(given.length);
          expect(given.length + without.length).toBe(functions.length);
        },
      ),
    );
  });

  it('keeps the throttle where the receiver’s map has it, and steers on the first', () => {
    const build = tub({ without: ['esc', 'rudder'] });
    const functions = build.functions.map(({ channel: _, control: __, ...rest }) => rest);
    const { assigned, conflicts } = assignRadio({ ...build, functions });
    expect(conflicts).toEqual([]);
    expect(Object.fromEntries(assigned.map(({ function: { id }, change }) => [id, change]))).toEqual({
      steer: { channel: 1, control: 'right-x' },
      drive: { channel: 3, control: 'right-y' },
    });
  });

  it('gives the wheel to the steering, the trigger to the drive, and each track the stick of its side', () => {
    const given = (functions: ModelFunction[], controls: ControlSpec[]) =>
      Object.fromEntries(
        assignRadio(bare(functions, controls)).assigned.map(({ function: { name }, change }) => [
          name,
          change.control,
        ]),
      );
    const wants = 'centring' as const;
    const of = (name: string, role: 'steer' | 'drive'): ModelFunction => ({
      id: name,
      name,
      role,
      wants,
      devices: [],
    });
    const named = (id: string, name: string): ControlSpec => ({ id, name, kind: wants });
    expect(
      given(
        [of('Drive', 'drive'), of('Steering', 'steer')],
        [named('wheel', 'steering wheel'), named('trigger', 'throttle trigger')],
      ),
    ).toEqual({ Drive: 'trigger', Steering: 'wheel' });
    const sticks = ['right', 'left'].flatMap((side) => [
      named(`${side}-x`, `${side} stick, sideways`),
      named(`${side}-y`, `${side} stick, up and down`),
    ]);
    expect(
      given([of('Left track', 'drive'), of('Right track', 'drive'), of('Slew', 'steer')], sticks),
    ).toMatchObject({ 'Left track': 'left-y', 'Right track': 'right-y' });
  });

  it('names who wants the same, where there are too few of a kind', () => {
    const lamp = (id: string, stage?: 2): ModelFunction => ({
      id,
      name: id,
      role: 'lights',
      wants: 'threePosition',
      devices: [],
      ...(stage && { stage }),
    });
    const build = bare([lamp('Lamps', 2), lamp('Lock')], [control('threePosition', 1)]);
    const [conflict] = assignRadio(build).conflicts;
    expect(conflict?.without.map(({ id }) => id)).toEqual(['Lamps']);
    expect(conflict?.rivals.map(({ id }) => id)).toEqual(['Lock']);
  });

  it('says so when channels run out', () => {
    const many = Array.from({ length: 12 }, (_, n): ModelFunction => ({
      id: `f${n}`,
      name: `Function ${n}`,
      role: 'mechanism',
      wants: 'staying',
      devices: [],
    }));
    const conflict = assignRadio(bare(many, [])).conflicts.find(({ wants }) => wants === 'channel');
    expect(conflict?.without).toHaveLength(4);
  });
});
