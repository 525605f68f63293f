import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { connectorMating } from './connector-mating';

testRule(connectorMating, {
  valid: [{ name: 'an adapter between sleeve and blade', build: tub() }],
  invalid: [
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
