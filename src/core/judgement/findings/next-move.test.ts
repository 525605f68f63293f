import { expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { starterLocker } from '../../model/starter/starter-locker';
import { checkBuild } from '../check/check-build';
import type { Finding } from './finding';
import { nextMove } from './next-move';

const [found] = checkBuild(tub({ parts: { rudder: 'servo-micro-52' } }), starterLocker).findings as [Finding];

it('names the figure that a part must have, the way the limit points', () => {
  expect(found).toMatchObject({ bound: 'most', unit: 'V', actual: 6 });
  expect(nextMove(found)).toBe('What would help: a part for 6.0 V or more.');
  expect(nextMove({ ...found, bound: 'least', actual: 4.1, limit: 4.8 })).toBe(
    'What would help: 4.8 V or more, or a part that needs no more than 4.1 V.',
  );
  expect(nextMove({ ...found, bound: 'least', unit: 'kg·cm', actual: 2, limit: 3 })).toBe(
    'What would help: 3.0 kg·cm or more.',
  );
  expect(nextMove({ ...found, unit: 'plugs' })).toBe('Undo what caused it, or change the part.');
});
