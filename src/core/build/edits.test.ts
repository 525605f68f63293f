import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { starterPart } from '../starter/starter-locker';
import { applyEdits } from './edits';

describe('applyEdits', () => {
  it('leaves the build it was given as it was', () => {
    const build = tub();
    const before = structuredClone(build);
    const after = applyEdits(build, [{ type: 'setRegulatorVolts', fitting: 'esc', volts: 5 }]);
    expect(build).toEqual(before);
    expect(after.fittings.find((one) => one.id === 'esc')?.regulatorVolts).toBe(5);
    expect(after.leads).toBe(build.leads);
  });

  it('takes a part’s leads and its place in functions with it', () => {
    const after = applyEdits(tub(), [{ type: 'removeFitting', fitting: 'rudder' }]);
    expect(after.leads.some((one) => one.from.fitting === 'rudder')).toBe(false);
    expect(after.functions.find((one) => one.id === 'steer')?.devices).toEqual([]);
    expect(after.parts.some((one) => one.id === 'servo-micro-60')).toBe(false);
  });

  it('brings the sheet of a part that is swapped in and drops the one that nothing uses', () => {
    const part = starterPart('servo-standard');
    const after = applyEdits(tub(), [{ type: 'swapPart', fitting: 'rudder', part }]);
    expect(after.parts).toContainEqual(part);
    expect(after.parts.map((one) => one.id)).not.toContain('servo-micro-60');
  });

  it('keeps a sheet that was edited since apart from the one that other fittings use', () => {
    const edited = { ...starterPart('servo-micro-60'), name: 'edited since' };
    const build = tub({ extra: [{ id: 'second', name: 'second servo', part: 'servo-micro-60' }] });
    const after = applyEdits(build, [
      { type: 'swapPart', fitting: 'second', part: edited },
      { type: 'addFitting', fitting: { id: 'third', name: 'third servo', part: edited.id }, part: edited },
    ]);
    const partOf = (id: string) => after.fittings.find((one) => one.id === id)?.part;
    expect([partOf('rudder'), partOf('second'), partOf('third')]).toEqual([
      'servo-micro-60',
      'servo-micro-60-v2',
      'servo-micro-60-v2',
    ]);
    expect(after.parts.find((one) => one.id === 'servo-micro-60')?.name).toBe('micro servo');
    expect(after.parts.find((one) => one.id === 'servo-micro-60-v2')?.name).toBe('edited since');
  });

  it('names what an edit cannot find', () => {
    expect(() => applyEdits(tub(), [{ type: 'removeLead', lead: 'ghost' }])).toThrow('ghost');
    expect(() => applyEdits(tub(), [{ type: 'setProtocol', fitting: 'ghost', protocol: 'x' }])).toThrow(
      'ghost',
    );
  });

  it('keeps one tick a step and one acceptance a finding', () => {
    const tick = { step: 'bind', said: 'Bind', on: '2026-01-01T00:00:00.000Z' };
    const twice = applyEdits(tub(), [
      { type: 'tick', tick },
      { type: 'tick', tick: { ...tick, said: 'Bind again' } },
    ]);
    expect(twice.ticks.map((one) => one.said)).toEqual(['Bind again']);
    expect(applyEdits(twice, [{ type: 'untick', step: 'bind' }]).ticks).toEqual([]);
  });
});
