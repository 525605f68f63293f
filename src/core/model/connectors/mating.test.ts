import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { connectorFamilyIds } from './families';
import { genders, goesTogether, mating, type Connector } from './mating';

const plug = (family: Connector['family']): Connector => ({ family, gender: 'plug' });
const socket = (family: Connector['family']): Connector => ({ family, gender: 'socket' });

describe('mating', () => {
  it('joins a plug and a socket of one family', () => {
    expect(mating(plug('blade-t'), socket('blade-t'))).toEqual({ result: 'mates' });
  });

  it('lets a lugged servo plug go onto a flat header of the same pitch once its lug is cut off', () => {
    expect(mating(socket('servo-3-lug'), plug('servo-3-flat'))).toEqual({ result: 'trim', what: 'the lug' });
    expect(mating(plug('servo-3-lug'), socket('servo-3-flat'))).toEqual({ result: 'mates' });
    expect(mating(socket('servo-3-lug'), plug('servo-3-lug'))).toEqual({ result: 'mates' });
  });

  it('judges no plug that nobody has told of', () => {
    const assumed = { ...plug('sleeve-35'), isAssumed: true };
    expect(mating(assumed, socket('blade-t'))).toEqual({ result: 'unknown' });
    expect(goesTogether(assumed, socket('blade-t'))).toBe(true);
    expect(goesTogether(plug('sleeve-35'), socket('blade-t'))).toBe(false);
  });

  it('refuses two plugs, and says there may be one', () => {
    expect(mating(plug('sleeve-35'), plug('sleeve-35'))).toMatchObject({
      result: 'refuses',
      reason: 'gender',
      actual: 2,
      limit: 1,
    });
  });

  it('calls 2.0 mm on 2.54 mm a near miss with both pitches', () => {
    expect(mating(socket('servo-3-small'), plug('servo-3-flat'))).toMatchObject({
      result: 'nearMiss',
      reason: 'pitch',
      actual: 2.0,
      limit: 2.54,
      unit: 'mm',
    });
  });

  it('refuses a sleeve plug in a blade socket', () => {
    expect(mating(plug('sleeve-35'), socket('blade-t'))).toMatchObject({ result: 'refuses', reason: 'form' });
  });

  it('compares contact size within a form', () => {
    expect(mating(plug('sleeve-20'), socket('sleeve-35'))).toMatchObject({ reason: 'size', unit: 'mm' });
  });

  it('solders bare wire to anything', () => {
    expect(mating({ family: 'open', gender: 'none' }, plug('bullet-40'))).toEqual({ result: 'solder' });
  });

  it('gives the same result whichever way round it is asked', () => {
    const any = fc.record({
      family: fc.constantFrom(...connectorFamilyIds),
      gender: fc.constantFrom(...genders),
    });
    fc.assert(fc.property(any, any, (a, b) => mating(a, b).result === mating(b, a).result));
  });
});
