import type { Fitting } from '../../model/fitting/fitting';
import { lifted, turned } from '../../model/plan/sketch-build';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { portOrder } from './port-order';

/** Steering that moves channel 1 and, by a mix, channel 6. */
function twoRudders(leads: [string, string][], extra: Fitting[] = []) {
  const build = tub({
    extra: [{ id: 'rudder2', name: 'second rudder', part: 'servo-micro-60' }, ...extra],
    without: ['rudder.lead'],
    leads,
    functions: { steer: { devices: ['rudder', 'rudder2'] } },
  });
  return { ...build, channels: [{ channel: 6, mix: [{ function: 'steer', percent: 100 }] }] };
}

/** A camera's servo in the model's own receiver, and a radio of the camera's own that works it. */
const filming = tub({
  extra: [
    { id: 'camera-tx', name: 'camera transmitter', part: 'transmitter-wheel-7' },
    { id: 'pan-servo', name: 'pan servo', part: 'servo-micro-60' },
  ],
  leads: [['pan-servo.lead', 'rx.5']],
  moreFunctions: [
    {
      id: 'pan',
      name: 'Camera pan',
      role: 'mechanism',
      wants: 'staying',
      channel: 5,
      transmitter: 'camera-tx',
      devices: ['pan-servo'],
    },
  ],
});

testRule(portOrder, {
  valid: [
    {
      name: 'two rudders on a channel each',
      build: twoRudders([
        ['rudder.lead', 'rx.1'],
        ['rudder2.lead', 'rx.6'],
      ]),
    },
    {
      name: 'two rudders on one Y-lead, whatever else their function moves',
      build: twoRudders(
        [
          ['rudder.lead', 'y.out 1'],
          ['rudder2.lead', 'y.out 2'],
          ['y.in', 'rx.1'],
        ],
        [{ id: 'y', name: 'Y-lead', part: 'y-lead' }],
      ),
    },
    { name: 'each in the port of its channel', build: tub() },
    {
      name: 'not plugged in yet',
      build: tub({ without: ['rudder.lead'] }),
      missing: ['the receiver port of the rudder'],
    },
    { name: 'a turned plug is another rule’s', build: tub({ wires: { 'rudder-lead': turned } }) },
  ],
  invalid: [
    {
      name: 'in a receiver that hears another transmitter',
      build: filming,
      findings: [
        {
          messageId: 'hearsOtherRadio',
          actual: 0,
          limit: 1,
          subjects: ['pan-servo', 'rx', 'pan'],
          says: 'the camera transmitter',
          putRight: ['radio-of:pan:tx'],
        },
      ],
    },
    {
      name: 'plugged in, and its signal wire lifted',
      build: tub({ wires: { 'esc-lead': lifted('signal') } }),
      findings: [
        {
          messageId: 'noSignal',
          actual: 0,
          limit: 1,
          subjects: ['esc', 'drive'],
          says: 'No signal reaches the controller',
          putRight: ['restore-signal:esc'],
        },
      ],
    },
    {
      name: 'two rudders, each on the other’s channel',
      build: twoRudders([
        ['rudder.lead', 'rx.6'],
        ['rudder2.lead', 'rx.1'],
      ]),
      findings: [
        { messageId: 'deviceOnWrongPort', actual: 6, limit: 1, subjects: ['rudder', 'rx', 'steer'] },
      ],
    },
    {
      name: 'controller and rudder exchanged: said once, as the motor’s',
      build: tub({
        without: ['esc.lead', 'rudder.lead'],
        leads: [
          ['esc.lead', 'rx.1'],
          ['rudder.lead', 'rx.3'],
        ],
      }),
      findings: [
        {
          messageId: 'motorOnWrongPort',
          actual: 1,
          limit: 3,
          subjects: ['esc', 'rx', 'drive'],
          says: 'in the port for steering',
          putRight: ['move-plug:rx:1:3'],
        },
      ],
    },
    {
      name: 'a rudder in a free port',
      build: tub({ without: ['rudder.lead'], leads: [['rudder.lead', 'rx.5']] }),
      findings: [
        {
          messageId: 'deviceOnWrongPort',
          actual: 5,
          limit: 1,
          says: 'the port for channel 5',
          putRight: ['move-plug:rx:5:1'],
        },
      ],
    },
  ],
});
