import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { starterPart } from '../../model/starter/starter-locker';
import { BuildIndex } from '../../model/plan/build-index';
import { describeEdit } from './describe-edit';
import type { Edit } from '../../model/plan/edits';
import { lifted } from '../../model/plan/sketch-build';

const build = tub();
const index = new BuildIndex(build);
const added = new Map([['bec', 'the new BEC']]);
const leadOf = (id: string) => build.leads.find((lead) => lead.id === id)!;

const cases: [Edit, string][] = [
  [{ type: 'setRegulatorVolts', fitting: 'esc', volts: 5 }, 'controller: regulator 6.0 V → 5.0 V'],
  [{ type: 'setFitting', fitting: 'esc', change: { cutoff: 'NiMH' } }, 'controller: cut-off → NiMH'],
  [{ type: 'setProtocol', fitting: 'tx', protocol: 'holm link' }, 'transmitter: link → holm link'],
  [
    { type: 'swapPart', fitting: 'rudder', part: starterPart('servo-standard') },
    'rudder: micro servo → standard servo',
  ],
  [{ type: 'removeFitting', fitting: 'motor' }, 'Remove motor with its leads'],
  [{ type: 'removeLead', lead: 'rudder-lead--rx-1' }, 'Unplug rudder – receiver'],
  [
    { type: 'moveLeadEnd', lead: 'rudder-lead--rx-1', end: 'to', port: { fitting: 'rx', port: '5' } },
    'Lead rudder – receiver: to receiver, port 5',
  ],
  [{ type: 'setGauge', lead: 'rudder-lead--rx-1', awg: 20 }, 'Lead rudder – receiver: AWG 20'],
  [
    {
      type: 'setConductors',
      lead: 'esc-lead--rx-3',
      conductors: lifted('plus')(leadOf('esc-lead--rx-3').conductors),
    },
    'Lead controller – receiver: white to signal, red lifted, black to minus',
  ],
  [{ type: 'setFunction', function: 'steer', change: { channel: 4 } }, 'Steering: channel → 4'],
  [{ type: 'setPolicies', change: { labelShare: 0.8 } }, 'Believing pack labels → 80 %'],
  [{ type: 'setPolicies', change: { redWires: 'standAlone' } }, 'Several built-in BECs → one of its own'],
  [
    { type: 'setFunction', function: 'steer', change: { wants: 'staying', devices: [] } },
    'Steering: wants → stays put, works → nothing',
  ],
  [{ type: 'removeFunction', function: 'steer' }, 'Remove the function Steering'],
  [{ type: 'setBrief', change: { noReverse: true } }, 'Brief: no reverse at all → yes'],
  [{ type: 'rename', name: 'Bucket' }, 'Call it Bucket'],
];

describe('describeEdit', () => {
  it.each(cases)('says what %o changes', (edit, words) => {
    expect(describeEdit(index, edit, added)).toBe(words);
  });

  it('names parts that the same patch brings in', () => {
    const lead = {
      ...leadOf('rudder-lead--rx-1'),
      from: { fitting: 'bec', port: 'out' },
      to: { fitting: 'rx', port: 'B' },
    };
    expect(describeEdit(index, { type: 'addLead', lead }, added)).toBe(
      'Plug the new BEC, out into receiver, power and bind port',
    );
  });
});
