import type { StepState } from '../procedure/step-states';
import type { Step } from '../procedure/step';
import type { BenchTest } from './bench-test';
import type { FaultTable, KnownFault } from './fault-table';
import type { Evidence } from './finder';

/** The front door of the finder: no step failed, something is wrong with a model that worked, or was never ticked. */
export const frontDoor: StepState = {
  step: {
    id: 'something-is-wrong',
    phase: 'power',
    title: 'Something is wrong',
    lines: [],
    cautions: [],
    needsPower: true,
    isHold: false,
    touches: [],
  },
  state: 'open',
  tick: undefined,
  heldBy: undefined,
  verdict: undefined,
};

/** What shows whether a step did what it says: the lamp, the tones, the controls that it is about. */
export function testsOfStep({ tests }: Pick<FaultTable, 'tests'>, { id }: Pick<Step, 'id'>): BenchTest[] {
  const [sort = '', about = ''] = [id.slice(0, id.indexOf(':')), id.slice(id.indexOf(':') + 1)];
  const those = (start: string) => tests.filter((test) => test.id.startsWith(start));
  if (id === 'bind' || id === 'pack-in' || id === 'transmitter-on') return those('lamp:');
  if (sort === 'arm') return tests.filter((test) => test.id === `tones:${about}`);
  if (sort === 'function' || sort === 'end-points') return those(`stick:${about}:`);
  if (sort === 'centre')
    return tests.filter((test) => test.id.startsWith('stick:') && test.id.endsWith(`:${about}`));
  return [...those('lamp:'), ...those('tones:'), ...those('stick:')];
}

/** What a test shows where nothing is wrong. */
function soundAnswer({ faults, tests, shown }: FaultTable, test: string): string | number | undefined {
  const row = faults.findIndex(({ id }) => id === 'nothing');
  return shown[row]?.[tests.findIndex(({ id }) => id === test)];
}

/** Steps that show something when they are done. */
const isShowing = ({ id }: Step): boolean => id === 'bind' || /^(arm|function):/.test(id);

/** What the steps that are done have shown already. */
export const evidenceOfSteps = (table: FaultTable, states: readonly StepState[]): Evidence[] =>
  states
    .filter(({ step, state }) => state === 'done' && isShowing(step))
    .flatMap(({ step }) => testsOfStep(table, step))
    .flatMap(({ id }): Evidence[] => {
      const seen = soundAnswer(table, id);
      return seen === undefined ? [] : [{ test: id, seen }];
    });

/** Steps to do again once a fault is put right: the one that failed, and those about the parts that were touched. */
export function stepsToRepeat(
  steps: readonly Step[],
  { touches }: Pick<KnownFault, 'touches'>,
  failed: string,
  radio: ReadonlySet<string>,
): Step[] {
  // Whoever moves one plug at the receiver need not bind again.
  const own = touches.filter((id) => !radio.has(id));
  const about = new Set(own.length > 0 ? own : touches);
  return steps.filter(
    (step) =>
      step.id === failed ||
      (step.lead !== undefined ? about.has(step.lead) : step.touches.some((id) => about.has(id))),
  );
}

/** Fittings that were worked on last: what the steps ticked on the last day are about, where that is not nearly all. */
export function lastWorkedOn(states: readonly StepState[]): Set<string> {
  const done = states.filter(({ tick }) => tick !== undefined);
  const lastDay = done
    .map(({ tick }) => tick!.on.slice(0, 10))
    .sort()
    .at(-1);
  const recent = done.filter(({ tick }) => tick!.on.slice(0, 10) === lastDay);
  if (recent.length > done.length / 2) return new Set();
  return new Set(
    recent.flatMap(({ step }) => [...step.touches, ...(step.lead === undefined ? [] : [step.lead])]),
  );
}
