import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { plugRoom } from './plug-room';

testRule(plugRoom, {
  valid: [
    { name: 'room all round', build: berthed() },
    {
      name: 'a wall before a side that nothing leaves',
      build: berthed({ places: { rx: { x: 0.324, turn: 0 } } }),
    },
  ],
  invalid: [
    {
      name: 'a receiver with its plugs against a wall: 10 mm for plug and bend of 22',
      build: berthed({ places: { rx: { x: 0.767, y: 0 } } }),
      findings: [
        {
          messageId: 'tight',
          actual: 10,
          limit: 22,
          subjects: ['rx'],
          says: 'the wall',
          putRight: ['place:rx'],
        },
      ],
    },
    {
      name: 'a receiver with its plugs against the pack',
      build: berthed({ places: { rx: { x: 0.6, y: 0.05, turn: 270, z: 0.005 } } }),
      findings: [{ messageId: 'tight', actual: 4, limit: 22, subjects: ['rx'], says: 'the pack' }],
    },
  ],
});
