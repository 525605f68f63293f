import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { withoutFigure } from '../../../../tests/kit/tub';
import { berthFit } from './berth-fit';

const obstacle = {
  id: 'shaft',
  name: 'shaft',
  x: 0.36,
  y: -0.005,
  z: 0,
  long: 0.1,
  wide: 0.01,
  high: 0.03,
  isSwept: false,
  isMetal: true,
};
const unread = { sheets: { 'controller-brushed-30-switching': withoutFigure('length') } };

testRule(berthFit, {
  valid: [
    { name: 'everything in its berth', build: berthed() },
    {
      name: 'parts that lie nowhere: asked for, not guessed',
      build: berthed({ places: { rx: null, esc: null } }),
      missing: ['where the controller and the receiver lie'],
    },
    {
      name: 'a model that nobody measured, with room for all by usual sizes: asked for, not dry',
      build: berthed({
        inside: { length: undefined as never, berths: undefined as never, passages: undefined as never },
        places: { pack: { x: 0.62, z: 0.002 } },
      }),
      missing: ['length of the model (in the Berths, under Model)'],
    },
    {
      name: 'a part whose sheet has no size, with room for it: asked for, not dry',
      build: berthed({ tub: unread }),
      missing: ['sizes of the controller'],
    },
    { name: 'a model of which nobody told the inside', build: { ...berthed(), inside: undefined } },
  ],
  invalid: [
    {
      name: 'a controller through the side of its room',
      build: berthed({ places: { esc: { y: -0.09 } } }),
      findings: [{ messageId: 'outside', actual: 8, limit: 0, subjects: ['esc'], putRight: ['place:esc'] }],
    },
    {
      name: 'a part under a lid that does not close',
      build: berthed({ places: { rudder: { z: 0.137 } } }),
      findings: [{ messageId: 'outside', actual: 10, limit: 0, subjects: ['rudder'] }],
    },
    {
      name: 'the same of a size that nobody read',
      build: berthed({ places: { esc: { y: -0.09 } }, tub: unread }),
      findings: [{ messageId: 'outsideGuessed', actual: 8, limit: 0 }],
    },
    {
      name: 'two parts in one place',
      build: berthed({ places: { rx: { x: 0.42, y: 0 } } }),
      findings: [{ messageId: 'sameRoom', actual: 5.5, limit: 0, putRight: ['place:rx', 'place:esc'] }],
    },
    {
      name: 'two parts in one place, one of a size that nobody read',
      build: berthed({ places: { rx: { x: 0.42, y: 0 } }, tub: unread }),
      findings: [{ messageId: 'sameRoomGuessed', actual: 5.5, limit: 0 }],
    },
    {
      name: 'a controller on a shaft',
      build: berthed({ inside: { obstacles: [obstacle] } }),
      findings: [{ messageId: 'blocked', actual: 10, limit: 0, subjects: ['esc'], putRight: ['place:esc'] }],
    },
    {
      name: 'a controller where something turns',
      build: berthed({ inside: { obstacles: [{ ...obstacle, isSwept: true }] } }),
      findings: [{ messageId: 'swept', actual: 10, limit: 0, subjects: ['esc'] }],
    },
    {
      name: 'a part before the bow',
      build: berthed({ places: { esc: { x: 0.9 } } }),
      findings: [{ messageId: 'noBerth', actual: 122.5, limit: 0, putRight: ['place:esc'] }],
    },
  ],
});
