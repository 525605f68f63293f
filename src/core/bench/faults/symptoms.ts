import { capital } from '../../base/words/sentences';
import type { Reading } from '../../reading/build-reading/reading';
import type { FaultTable } from './fault-table';
import type { Evidence } from './finder';

/** Something that a person may see at a model with something wrong, and of which parts it can be said. */
export interface Symptom {
  id: string;
  /** As a person says it: `It goes the wrong way`. */
  words: string;
  /** The parts that may do so, each with what it tells the finder. */
  sights: { name: string; evidence: Evidence[] }[];
}

/** Symptoms in plain words, by the sort of test that shows them and its answer; the gravest first. */
const plain: readonly { id: string; test: RegExp; seen: string; words: string }[] = [
  { id: 'dead', test: /^lamp:/, seen: 'dark', words: 'Nothing at all: the receiver’s lamp is dark' },
  {
    id: 'deaf',
    test: /^lamp:/,
    seen: 'searching',
    words: 'The receiver’s lamp blinks: nothing answers the sticks',
  },
  { id: 'unarmed', test: /^tones:/, seen: 'beepsOn', words: 'A controller beeps on and does not arm' },
  { id: 'silent', test: /^tones:/, seen: 'silent', words: 'A controller is silent' },
  { id: 'still', test: /^stick:/, seen: 'nothing', words: 'One thing does nothing' },
  { id: 'other', test: /^stick:/, seen: 'another', words: 'Another part moves instead' },
  { id: 'wrong-way', test: /^stick:/, seen: 'reversed', words: 'It goes the wrong way' },
  { id: 'one-way', test: /^stick:/, seen: 'oneWay', words: 'It goes one way only' },
  { id: 'weak', test: /^stick:/, seen: 'weak', words: 'It is weak, jerks or drops out' },
  { id: 'whirs', test: /^stick:/, seen: 'whirs', words: 'A servo whirs, but its arm stands still' },
];

/** The symptoms that this build can show, each with the parts that it may be seen at. */
export function symptomsOf(
  { index }: Pick<Reading, 'index'>,
  { tests }: Pick<FaultTable, 'tests'>,
): Symptom[] {
  const sticks = tests.filter((each) => each.id.startsWith('stick:'));
  const lamps = tests.filter((each) => each.id.startsWith('lamp:'));
  /** What goes without saying: what moves hears its radio; where one thing does nothing, the others do as planned. */
  const taken = (symptom: string, test: string): Evidence[] => [
    ...(test.startsWith('stick:') ? lamps.map(({ id }) => ({ test: id, seen: 'steady' })) : []),
    ...(symptom === 'still'
      ? sticks.filter(({ id }) => id !== test).map(({ id }) => ({ test: id, seen: 'asPlanned' }))
      : []),
  ];
  return plain
    .map(({ id, test, seen, words }): Symptom => ({
      id,
      words,
      sights: tests
        .filter((each) => test.test(each.id) && each.answers.some((answer) => answer.id === seen))
        .map((each) => {
          const fitting = each.id.slice(each.id.lastIndexOf(':') + 1);
          const name = index.has(fitting) ? index.get(fitting).fitting.name : fitting;
          return {
            name: capital(name),
            evidence: [...taken(id, each.id), { test: each.id, seen }],
          };
        }),
    }))
    .filter(({ sights }) => sights.length > 0);
}

/**
 * What is left to go by once the last thing seen is taken back: a symptom goes with all that went without saying in it.
 */
export function withoutLast(
  symptoms: readonly Symptom[],
  evidence: readonly Evidence[],
): readonly Evidence[] {
  const isBegin = (sight: readonly Evidence[]): boolean =>
    sight.every(({ test, seen }, n) => evidence[n]?.test === test && evidence[n].seen === seen);
  const began = symptoms.flatMap(({ sights }) => sights).find((sight) => isBegin(sight.evidence));
  const left = evidence.slice(0, -1);
  return began && left.length < began.evidence.length ? [] : left;
}
