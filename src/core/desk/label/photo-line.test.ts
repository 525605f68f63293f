import { describe, expect, it } from 'vitest';
import { lineFromPhoto } from './photo-line';
import { readLabel } from './read-label';

const words = (text: string, confidence = 90) => text.split(' ').map((word) => ({ text: word, confidence }));

describe('the print of a photograph', () => {
  it('becomes one line, without specks and what was hardly read', () => {
    expect(lineFromPhoto([words('~~ BRUSHED |MOTOR ©'), words('540 21T'), words('smudge', 20)])).toBe(
      'BRUSHED MOTOR 540 21T',
    );
  });

  it.each([
    ['6OA', '60A'],
    ['I2A', '12A'],
    ['2OOO', '2000'],
    ['5OOOmAh', '5000mAh'],
    ['S20', 'S20'],
    ['LiPo', 'LiPo'],
    ['Oil', 'Oil'],
  ])('reads letters among digits as digits: %s is %s', (seen, printed) => {
    expect(lineFromPhoto([words(seen)])).toBe(printed);
  });

  it('says what a label of several lines says', () => {
    const line = lineFromPhoto([words('BRUSHED ESC'), words('6OA 2-3S'), words('BEC 6V 3A')]);
    const read = readLabel(line);
    expect(read.ok && read.value).toMatchObject({ kind: 'controller', unread: [] });
    expect(read.ok && read.value.figures.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['continuousAmps', 'maxCells', 'becVolts', 'becAmps']),
    );
  });

  it('is cut where it has no end', () => {
    expect(lineFromPhoto([words('word '.repeat(900).trim())]).length).toBeLessThanOrEqual(200);
  });
});
