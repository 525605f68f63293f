import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import { faultTable } from './fault-table';
import { findFault } from './finder';
import { symptomsOf, withoutLast } from './symptoms';

describe('the front door of the fault finder', () => {
  const context = readingOf(tub(), []);
  const table = faultTable(context);
  const symptoms = symptomsOf(context, table);

  it('says in plain words what may be seen, each at the parts that can show it', () => {
    expect(symptoms.map(({ id }) => id)).toEqual([
      'dead',
      'deaf',
      'unarmed',
      'silent',
      'still',
      'other',
      'wrong-way',
      'one-way',
      'weak',
      'whirs',
    ]);
    const sightsOf = (id: string) => symptoms.find((each) => each.id === id)!.sights.map(({ name }) => name);
    expect(sightsOf('still')).toEqual(['Rudder', 'Motor']);
    expect(sightsOf('whirs')).toEqual(['Rudder']);
  });

  it('gives the finder something that some fault explains, and a next test', () => {
    for (const { sights, words } of symptoms)
      for (const { evidence } of sights) {
        const { ranking } = findFault(table, evidence, { isPowerHeld: false, skipped: [] });
        expect(ranking[0]?.fault.id, words).not.toBe('nothing');
      }
    const [dead] = symptoms;
    expect(
      findFault(table, dead!.sights[0]!.evidence, { isPowerHeld: false, skipped: [] }).next,
    ).toBeDefined();
  });

  it('takes it that the rest works where one thing does nothing', () => {
    const rudder = symptoms.find(({ id }) => id === 'still')!.sights[0]!;
    expect(rudder.evidence).toContainEqual({ test: 'stick:drive:motor', seen: 'asPlanned' });
    const { ranking } = findFault(table, rudder.evidence, { isPowerHeld: false, skipped: [] });
    // What would silence all, such as a pack that is not plugged in, is out.
    for (const { fault } of ranking.slice(0, 3))
      expect(fault.label).toMatch(/rudder|port 1|channel 1|steering/i);
  });

  it('is taken back whole, and what was seen after it piece by piece', () => {
    const { evidence } = symptoms.find(({ id }) => id === 'still')!.sights[0]!;
    const more = [...evidence, { test: 'tones:esc', seen: 'armed' }];
    expect(withoutLast(symptoms, more)).toEqual(evidence);
    expect(withoutLast(symptoms, evidence)).toEqual([]);
  });

  it('asks of no part that a build does not have', () => {
    const tug = readingOf(demoBuild('harbour-tug'), []);
    const all = symptomsOf(tug, faultTable(tug)).flatMap(({ sights }) => sights);
    expect(all.length).toBeGreaterThan(20);
    for (const { name } of all) expect(name).not.toMatch(/[:/]/);
  });
});
