import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { PartSpec } from '../../model/kinds/part-spec';
import { connectorMating } from './connector-mating';

const withPlug =
  (port: string, change: object) =>
  (part: PartSpec): PartSpec => ({
    ...part,
    ports: part.ports.map((each) =>
      each.id === port ? { ...each, connector: { ...each.connector, ...change } } : each,
    ),
  });

testRule(connectorMating, {
  valid: [
    { name: 'an adapter between sleeve and blade', build: tub() },
    {
      name: 'a controller whose plug nobody has told of',
      build: tub({ sheets: { 'controller-brushed-30-switching': withPlug('power', { isAssumed: true }) } }),
      missing: ['which plug the power lead of the controller has'],
    },
    {
      name: 'a lugged plug on a receiver with slots',
      build: tub({
        sheets: {
          'servo-micro-60': withPlug('lead', { family: 'servo-3-lug' }),
          'receiver-8-skerry': withPlug('1', { family: 'servo-3-lug' }),
        },
      }),
    },
  ],
  invalid: [
    {
      name: 'a lugged plug on a receiver without slots',
      build: tub({ sheets: { 'servo-micro-60': withPlug('lead', { family: 'servo-3-lug' }) } }),
      findings: [{ messageId: 'needsTrimming', actual: 1, limit: 0, says: 'once the lug is cut off' }],
    },
    {
      name: 'a sleeve plug straight on a blade plug',
      build: tub({ without: ['pack.out', 'adapter.out'], leads: [['pack.out', 'esc.power']] }),
      findings: [
        {
          messageId: 'doesNotMate',
          actual: 3.5,
          limit: 6,
          subjects: ['pack-out--esc-power', 'pack', 'esc'],
          putRight: ['adapter:pack-out--esc-power:adapter-sleeve-blade'],
        },
      ],
    },
    {
      name: 'a 2.0 mm servo plug on a 2.54 mm port',
      build: tub({ parts: { rudder: 'servo-winch' } }),
      findings: [
        {
          messageId: 'nearMiss',
          actual: 2,
          limit: 2.54,
          says: 'looks as if it fits',
          putRight: ['adapter:rudder-lead'],
        },
      ],
    },
  ],
});
