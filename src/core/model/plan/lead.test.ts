import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import { describeEdit } from '../../judgement/check/describe-edit';
import { leadRows } from '../../desk/loom/lead-rows';
import { lookProbes } from '../../bench/faults/look-probes';
import { candidateFaults } from '../../bench/faults/candidate-faults';
import { BuildIndex } from './build-index';
import { applyEdits } from './edits';
import { isJoined, joinedAgain, joinedAgainWords, type Conductor, type WireState } from './lead';

const wire = (state: WireState): Conductor => ({ from: 'plus', to: 'plus', colour: 'red', state });
const states: readonly WireState[] = ['whole', 'lifted', 'cut', 'spliced'];
const id = 'esc-lead--rx-3';
/** The tub with the red wire of its controller in some state. */
const tubWith = (state: WireState) => {
  const lead = tub().leads.find((each) => each.id === id)!;
  return applyEdits(tub(), [
    {
      type: 'setConductors',
      lead: id,
      conductors: lead.conductors.map((each) => (each.from === 'plus' ? { ...each, state } : each)),
    },
  ]);
};

describe('a wire', () => {
  it('joins its contacts whole or spliced, and neither lifted nor cut', () => {
    expect(states.filter((state) => isJoined({ state }))).toEqual(['whole', 'spliced']);
    const fed = (state: WireState) => readingOf(tubWith(state), []).survey.supplyOf('rx')?.status === 'fed';
    expect(states.filter(fed)).toEqual(['whole', 'spliced']);
  });

  it('is joined again the way that it was parted', () => {
    expect(states.map((state) => joinedAgain(wire(state)).state)).toEqual([
      'whole',
      'whole',
      'spliced',
      'spliced',
    ]);
    expect(joinedAgainWords({ state: 'cut' }, 'red wire')).toBe('Solder the cut red wire together');
    expect(joinedAgainWords({ state: 'lifted' }, 'red wire')).toBe('Put the red wire back in');
  });

  it.each(states)('that is %s is told so wherever its lead is told', (state) => {
    const build = tubWith(state);
    const context = readingOf(build, []);
    const row = leadRows(context).find((each) => each.id === id)!;
    const red = row.conductors.find((words) => words.startsWith('red'))!;
    expect(red).toBe(state === 'whole' ? 'red: plus' : `red: plus, ${state}`);
    const { conductors } = build.leads.find((each) => each.id === id)!;
    const words = describeEdit(
      new BuildIndex(build),
      { type: 'setConductors', lead: id, conductors },
      new Map(),
    );
    expect(words).toContain(
      { whole: 'red to plus', lifted: 'red lifted', cut: 'red cut', spliced: 'red to plus, spliced' }[state],
    );
  });

  it('that is cut is no candidate for a wire that slipped back in, and one that is lifted is', () => {
    const faults = (state: WireState) =>
      candidateFaults(readingOf(tubWith(state), []))
        .map((fault) => fault.id)
        .filter((each) => each.startsWith('red-'));
    expect(faults('lifted')).toEqual([`red-in:${id}`]);
    expect(faults('whole')).toEqual([`red-lifted:${id}`]);
    expect(faults('cut')).toEqual([]);
  });

  it('is looked for in the state that the plan has it in', () => {
    const context = readingOf(tubWith('cut'), []);
    const look = lookProbes(context, candidateFaults(context)).find(({ test }) => test.id === `plug:${id}`)!;
    expect(look.test.words).toContain('red cut');
  });
});
