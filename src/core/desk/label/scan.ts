/** A number as labels print it, with a decimal point or comma. */
export const number = '(?:\\d+(?:[.,]\\d+)?|[.,]\\d+)';
/** Between the two ends of a range. */
export const through = '\\s*(?:-|–|—|~|to|\\.\\.+|…)\\s*';
/** Several numbers, apart by strokes or as a range, with or without the unit behind each. */
export const numbers = (unit: string): string =>
  `${number}(?:\\s*(?:${unit})?(?:\\s*[/|]\\s*|${through})${number})*`;

/** What a consumed character becomes, so that nothing is read twice and no word spans it. */
const taken = '\u241f';

/** A number as it was printed. @param hasThousands whether a comma before three digits divides thousands */
export function valueOf(text: string, hasThousands = false): number {
  const plain =
    hasThousands && /^\d{1,3}[.,]\d{3}$/.test(text) ? text.replace(/[.,]/, '') : text.replace(',', '.');
  return Number(plain);
}

/** The numbers of a list or a range, and whether it was a range. */
export function valuesOf(text: string): { values: number[]; isRange: boolean } {
  const values = [...text.matchAll(new RegExp(number, 'g'))].map(([each]) => valueOf(each));
  return { values, isRange: values.length > 1 && !/[/|]/.test(text) };
}

/** One line that is read bit by bit: what one pattern takes, no other sees. */
export class Scan {
  private rest: string;

  constructor(readonly text: string) {
    this.rest = text;
  }

  /** Takes all places where a pattern stands; those for which `use` returns `false` stay. */
  take(pattern: string, use: (match: RegExpExecArray, from: string) => boolean | void): void {
    const regexp = new RegExp(pattern, 'giu');
    for (let match = regexp.exec(this.rest); match; match = regexp.exec(this.rest)) {
      const [whole] = match;
      if (whole.includes(taken) || whole === '') {
        regexp.lastIndex = match.index + 1;
        continue;
      }
      const from = this.text.slice(match.index, match.index + whole.length).trim();
      if (use(match, from) === false) continue;
      const end = match.index + whole.length;
      this.rest = this.rest.slice(0, match.index) + taken.repeat(whole.length) + this.rest.slice(end);
    }
  }

  /** Whether a pattern stands in what is left; it is taken then. */
  has(pattern: string): boolean {
    let isThere = false;
    this.take(pattern, () => {
      isThere = true;
    });
    return isThere;
  }

  /** Words that nothing took, each with whether it stands before everything that was. */
  left(): { word: string; isFirst: boolean }[] {
    const first = this.rest.indexOf(taken);
    return [...this.rest.matchAll(/[\p{L}\p{N}][\p{L}\p{N}.,'+-]*/gu)]
      .filter(([word]) => !word.includes(taken))
      .map((match) => ({
        word: match[0].replace(/[.,'-]+$/, ''),
        isFirst: first < 0 || match.index < first,
      }));
  }
}
