import type { Scan } from './scan';
import { number, numbers, through, valueOf, valuesOf } from './scan';
import { asChemistry, chemistryNamed, chemistryWord } from './chemistry-words';
import type { LabelFigure } from './reading';
import type { FigureName } from '../../model/kinds/figure-names';

/** Adds a figure unless it is there already: what stands first on a label is what it is sold by. */
export class Figures {
  readonly all: LabelFigure[] = [];

  add(name: FigureName, value: LabelFigure['value'], from: string, more: Partial<LabelFigure> = {}): void {
    if (this.all.some((each) => each.name === name && each.chemistry === more.chemistry)) return;
    this.all.push({ name, value: typeof value === 'number' ? tidy(value) : value, from, ...more });
  }

  /** A range, or the most alone. */
  addRange(least: FigureName, most: FigureName, values: readonly number[], from: string, more = {}): void {
    if (values.length > 1) this.add(least, Math.min(...values), from, more);
    this.add(most, Math.max(...values), from, more);
  }
}

/** Without the crumbs of sums. */
export const tidy = (value: number): number => Number(value.toPrecision(6));

export const amps = (value: string, unit: string): number => valueOf(value) * (/^m/i.test(unit) ? 1e-3 : 1);
export const ampUnit = '(m?)a(?:mps?)?\\b';
export const volt = 'v(?:olts?)?(?:\\b|(?=[/|~@-]))(?: ?dc\\b)?';

/** What any part may say of its size: mass and sides. */
export function readBody(scan: Scan, figures: Figures): void {
  scan.take(`(${number}(?: ?[x×*] ?${number}){1,2}) ?(mm|cm)\\b`, ([, sides, unit], from) => {
    const values = [...sides!.matchAll(new RegExp(number, 'g'))].map(([each]) =>
      tidy(valueOf(each) * (unit!.toLowerCase() === 'cm' ? 10 : 1)),
    );
    figures.add('millimetres', values, from);
  });
  scan.take(`(${number}) ?(kg|g|gr|grams?|oz)\\b`, ([, value, unit], from) => {
    const scale = { k: 1, g: 1e-3, o: 0.0283495 }[unit!.charAt(0).toLowerCase()]!;
    figures.add('kilograms', valueOf(value!) * scale, from);
  });
}

/** Cells of a controller or a motor: `2-3S`, `2-3S LiPo`, `5-9 cells NiMH`, `LiPo 2-3S`. */
export function readCells(scan: Scan, figures: Figures): void {
  const cells = `(\\d{1,2})(?: ?s)?(?:(?:${through}|\\/)(\\d{1,2}))? ?(?:s|cells?)`;
  const take = (pattern: string, order: [number, number, number]) =>
    scan.take(pattern, (match, from) => {
      const [first, last, word] = order.map((n) => match[n]);
      const values = [first, last].flatMap((each) => (each === undefined ? [] : [Number(each)]));
      const chemistry = word === undefined ? {} : { chemistry: asChemistry(chemistryNamed(word)) };
      figures.addRange('minCells', 'maxCells', values, from, chemistry);
    });
  take(`\\b${cells}?[ -]?(${chemistryWord})`, [1, 2, 3]);
  take(`(${chemistryWord})[ :]*${cells}\\b`, [2, 3, 1]);
  take(`\\b${cells}\\b`, [1, 2, 9]);
  scan.take(chemistryWord, () => undefined);
}

export function readVolts(scan: Scan, figures: Figures, least: FigureName, most: FigureName): void {
  scan.take(`(?:dc ?)?(${numbers(volt)}) ?${volt}`, ([, list], from) => {
    const { values } = valuesOf(list!);
    figures.addRange(least, most, values, from);
  });
}
