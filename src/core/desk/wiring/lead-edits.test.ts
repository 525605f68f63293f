import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { applyEdits } from '../../model/plan/edits';
import type { Build } from '../../model/plan/build';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../../reading/build-reading/reading';
import { starterLocker } from '../../model/starter/starter-locker';
import { connect } from '../../judgement/put-right/connect';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { joints } from '../lists/joints';
import { leadRows } from '../loom/lead-rows';
import { colourSets, cuts, insertable, otherPlugs, swappable, toggleWire, turnPlug } from './lead-edits';

const leadOf = (build: Build, id: string) => build.leads.find((lead) => lead.id === id)!;
const stops = (build: Build) =>
  checkBuild(build, starterLocker)
    .findings.filter((finding) => finding.severity === 'stop')
    .map((finding) => finding.messageId);

describe('edits of a lead', () => {
  it('lift a wire and put it back', () => {
    const lead = leadOf(tub(), 'esc-lead--rx-3');
    const without = applyEdits(tub(), [toggleWire(lead, 1)]);
    expect(stops(without)).toContain('nothingFeeds');
    expect(applyEdits(without, [toggleWire(leadOf(without, lead.id), 1)])).toEqual(tub());
  });

  it('cut a wire, or the whole lead, and solder it together again', () => {
    const id = 'esc-lead--rx-3';
    const plus = cuts(leadOf(tub(), id)).find(({ words }) => words === 'the red wire')!;
    const cut = applyEdits(tub(), [plus.edit]);
    expect(stops(cut)).toContain('nothingFeeds');
    const steps = (build: Build) =>
      planProcedure(readingOf(build, []))
        .map((step) => step.id)
        .filter((step) => step.endsWith(`:${id}`) && !step.startsWith('plug:'));
    expect(steps(cut)).toEqual([`cut:${id}`]);
    // Each put-right that joins it again solders: what was cut does not slip back in.
    const cures = checkBuild(cut, starterLocker).findings.flatMap(({ patches }) => patches);
    expect(cures.map(({ label }) => label)).toContain('Solder the cut red wire together at the controller');
    const whole = applyEdits(cut, [toggleWire(leadOf(cut, id), 1)]);
    expect(stops(whole)).toEqual([]);
    expect(steps(whole)).toEqual([`splice:${id}`]);
    expect(joints(readingOf(whole, [])).map((joint) => joint.isSplice)).toContain(true);
    const ohms = (build: Build) => readingOf(build, []).circuit.at('worst', 'full')!.volts('rx', 'rail')!;
    expect(ohms(whole)).toBeLessThan(ohms(tub()));

    const all = cuts(leadOf(tub(), id)).find(({ words }) => words === 'the whole lead')!;
    const apart = applyEdits(tub(), [all.edit]);
    expect(cuts(leadOf(apart, id))).toEqual([]);
    expect(readingOf(apart, []).survey.signalOf('esc')).toBeUndefined();
  });

  it('tell the colours that its wires have, and how long it is', () => {
    const lead = leadOf(tub(), 'rudder-lead--rx-1');
    const set = colourSets(lead).find(({ words }) => words === 'orange, red, brown')!;
    const told = applyEdits(tub(), [
      set.edit,
      { type: 'setLength', lead: lead.id, metres: { value: 0.22, provenance: 'measured', typed: '22 cm' } },
    ]);
    const [before, after] = [tub(), told].map((build) =>
      leadRows(readingOf(build, [])).find(({ id }) => id === lead.id)!,
    );
    expect(before!.isAssumed).toBe(true);
    expect(after).toMatchObject({
      isAssumed: false,
      conductors: ['orange: signal', 'red: plus', 'brown: minus'],
    });
    expect(after!.carries).toContain('220 mm');
  });

  it('fit another plug to one end, on a sheet of its own', () => {
    const { index } = readingOf(tub(), []);
    const ends = otherPlugs(index, { fitting: 'esc', port: 'power' });
    const other = applyEdits(tub(), [ends.find(({ family }) => family === 'sleeve-35')!.edit]);
    expect(stops(other)).toContain('doesNotMate');
    const back = otherPlugs(readingOf(other, []).index, { fitting: 'esc', port: 'power' });
    const again = applyEdits(other, [back.find(({ family }) => family === 'blade-t')!.edit]);
    expect(stops(again)).toEqual([]);
    expect(otherPlugs(index, { fitting: 'rx', port: '1' })).toEqual([]);
  });

  it('turn a plug round and back', () => {
    const { index } = readingOf(tub(), []);
    const once = applyEdits(tub(), [turnPlug(index, leadOf(tub(), 'rudder-lead--rx-1'))]);
    expect(stops(once)).toEqual(['servoPlugTurned']);
    expect(applyEdits(once, [turnPlug(index, leadOf(once, 'rudder-lead--rx-1'))])).toEqual(tub());
  });

  it('put in what fits both plugs, and nothing else', () => {
    const context = readingOf(tub(), starterLocker);
    const servo = insertable(context, leadOf(tub(), 'rudder-lead--rx-1'), starterLocker);
    expect(servo.map((patch) => patch.label)).toEqual([
      'hand switch, three-pin',
      ...[600, 100, 150, 1000, 300].map((millimetres) => `extension, ${millimetres} mm, three-pin`),
    ]);
    expect(stops(applyEdits(tub(), servo[0]!.edits))).toEqual([]);
    const power = insertable(context, leadOf(tub(), 'adapter-out--esc-power'), starterLocker);
    expect(power.some((patch) => patch.label.startsWith('fuse, 15 A'))).toBe(true);
    expect(power.some((patch) => patch.label.startsWith('hand switch'))).toBe(true);
  });

  it('swap a part for another of its kind that takes the same leads', () => {
    const { index } = readingOf(tub(), starterLocker);
    const offers = swappable(index, 'rx', starterLocker);
    // The receiver for three channels has the port too, as far as plugs go; the wells judge the rest.
    expect(offers.map((patch) => patch.id)).not.toContain('swap:rx:receiver-8-skerry');
    const both = offers.find((patch) => patch.id === 'swap:rx:receiver-10-both')!;
    expect(applyEdits(tub(), both.edits).fittings.find((fitting) => fitting.id === 'rx')?.part).toBe(
      'receiver-10-both',
    );
  });
});

describe('connect', () => {
  it('joins two ports straight where their plugs go together', () => {
    const build = tub({ without: ['rudder.lead'] });
    const edits = connect(
      build,
      { fitting: 'rudder', port: 'lead' },
      { fitting: 'rx', port: '1' },
      starterLocker,
    )!;
    expect(edits.map((edit) => edit.type)).toEqual(['addLead']);
    expect(stops(applyEdits(build, edits))).toEqual([]);
  });

  it('brings an adapter where they do not, and gives up where there is none', () => {
    const build = tub({ without: ['rudder.lead'], parts: { rudder: 'servo-winch' } });
    const ends = [
      { fitting: 'rudder', port: 'lead' },
      { fitting: 'rx', port: '1' },
    ] as const;
    const edits = connect(build, ...ends, starterLocker)!;
    expect(edits.map((edit) => edit.type)).toEqual(['addFitting', 'addLead', 'addLead']);
    expect(stops(applyEdits(build, edits))).not.toContain('nearMiss');
    expect(connect(build, ...ends, [])).toBeUndefined();
  });
});

describe('parts to swap in', () => {
  it('have the contacts that leads end on', () => {
    const { index } = readingOf(tub(), starterLocker);
    for (const { fitting } of index.all())
      for (const { edits } of swappable(index, fitting.id, starterLocker)) {
        const after = readingOf(applyEdits(tub(), edits), starterLocker).index;
        for (const lead of after.leadsOf(fitting.id))
          for (const end of ['from', 'to'] as const) {
            const pins = after.port(lead[end]).pins.map((pin) => pin.name);
            for (const conductor of lead.conductors) expect(pins, fitting.id).toContain(conductor[end]);
          }
      }
  });
});
