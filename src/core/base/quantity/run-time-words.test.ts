import { expect, it } from 'vitest';
import { runTimeWords } from './run-time-words';

it.each([
  [0, '0 min'],
  [41.6, '42 min'],
  [179, '179 min'],
  [330, '5.5 h'],
  [1336, '22 h'],
])('%d minutes are told as %s', (minutes, words) => {
  expect(runTimeWords(minutes)).toBe(words);
});
