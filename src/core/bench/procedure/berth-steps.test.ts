import { describe, expect, it } from 'vitest';
import { berthed } from '../../../../tests/kit/berthed';
import { readingOf } from '../../reading/build-reading/reading';
import { shoppingList } from '../../desk/lists/shopping-list';
import type { Build } from '../../model/plan/build';
import { starterLocker } from '../../model/starter/starter-locker';
import { berthSteps, threadSteps } from './berth-steps';

const contextOf = (build: Build) => readingOf(build, starterLocker);

describe('steps of the berths', () => {
  it('fix part by part, room by room from aft, with figures from the plan', () => {
    const steps = berthSteps(contextOf(berthed()));
    expect(steps.map(({ title }) => title)).toEqual([
      'Fix what lies in the after room',
      'Fix what lies in the fore room',
      'Float it level',
    ]);
    expect(steps[1]!.lines).toContain(
      'Receiver: 420 mm from aft, 70 mm to port, 20 mm up; held by double-sided tape, on clean, dry ground.',
    );
    expect(steps[1]!.touches).toEqual(['esc', 'rx', 'pack']);
  });

  it('are none where nobody told the inside, and weigh what does not float', () => {
    const { inside: _, ...build } = berthed();
    expect(berthSteps(contextOf(build))).toEqual([]);
    const car = berthed({ inside: { form: 'car chassis' } });
    expect(berthSteps(contextOf(car)).at(-1)!.title).toBe('Weigh it, axle by axle');
  });

  it('thread a lead before its plug is fitted, where it goes through a hole', () => {
    const build = berthed();
    const threaded = {
      ...build,
      leads: build.leads.map((lead) => (lead.id.startsWith('rudder') ? { ...lead, isThreaded: true } : lead)),
    };
    expect(threadSteps(contextOf(build))).toEqual([]);
    const [step] = threadSteps(contextOf(threaded));
    expect(step?.title).toContain('through the hole');
    expect(step?.touches).toEqual(['rudder', 'rx']);
  });

  it('put what holds the parts on the shopping list', () => {
    const { lines } = shoppingList(contextOf(berthed()), []);
    const many = (what: string) => lines.find(({ cells }) => cells[0] === what)?.cells.slice(1, 3);
    expect(many('Hook-and-loop strap')).toEqual(['1', 'pack']);
    expect(many('Double-sided tape, 20 mm')).toEqual(['20 cm', 'controller, receiver']);
    expect(many('Self-tapping screws with washers')).toEqual(['8 and 2 spare', 'motor, rudder']);
  });
});
