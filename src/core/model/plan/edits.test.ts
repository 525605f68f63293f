import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { starterPart } from '../starter/starter-locker';
import { applyEdits, type Edit } from './edits';
import { freshId } from './fresh-id';

describe('applyEdits', () => {
  it('leaves the build it was given as it was', () => {
    const build = tub();
    const before = structuredClone(build);
    const after = applyEdits(build, [{ type: 'setRegulatorVolts', fitting: 'esc', volts: 5 }]);
    expect(build).toEqual(before);
    expect(after.fittings.find((fitting) => fitting.id === 'esc')?.regulatorVolts).toBe(5);
    expect(after.leads).toBe(build.leads);
  });

  it('takes a part’s leads and its place in functions with it', () => {
    const after = applyEdits(tub(), [{ type: 'removeFitting', fitting: 'rudder' }]);
    expect(after.leads.some((lead) => lead.from.fitting === 'rudder')).toBe(false);
    expect(after.functions.find((modelFunction) => modelFunction.id === 'steer')?.devices).toEqual([]);
    expect(after.parts.some((part) => part.id === 'servo-micro-60')).toBe(false);
  });

  it('brings the sheet of a part that is swapped in and drops the one that nothing uses', () => {
    const part = starterPart('servo-standard');
    const after = applyEdits(tub(), [{ type: 'swapPart', fitting: 'rudder', part }]);
    expect(after.parts).toContainEqual(part);
    expect(after.parts.map((candidate) => candidate.id)).not.toContain('servo-micro-60');
  });

  it('keeps a sheet that was edited since apart from the one that other fittings use', () => {
    const edited = { ...starterPart('servo-micro-60'), name: 'edited since' };
    const build = tub({ extra: [{ id: 'second', name: 'second servo', part: 'servo-micro-60' }] });
    const after = applyEdits(build, [
      { type: 'swapPart', fitting: 'second', part: edited },
      { type: 'addFitting', fitting: { id: 'third', name: 'third servo', part: edited.id }, part: edited },
    ]);
    const partOf = (id: string) => after.fittings.find((fitting) => fitting.id === id)?.part;
    expect([partOf('rudder'), partOf('second'), partOf('third')]).toEqual([
      'servo-micro-60',
      'servo-micro-60-v2',
      'servo-micro-60-v2',
    ]);
    expect(after.parts.find((part) => part.id === 'servo-micro-60')?.name).toBe('micro servo');
    expect(after.parts.find((part) => part.id === 'servo-micro-60-v2')?.name).toBe('edited since');
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
    expect(twice.ticks.map((each) => each.said)).toEqual(['Bind again']);
    expect(applyEdits(twice, [{ type: 'untick', step: 'bind' }]).ticks).toEqual([]);
  });

  it('changes what an earlier edit of the same list brought along, even where that is frozen', () => {
    const lead = Object.freeze({ ...tub().leads.find((candidate) => candidate.id === 'rudder-lead--rx-1')! });
    const conductors = lead.conductors.map((conductor) => ({ ...conductor, state: 'lifted' as const }));
    const after = applyEdits(tub({ without: ['rudder.lead'] }), [
      { type: 'addLead', lead },
      { type: 'setConductors', lead: lead.id, conductors },
      { type: 'setGauge', lead: lead.id, awg: 24 },
    ]);
    expect(after.leads.find((candidate) => candidate.id === lead.id)).toEqual({
      ...lead,
      conductors,
      awg: 24,
    });
  });

  it('gives the very same value back where nothing changes', () => {
    const build = tub();
    const same: Edit[] = [
      { type: 'setRegulatorVolts', fitting: 'esc', volts: 6 },
      { type: 'setFunction', function: 'steer', change: { channel: 1, devices: ['rudder'] } },
      { type: 'setBrief', change: { drive: 'single' } },
      { type: 'untick', step: 'nothing' },
      { type: 'withdrawAcceptance', finding: 'nothing' },
      { type: 'rename', name: build.name },
    ];
    for (const edit of same) expect(applyEdits(build, [edit]), edit.type).toBe(build);
  });

  it('forgets what was noted of a part that is taken out', () => {
    const on = '2026-01-01T00:00:00.000Z';
    const noted = applyEdits(tub(), [
      { type: 'accept', acceptance: { finding: 'rail-volts-low/weakSteering/rudder', margin: -1, on } },
      { type: 'accept', acceptance: { finding: 'pack-amps/overdrawn/pack', margin: -1, on } },
      { type: 'tick', tick: { step: 'centre:rudder', said: 'Centre', on } },
      { type: 'tick', tick: { step: 'plug:rudder-lead--rx-1', said: 'Plug', on } },
      { type: 'tick', tick: { step: 'stand', said: 'Stand', on } },
      {
        type: 'keepOuting',
        outing: {
          id: 'o',
          name: 'o',
          seconds: 5,
          effort: 1,
          tracks: [{ function: 'steer', points: [[0, 1]] }],
        },
      },
    ]);
    const without = applyEdits(noted, [{ type: 'removeFitting', fitting: 'rudder' }]);
    expect(without.acceptances.map((acceptance) => acceptance.finding)).toEqual(['pack-amps/overdrawn/pack']);
    expect(without.ticks.map((tick) => tick.step)).toEqual(['stand']);
    const noSteering = applyEdits(without, [{ type: 'removeFunction', function: 'steer' }]);
    expect(noSteering.outings?.[0]?.tracks).toEqual([]);
  });

  it('keeps of a swapped part’s settings what the new sheet has a choice for', () => {
    const settingsAfter = (part: string) =>
      applyEdits(tub(), [{ type: 'swapPart', fitting: 'esc', part: starterPart(part) }]).fittings.find(
        (fitting) => fitting.id === 'esc',
      );
    expect(settingsAfter('controller-brushed-60')).toMatchObject({ regulatorVolts: 6, cutoff: 'LiPo' });
    expect(settingsAfter('controller-brushed-30-linear')).not.toHaveProperty('regulatorVolts');
    expect(settingsAfter('controller-brushed-10')).not.toHaveProperty('regulatorVolts');
  });

  it('bounds the ids that it makes', () => {
    const long = { ...starterPart('servo-standard'), id: 'p'.repeat(60) };
    const build = tub({ extra: [{ id: 'second', name: 'second', part: 'servo-micro-60' }] });
    const after = applyEdits(build, [
      { type: 'swapPart', fitting: 'second', part: long },
      {
        type: 'addFitting',
        fitting: { id: 'third', name: 'third', part: long.id },
        part: { ...long, name: 'other' },
      },
    ]);
    expect(new Set(after.parts.map((part) => part.id)).size).toBe(after.parts.length);
    expect(Math.max(...after.parts.map((part) => part.id.length))).toBeLessThanOrEqual(60);
    expect(freshId(after, 'lead-'.repeat(30)).length).toBeLessThanOrEqual(60);
  });
});
