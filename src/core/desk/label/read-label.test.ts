import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { labelLines } from '../../../../tests/kit/labels';
import { kilogramCentimetre } from '../../base/quantity/constants';
import { partProblem } from '../../model/kinds/part-problem';
import { partFromLabel } from './label-part';
import { presumedFigures } from '../../model/kinds/usual-sheet';
import { readLabel } from './read-label';
import { labelKinds, type LabelFigure, type LabelReading } from './reading';

const read = (line: string): LabelReading => {
  const reading = readLabel(line);
  if (!reading.ok) throw new Error(`${line}: ${reading.problem}`);
  return reading.value;
};

/** A figure as the table writes it. */
function written({ name, value, atVolts }: LabelFigure): string {
  const at = atVolts === undefined ? '' : `@${atVolts}`;
  if (name === 'stallTorque')
    return `torque=${Number((Number(value) / kilogramCentimetre).toPrecision(5))}${at}`;
  return `${name}=${typeof value === 'object' ? value.join(',') : value}${at}`;
}

describe('a label', () => {
  it('is read in at least 95 of 100 figures over all kinds, and none is read wrong', () => {
    expect(labelLines.length).toBeGreaterThanOrEqual(150);
    expect(new Set(labelLines.map(({ kind }) => kind))).toEqual(new Set(labelKinds));
    let wanted = 0;
    let found = 0;
    const wrong: string[] = [];
    for (const { line, kind, figures } of labelLines) {
      const reading = read(line);
      if (reading.kind !== kind) wrong.push(`${line}: ${reading.kind}`);
      const all = reading.figures.map(written);
      // The cells of a second chemistry stand beside those of the first.
      const extra = all.filter((each) => !figures.includes(each) && !/Cells=[69]$/.test(each));
      wrong.push(...extra.map((each) => `${line}: ${each}, not ${figures.join(' ')}`));
      wanted += figures.length;
      found += figures.filter((each) => all.includes(each)).length;
    }
    expect(wrong).toEqual([]);
    expect(found / wanted).toBeGreaterThan(0.95);
  });

  it('becomes a sheet that can be kept, with what was read stated on it', () => {
    for (const { line, kind } of labelLines) {
      const { part, refused } = partFromLabel(read(line), line, 'typed');
      expect(partProblem(part, line), line).toBeUndefined();
      expect(refused, line).toEqual([]);
      expect(part.name).toBe(line.slice(0, 60).trim());
      for (const { value, low, high } of presumedFigures(part)) {
        expect(low, line).toBeLessThanOrEqual(value);
        expect(high, line).toBeGreaterThanOrEqual(value);
      }
      if (kind === 'servo') expect(part).toHaveProperty('sheet.0.stallNewtonMetres.provenance', 'stated');
    }
  });

  it('drops nothing that it does not understand', () => {
    expect(read('540 brushed 21T frobnicated 77Q')).toMatchObject({ unread: ['frobnicated', '77Q'] });
    expect(read('Quillet S20 20kg servo')).toMatchObject({ name: 'Quillet S20', unread: [] });
    expect(readLabel('blorp')).toMatchObject({ ok: false });
    expect(readLabel('  ')).toMatchObject({ ok: false });
    expect(readLabel('9'.repeat(500))).toMatchObject({ ok: false });
  });

  it('tells a range for what is not printed, and none for what is', () => {
    const presumed = (line: string) =>
      Object.fromEntries(
        presumedFigures(partFromLabel(read(line), line, 'typed').part).map(({ name, ...rest }) => [
          name,
          rest,
        ]),
      );
    expect(presumed('540 brushed 21T').kv).toMatchObject({ value: 2860 });
    expect(presumed('540 brushed 21T 2500kv').kv).toBeUndefined();
    // More torque, more amps.
    expect(presumed('35 kg servo').stallAmps!.value).toBeGreaterThan(presumed('9 kg servo').stallAmps!.value);
    expect(presumed('9 kg servo').maxVolts).toMatchObject({ value: 6 });
    expect(presumed('servo 9kg 8.4V').maxVolts).toBeUndefined();
  });

  it('never throws, and makes a sheet that can be kept, whatever is pasted', () => {
    const bits = fc.constantFrom(
      ...'540 21T 60A 2S 3S2P 20kg 0.16s/60 7.4V 6-8.4V 5000mAh 50C BEC ESC servo motor @ / - ( , KV 999999999kv 0V 1e9A 22AWG ° 🎛 % lipo'.split(
        ' ',
      ),
    );
    let made = 0;
    fc.assert(
      fc.property(
        fc.array(bits, { minLength: 1, maxLength: 12 }),
        fc.constantFrom(' ', '', ', '),
        (words, gap) => {
          const reading = readLabel(words.join(gap));
          if (!reading.ok) return;
          made += 1;
          const { part } = partFromLabel(reading.value, words.join(gap), 'typed');
          expect(partProblem(part, 'typed')).toBeUndefined();
        },
      ),
      { numRuns: 300, seed: 32 },
    );
    expect(made).toBeGreaterThan(150);
  });
});
