import { testRule } from '../../../../tests/kit/test-rule';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { railAmps } from './rail-amps';

const withOutlets = {
  extra: [{ id: 'harness', name: 'harness', part: 'harness-five-way' }],
  leads: [
    ['adapter.out', 'harness.in'],
    ['harness.large 1', 'esc.power'],
  ] as [string, string][],
  without: ['adapter.out--esc'],
};

const threeServos = {
  ...withOutlets,
  extra: [
    ...withOutlets.extra,
    { id: 's2', name: 'second servo', part: 'servo-standard' },
    { id: 's3', name: 'third servo', part: 'servo-standard' },
  ],
  leads: [...withOutlets.leads, ['s2.lead', 'rx.5'], ['s3.lead', 'rx.6']] as [string, string][],
};

testRule(railAmps, {
  valid: [
    { name: 'one small servo on 2 A', build: tub() },
    {
      name: 'three servos counted as moving',
      build: tub({ ...threeServos, policies: { regulatorSizing: 'typical' } }),
    },
    {
      name: 'a servo whose sheet does not state its amps',
      build: tub({ sheets: { 'servo-micro-60': (part) => ({ ...part, sheet: [] }) as never } }),
      missing: ['stall amps of the rudder'],
    },
    {
      name: 'a receiver whose sheet does not state its amps',
      build: tub({ sheets: { 'receiver-8-skerry': withoutFigure('amps') } }),
      missing: ['amps of the receiver'],
    },
  ],
  invalid: [
    {
      name: 'two worst stalled and the third moving on 2 A',
      build: tub(threeServos),
      findings: [
        {
          messageId: 'askedTooMuch',
          // 2 × 1.8 stalled, 0.25 moving, 0.1 for the receiver.
          actual: 3.95,
          limit: 2,
          within: 0.3,
          subjects: ['esc', 's2', 's3'],
          putRight: ['stand-alone-bec:rail:rx:bec-5-6-5a-26v'],
        },
      ],
    },
    {
      name: 'all three stalled, by that school',
      build: tub({ ...threeServos, policies: { regulatorSizing: 'allStalled' } }),
      findings: [
        {
          messageId: 'askedTooMuch',
          actual: 4.7,
          limit: 2,
          within: 0.4,
          says: 'every servo stalled at once',
        },
      ],
    },
    {
      name: 'a little over for the second that both are held, the receiver well above its floor',
      build: tub({
        ...withOutlets,
        extra: threeServos.extra.slice(0, 2),
        leads: threeServos.leads.slice(0, 3),
      }),
      findings: [{ messageId: 'sinks', actual: 2.8, limit: 2, within: 0.6, says: 'sinks to' }],
    },
    {
      name: 'almost all of what there is',
      build: tub({ ...withOutlets, parts: { rudder: 'servo-low-profile' } }),
      findings: [
        {
          messageId: 'tight',
          actual: 1.97,
          limit: 2,
          within: 0.06,
          putRight: ['stand-alone-bec:rail:rx:bec-3a'],
        },
      ],
    },
  ],
});
