import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { readingOf } from '../../reading/build-reading/reading';
import { readReadingRows } from './reading-rows';
import { readingKinds } from './reading-kinds';

const kinds = readingKinds(readingOf(demoBuild('harbour-tug'), []));
const read = (text: string) =>
  readReadingRows(
    text.split('\n').map((line) => line.split(',')),
    kinds,
  );

describe('a table of readings', () => {
  it('is read in any unit of what was read, with or without an error', () => {
    expect(read('what,value,unit,error\nrestVolts:receiver,5020,mV,30\ntopSpeed,1.5,m/s,\n')).toEqual({
      ok: true,
      value: [
        { what: 'restVolts:receiver', value: expect.closeTo(5.02, 9) as number, error: 0.03 },
        { what: 'topSpeed', value: expect.closeTo(5.4, 9) as number },
      ],
    });
  });

  it.each([
    ['', 'row 1: must be the head what,value,unit,error'],
    ['what,value\n', 'no reading in it'],
    ['what,value\nspeed,3', /row 2: “speed” cannot be read on this model; there are topSpeed/],
    ['what,value\ntopSpeed,fast', 'row 2: no figure at its start'],
    ['what,value,unit\ntopSpeed,3,V', 'row 2: in V, and this is in km/h'],
    ['what,value\ntopSpeed,3000', 'row 2: Top speed, level, full ahead from 0.2 to 200 km/h'],
    ['what,value,unit,error\ntopSpeed,3,,-1', 'row 2: an error is 0 or more'],
  ])('that cannot be read is refused with the row: %j', (text, why) => {
    const found = read(text);
    if (found.ok) throw new Error('it was taken');
    if (typeof why === 'string') expect(found.problem).toBe(why);
    else expect(found.problem).toMatch(why);
  });
});
