import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { checkBuild } from '../../judgement/check/check-build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { planProcedure } from './plan-procedure';
import { stepAid } from './step-aid';

const aided = (name: string, change = (build: ReturnType<typeof demoBuild>) => build) => {
  const { context } = checkBuild(change(demoBuild(name)), starterLocker);
  return planProcedure(context).map((step) => ({ step, aid: stepAid(context, step) }));
};

describe('what a step needs at hand', () => {
  it('goes by the wire that is soldered, and its number in the lists', () => {
    const joints = (awg: number) =>
      aided('harbour-tug', (build) =>
        applyEdits(
          build,
          build.leads.map(({ id }) => ({ type: 'setGauge' as const, lead: id, awg })),
        ),
      ).filter(({ step }) => step.id.startsWith('joint:'));
    const bare = aided('harbour-tug', (build) => ({
      ...build,
      leads: build.leads.map(({ awg: _, ...lead }) => lead),
    })).find(({ step }) => step.id.startsWith('joint:'));
    // Nothing not known is guessed.
    expect(bare!.aid.kit[0]).toMatch(/30 W.*60 W/);
    const [thin] = joints(22);
    const [thick] = joints(12);
    expect(thin!.aid.kit[0]).toContain('fine tip');
    expect(thick!.aid.kit[0]).toContain('60 W');
    const shrink = ({ aid }: { aid: { kit: string[] } }) =>
      Number(/of ([\d.]+) mm/.exec(aid.kit.join())?.[1]);
    expect(shrink(thick!)).toBeGreaterThan(shrink(thin!));
    expect(thick!.aid.kit.join()).toMatch(/label L\d+/);
  });

  it('asks for a meter with room over the highest figure, and for what each part is held by', () => {
    const steps = aided('harbour-tug');
    for (const { step, aid } of steps.filter(({ step: { measurement } }) => measurement?.unit === 'V')) {
      const range = Number(/at least (\d+) V/.exec(aid.kit.join())?.[1]);
      expect(range).toBeGreaterThan(step.measurement!.most);
    }
    const build = demoBuild('harbour-tug');
    for (const { step, aid } of steps.filter(({ step: { id } }) => id.startsWith('berth:'))) {
      const holds = build.fittings.flatMap(({ id, place }) =>
        step.touches.includes(id) && place?.hold !== undefined ? [place.hold] : [],
      );
      expect(aid.kit.some((line) => line.includes('strap'))).toBe(
        holds.some((hold) => hold.includes('strap')),
      );
    }
  });

  it.each(['harbour-tug', 'field-tractor', 'salt-flat-yacht', 'survey-catamaran'])(
    'of the %s: whatever is done with the pack out says what to do where it does not come out',
    (name) => {
      for (const { step, aid } of aided(name).filter(
        ({ step: { phase } }) => phase === 'prepare' || phase === 'inspect',
      ))
        expect(aid.ifNot ?? step.measurement, step.id).toBeDefined();
    },
  );
});
