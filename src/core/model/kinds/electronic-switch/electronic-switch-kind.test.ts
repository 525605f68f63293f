import { describe, expect, it } from 'vitest';
import { tub } from '../../../../../tests/kit/tub';
import { checkBuild } from '../../../judgement/check/check-build';
import { readingOf } from '../../../reading/build-reading/reading';
import { functionMovers } from '../../../reading/survey/movers';
import { asRelay, asSwitch, type ElectronicSwitchSpec } from './electronic-switch';
import type { Build } from '../../plan/build';
import { starterLocker, starterPart } from '../../starter/starter-locker';
import { outingConditions } from '../../../desk/trial/outing-conditions';
import { outingsOf } from '../../../desk/trial/outings';
import { usualTask } from '../../../desk/trial/trial-task';
import { proposeWiring } from '../../../desk/wiring/propose-wiring';
import { sheetFields } from '..';

/** A boat whose searchlight hangs on a relay, whose coil a small switch on channel 5 works. */
const lit = (coil = 'switch.out'): Build =>
  tub({
    extra: [
      { id: 'harness', name: 'harness', part: 'harness-five-way' },
      { id: 'bec', name: 'lamp BEC', part: 'bec-8a', regulatorVolts: 6 },
      { id: 'switch', name: 'small switch', part: 'switch-electronic-2a' },
      { id: 'relay', name: 'lamp relay', part: 'relay-10a' },
      { id: 'lamp', name: 'searchlight', part: 'lamps-12' },
    ],
    without: ['adapter.out--esc'],
    leads: [
      ['adapter.out', 'harness.in'],
      ['harness.large 1', 'esc.power'],
      ['harness.small 1', 'relay.in'],
      ['harness.small 2', 'bec.in'],
      ['bec.out', 'switch.in'],
      ['switch.lead', 'rx.5'],
      [coil, 'relay.coil'],
      ['relay.out', 'lamp.power'],
    ],
    moreFunctions: [
      {
        id: 'light',
        name: 'Searchlight',
        role: 'lights',
        wants: 'twoPosition',
        control: 'switch-a',
        channel: 5,
        devices: ['switch'],
      },
    ],
  });

const findingsOf = (build: Build) => checkBuild(build, starterLocker).findings.map(({ id }) => id);

describe('a relay', () => {
  it('is a switch without a receiver lead, and becomes one again', () => {
    const plain = starterPart('switch-electronic-5a') as ElectronicSwitchSpec;
    const relay = asRelay(plain);
    expect(relay.ports.map(({ id }) => id)).toEqual(['in', 'out', 'coil']);
    expect(asSwitch(relay)).toEqual(plain);
    expect(sheetFields(relay).map(({ label }) => label)).toContain('Pulls in at');
  });

  it('is sound with its own volts on its coil, and told of the pack’s', () => {
    expect(findingsOf(lit()).filter((id) => id.includes('relay'))).toEqual([]);
    expect(findingsOf(lit('harness.small 3'))).toContain('raw-fed-volts/tooManyVolts/relay+pack');
  });

  it('passes on what its contacts carry, and what works its coil is seen to light the lamp', () => {
    const { survey } = readingOf(lit(), []);
    expect(survey.supplyOf('lamp')).toMatchObject({ status: 'fed' });
    expect(
      functionMovers(lit(), survey)[2]!.movers.map(({ seen, device }) => [seen.fitting.id, device]),
    ).toEqual([['lamp', 'switch']]);
  });

  it('joined in a ring with a switch, by mistake, moves nothing and holds nothing up', () => {
    const ring = tub({
      extra: [
        { id: 'switch', name: 'small switch', part: 'switch-electronic-2a' },
        { id: 'relay', name: 'lamp relay', part: 'relay-10a' },
      ],
      leads: [
        ['switch.lead', 'rx.5'],
        ['switch.out', 'relay.in'],
        ['relay.out', 'switch.in'],
      ],
      functions: { steer: { devices: ['rudder', 'switch'] } },
    });
    const [steer] = functionMovers(ring, readingOf(ring, []).survey);
    expect(steer!.movers.map(({ seen }) => seen.fitting.id)).toEqual(['rudder']);
    expect(findingsOf(ring).length).toBeGreaterThan(0);
  });

  it('on an outing lights the lamp when the switch is told, and always where its coil hangs on a pack', () => {
    const outing = {
      ...outingsOf(lit())[0]!,
      tracks: [
        {
          function: 'light',
          points: [
            [0, 0],
            [5, 0],
            [5, 1],
          ] as [number, number][],
        },
      ],
    };
    const on = (build: Build) => outingConditions(readingOf(build, []), usualTask(outing)).on('lamp');
    expect(on(lit())).toEqual([
      [0, 0],
      [5, 0],
      [5.02, 1],
    ]);
    expect(on(lit('harness.small 3'))).toBe(1);
  });

  it('has its coil left to its owner, who is told, and never joined to the pack', () => {
    const bare = { ...lit(), leads: [] };
    const { unsolved, build } = proposeWiring(bare, starterLocker, new Set());
    const atRelay = build.leads
      .flatMap(({ from, to }) => [from, to])
      .filter(({ fitting }) => fitting === 'relay');
    expect(unsolved.join()).toContain('Coil of the lamp relay');
    expect(atRelay.map(({ port }) => port)).toContain('in');
    expect(atRelay.map(({ port }) => port)).not.toContain('coil');
  });
});
