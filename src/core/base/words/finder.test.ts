import { describe, expect, it } from 'vitest';
import { finderOf } from './finder';

const find = finderOf([
  { id: 'pack', name: 'Tow pack', also: '3 cells LiPo 2200 mAh' },
  { id: 'esc', name: 'Port controller', also: 'brushed, 20 A' },
  { id: 'esc30', name: 'Starboard controller', also: 'brushed, 30 A' },
  { id: 'rudder', name: 'Rudder servo' },
  { id: 'lead', name: 'Lead: tow pack to power harness' },
  { id: 'failsafe', name: 'Try the fail-safe' },
  { id: 'out', name: 'Model off first, pack out, full speed' },
]);

describe('what is found by a few letters', () => {
  it.each([
    ['battery', ['pack', 'lead', 'out']],
    ['ESC', ['esc', 'esc30']],
    ['speed control', ['esc', 'esc30']],
    ['cable', ['lead']],
    ['rud', ['rudder']],
    ['ruder', ['rudder']],
    ['failsafe', ['failsafe']],
    ['controller 30', ['esc30']],
    ['30 controller', ['esc30']],
    ['pack tow', ['pack', 'lead']],
    // “Speed” and “out” alone are no names of a controller or of the steps.
    ['checklist', []],
    ['zeppelin', []],
    ['  ', []],
  ] as [string, string[]][])('by “%s” is %j', (typed, ids) => {
    expect(find(typed).sort()).toEqual([...ids].sort());
  });

  it('stands first where the name itself has the word', () => {
    expect(find('tow pack')[0]).toBe('pack');
  });

  it('is one thing where two have the same id, and it is the last one', () => {
    expect(
      finderOf([
        { id: 'a', name: 'one' },
        { id: 'a', name: 'two' },
      ])('two'),
    ).toEqual(['a']);
  });
});
