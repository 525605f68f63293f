import { describe, expect, it } from 'vitest';
import { readNetworkCase } from './reference-form';

const source = { id: 'pack', kind: 'source', node: 'p', volts: 11, ohms: 0.05 };
const load = { id: 'load', kind: 'currentLoad', from: 'p', amps: 1, kneeVolts: 3 };
const whole = { name: 'two', analysis: { kind: 'operatingPoint' }, elements: [source, load] };

const drive = {
  id: 'm',
  kind: 'drive',
  from: 'p',
  kv: 900,
  motorOhms: 0.1,
  escOhms: 0.01,
  noLoadAmps: 0.5,
  duty: 1,
  loadConst: 0,
  loadLinear: 0,
  loadSquare: 0,
  inertia: 1e-5,
  omegaEps: 1,
  quiescentAmps: 0.05,
};
const car = { id: 'car', kind: 'vehicle', mass: 1.5, crr: 0.05, vEps: 0.05, cdA: 0.01, grade: 0 };
const wheels = {
  on: 'car',
  mu: 0.9,
  drivenShare: 1,
  tyreRadius: 0.03,
  gearRatio: 7,
  efficiency: 0.8,
  slipSpeed: 2,
};
/** A course of elements; what is not defined is left out, as in a file. */
const moving = (...elements: object[]): unknown =>
  JSON.parse(
    JSON.stringify({ name: 'moving', analysis: { kind: 'transient', seconds: 1, step: 1e-3 }, elements }),
  );

describe('readNetworkCase', () => {
  it('takes a case as it is', () => {
    expect(readNetworkCase(whole)).toEqual({ ok: true, value: whole });
    const course = { ...whole, analysis: { kind: 'transient', seconds: 1, step: 1e-3 } };
    expect(readNetworkCase(course).ok).toBe(true);
    expect(readNetworkCase(moving(source, car, { ...drive, wheels, freewheel: true }))).toMatchObject({
      ok: true,
    });
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
    ['a vehicle at rest', { ...whole, elements: [source, car] }, 'elements[1]', 'in transient cases only'],
    ['wheels on no vehicle', moving({ ...drive, wheels }, source), 'elements[0]', 'name a vehicle'],
    [
      'wheels on the pack',
      moving(source, { ...drive, wheels: { ...wheels, on: 'pack' } }),
      'elements[1]',
      'vehicle',
    ],
    [
      'wheels without grip',
      moving(car, { ...drive, wheels: { ...wheels, mu: undefined } }),
      'elements[1]',
      'needs the figure "mu"',
    ],
    [
      'a share above one',
      moving(car, { ...drive, wheels: { ...wheels, drivenShare: 2 } }),
      'elements[1]',
      'between 0 and 1',
    ],
    [
      'two manners at once',
      moving({ ...drive, freewheel: true, synchronous: true }),
      'elements[0]',
      'does one of them',
    ],
    ['a flag that is a number', moving({ ...drive, freewheel: 1 }), 'elements[0]', 'true or false'],
    [
      'a pack with volts and a curve',
      moving({ ...source, openVolts: [[0, 9]], coulombs: 10, charge: 1 }),
      'elements[0]',
      'one of both',
    ],
    [
      'a pack with neither',
      moving({ ...source, volts: undefined, coulombs: 10 }),
      'elements[0]',
      'needs the figure "volts"',
    ],
    ['a probe of names', { ...whole, probe: ['p'] }, 'probe[0]', 'an object with a node'],
  ])('refuses %s, and says where', (_, data, where, why) => {
    const read = readNetworkCase(data);
    if (read.ok) throw new Error('was taken');
    expect(read.problem.where).toBe(where);
    expect(read.problem.why).toContain(why);
  });
});
