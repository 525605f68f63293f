import { testRule } from '../../../../tests/kit/test-rule';
import { driveSetting, tub } from '../../../../tests/kit/tub';
import { mirroredServos } from './mirrored-servos';

const second = { id: 'rudder2', name: 'second rudder', part: 'servo-micro-60' };
const onY = {
  extra: [second, { id: 'y', name: 'Y-lead', part: 'y-lead' }],
  without: ['rudder.lead'],
  leads: [
    ['rudder.lead', 'y.out 1'],
    ['rudder2.lead', 'y.out 2'],
    ['y.in', 'rx.1'],
  ] as [string, string][],
};

/** Two rudders on channels 1 and 6, both of the steering. */
const onChannels = (isReversed?: true) => ({
  ...tub({
    extra: [second],
    leads: [['rudder2.lead', 'rx.6']],
    functions: { steer: { devices: ['rudder', 'rudder2'], mirrored: true } },
  }),
  channels: [
    driveSetting,
    { channel: 6, mix: [{ function: 'steer', percent: 100 }], ...(isReversed && { isReversed }) },
  ],
});

testRule(mirroredServos, {
  valid: [
    { name: 'mirrored servos on channels of which one is reversed', build: onChannels(true) },
    {
      name: 'two servos the same way round on a Y-lead',
      build: tub({ ...onY, functions: { steer: { devices: ['rudder', 'rudder2'] } } }),
    },
    {
      name: 'mirrored servos on a port each',
      build: tub({
        extra: [second],
        leads: [['rudder2.lead', 'rx.2']],
        functions: { steer: { devices: ['rudder', 'rudder2'], mirrored: true } },
      }),
    },
  ],
  invalid: [
    {
      name: 'mirrored servos on two channels that turn both the same way',
      build: onChannels(),
      findings: [
        {
          messageId: 'turnTheSameWay',
          actual: 0,
          limit: 1,
          subjects: ['steer', 'rudder', 'rudder2'],
          says: 'channels 1 and 6',
          putRight: ['reverse:6', 'same-way-round:steer'],
        },
      ],
    },
    {
      name: 'mirrored servos on one Y-lead',
      build: tub({ ...onY, functions: { steer: { devices: ['rudder', 'rudder2'], mirrored: true } } }),
      findings: [
        {
          messageId: 'mirroredOnOneSignal',
          actual: 2,
          limit: 1,
          subjects: ['steer', 'rudder', 'rudder2', 'y'],
          says: 'through the Y-lead',
          putRight: ['same-way-round:steer'],
        },
      ],
    },
  ],
});
