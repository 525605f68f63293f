import { describe, expect, it } from 'vitest';
import { readNetworkCase } from './reference-form';

const source = { id: 'pack', kind: 'source', node: 'p', volts: 11, ohms: 0.05 };
const load = { id: 'load', kind: 'currentLoad', from: 'p', amps: 1, kneeVolts: 3 };
const whole = { name: 'two', analysis: { kind: 'operatingPoint' }, elements: [source, load] };

describe('readNetworkCase', () => {
  it('takes a case as it is', () => {
    expect(readNetworkCase(whole)).toEqual({ ok: true, value: whole });
    const course = { ...whole, analysis: { kind: 'transient', seconds: 1, step: 1e-3 } };
    expect(readNetworkCase(course).ok).toBe(true);
  });

  it.each<[string, unknown, string, string]>([
    ['no object', [1], 'the file', 'one JSON object'],
    ['another analysis', { ...whole, analysis: { kind: 'noise' } }, 'analysis.kind', 'operatingPoint'],
    ['no seconds', { ...whole, analysis: { kind: 'transient', step: 1 } }, 'analysis', 'seconds and step'],
    ['no elements', { ...whole, elements: [] }, 'elements', 'an element or more'],
    ['an element of no kind', { ...whole, elements: [{ ...source, kind: 'coil' }] }, 'elements[0]', 'kind'],
    ['an element without id', { ...whole, elements: [source, { ...load, id: 3 }] }, 'elements[1]', 'id'],
    ['text for a number', { ...whole, elements: [{ ...source, volts: '11' }] }, 'elements[0]', 'volts'],
    ['a number too large', { ...whole, elements: [{ ...source, volts: Infinity }] }, 'elements[0]', 'volts'],
    ['a node that is no name', { ...whole, elements: [{ ...load, from: 4 }] }, 'elements[0]', 'from'],
    [
      'a track of triples',
      { ...whole, elements: [{ ...load, on: [[0, 1, 2]] }] },
      'elements[0]',
      'list of pairs',
    ],
    ['a probe of names', { ...whole, probe: ['p'] }, 'probe', 'objects with a node'],
  ])('refuses %s, and says where', (_, data, where, why) => {
    const read = readNetworkCase(data);
    if (read.ok) throw new Error('was taken');
    expect(read.problem.where).toBe(where);
    expect(read.problem.why).toContain(why);
  });
});
