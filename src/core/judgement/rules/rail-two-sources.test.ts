import { lifted } from '../../model/plan/sketch-build';
import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { railTwoSources } from './rail-two-sources';

const harness = {
  extra: [{ id: 'harness', name: 'harness', part: 'harness-five-way' }],
  leads: [
    ['adapter.out', 'harness.in'],
    ['harness.large 1', 'esc.power'],
    ['harness.large 2', 'esc2.power'],
    ['esc2.lead', 'rx.4'],
  ] as [string, string][],
  without: ['adapter.out--esc'],
};
const second = {
  id: 'esc2',
  name: 'second controller',
  part: 'controller-brushed-30-switching',
  regulatorVolts: 5,
};
const twin = { ...harness, extra: [...harness.extra, second] };

testRule(railTwoSources, {
  valid: [
    { name: 'one regulator', build: tub() },
    {
      name: 'two controllers, one red wire lifted',
      build: tub({ ...twin, wires: { 'esc2-lead': lifted('plus') } }),
    },
    {
      name: 'a second controller without a pack sleeps',
      build: tub({ ...twin, leads: twin.leads.filter(([from]) => from !== 'harness.large 2') }),
    },
  ],
  invalid: [
    {
      name: 'two controllers with their red wires in',
      build: tub(twin),
      findings: [
        {
          messageId: 'sourcesInParallel',
          actual: 2,
          limit: 1,
          subjects: ['esc', 'esc2', 'esc-lead--rx-3', 'esc2-lead--rx-4'],
          says: 'The controller and the second controller both push',
          putRight: ['lift-red:esc2', 'lift-red:esc', 'stand-alone-bec:'],
        },
      ],
    },
    {
      name: 'two left so on purpose',
      build: tub({ ...twin, policies: { redWires: 'parallel' } }),
      findings: [
        {
          messageId: 'asDelivered',
          actual: 2,
          limit: 1,
          says: 'as they were delivered',
          putRight: ['lift-red:'],
        },
      ],
    },
    {
      name: 'a stand-alone BEC beside them',
      build: tub({
        ...twin,
        extra: [...twin.extra, { id: 'bec', name: 'BEC', part: 'bec-8a' }],
        leads: [...twin.leads, ['harness.small 1', 'bec.in'], ['bec.out', 'rx.B']],
      }),
      findings: [{ messageId: 'manySourcesInParallel', actual: 3, limit: 1, putRight: ['lift-red:'] }],
    },
  ],
});
