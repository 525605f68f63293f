import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { fuzz } from '../../../../tests/kit/fuzz';
import { readBuildFile } from './read-file';

const file = (name: string) => readFileSync(`demo/${name}.dryhull.json`, 'utf8');
const tug = file('harbour-tug');
const why = (text: string) => {
  const read = readBuildFile(text);
  return read.ok ? 'accepted' : `${read.problem.where}: ${read.problem.why}`;
};
const nested = (levels: number) => `${'{"a":'.repeat(levels)}1${'}'.repeat(levels)}`;

describe('spoilt files', () => {
  it('are refused with a place and a reason, or are builds on which everything works', () => {
    const { refused, accepted } = fuzz([tug, file('salt-flat-yacht'), file('field-tractor')], 800, 11);
    expect(refused).toBeGreaterThan(400);
    expect(accepted).toBeGreaterThan(50);
  });

  it.each([
    ['nested without end', '['.repeat(200_000), 'line 1, column 41: is nested more than 40 levels deep'],
    ['nested in a field', tug.replace('"brief": {', `"brief": { "deep": ${nested(5000)},`), 'levels deep'],
    ['empty', '', 'line 1, column 1: not valid JSON (value expected)'],
    ['cut off', tug.slice(0, 4000), 'not valid JSON'],
    ['of another kind', '[]', 'the file: must hold one JSON object'],
    ['too large', ' '.repeat(8_000_001), 'larger than 8 million characters'],
    ['with a field of the prototype', tug.replace('"brief": {', '"brief": { "__proto__": 1,'), '__proto__'],
    ['with nulls for what is not known', tug.replace(/"cells": \d+/, '"cells": null'), 'must not be null'],
  ])('%s are refused with the place', (_, text, expected) => {
    const started = performance.now();
    expect(why(text)).toContain(expected);
    expect(performance.now() - started).toBeLessThan(2000);
  });

  it('with a byte order mark are read all the same', () => {
    expect(why(`\uFEFF${tug}`)).toBe('accepted');
  });
});
