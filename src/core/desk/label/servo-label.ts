import { kilogramCentimetre, ounceInch } from '../../base/quantity/constants';
import type { LabelFigure } from './reading';
import { number, numbers, type Scan, valueOf, valuesOf } from './scan';

/** Something on a servo's label that goes with volts, or the volts themselves, where it stands. */
interface Token {
  is: 'volts' | 'stallTorque' | 'speed' | 'stallAmps';
  values: number[];
  isRange: boolean;
  start: number;
  end: number;
  from: string;
  /** Said to be at the volts that follow: `@ 7.4 V`. */
  isAt: boolean;
}

const torqueWord = 'kgf?[ ·.*/-]?cm|kgf?(?!\\p{L})|oz[ ·.*/-]?in(?:ch)?|m?n[ ·.*-]?m(?!\\p{L})|n[ ·.*-]?cm';
const seconds = 's(?:ec(?:ond)?s?)?\\.?';
const sixty = '60 ?(?:°|º|deg(?:rees?)?)?';
const volts = 'v(?:olts?)?(?![\\p{L}\\d])';

/** Newton-metres of one of a unit of torque, as labels write it. */
function torqueUnit(word: string): number {
  const unit = word.toLowerCase().replaceAll(/[^a-z]/g, '');
  if (unit.startsWith('kg')) return kilogramCentimetre;
  if (unit.startsWith('oz')) return ounceInch;
  return unit === 'ncm' ? 0.01 : unit === 'mnm' ? 0.001 : 1;
}

/** What a servo's label says; torque, speed and stall amps each at the volts that it names for them. */
export function readServo(scan: Scan): LabelFigure[] {
  const figures: LabelFigure[] = [];
  const tokens: Token[] = [];
  const note = (
    is: Token['is'],
    values: number[],
    isRange: boolean,
    match: RegExpExecArray,
    from: string,
  ) => {
    const end = match.index + match[0].length;
    tokens.push({ is, values, isRange, start: match.index, end, from, isAt: false });
  };
  scan.take('\\b(\\d{2,4}) ?(?:°|º|deg(?:rees?)?\\b)(?: travel| rotation)?', ([, degrees], from) => {
    if (degrees === '60') return false;
    figures.push({ name: 'travelDegrees', value: Number(degrees), from });
  });
  scan.take(
    '\\b(\\d{2}) ?(?:t\\b|teeth\\b|tooth\\b)(?: ?(?:spline|horn|output))?',
    ([, teeth], from) => void figures.push({ name: 'teeth', value: Number(teeth), from }),
  );
  scan.take(`stall(?: current)? ?[:=]? ?(${number}) ?(m?)a\\b|(${number}) ?(m?)a stall\\b`, (match, from) =>
    note(
      'stallAmps',
      [valueOf((match[1] ?? match[3])!) * ((match[2] ?? match[4]) ? 1e-3 : 1)],
      false,
      match,
      from,
    ),
  );
  scan.take(`(${numbers(torqueWord)}) ?(${torqueWord})`, (match, from) => {
    const { values, isRange } = valuesOf(match[1]!);
    const scale = torqueUnit(match[2]!);
    note(
      'stallTorque',
      values.map((each) => each * scale),
      isRange,
      match,
      from,
    );
  });
  const speed = (match: RegExpExecArray, from: string) => {
    const { values, isRange } = valuesOf(match[1]!);
    if (values.some((each) => each < 0.02 || each > 3)) return false;
    note('speed', values, isRange, match, from);
  };
  scan.take(`${sixty} ?(?:\\/|in|:) ?(${number}) ?${seconds}(?!\\p{L})`, speed);
  scan.take(
    `(${numbers(seconds)}) ?(?:${seconds}(?!\\p{L}))(?: ?(?:\\/|per|@|:) ?${sixty}(?![\\d.,]))?`,
    speed,
  );
  scan.take(`(${numbers(seconds)}) ?\\/ ?${sixty}(?![\\d.,])`, speed);
  scan.take(`(@ ?|\\bat )?\\(?(${numbers(volts)}) ?${volts}\\)?`, (match, from) => {
    const { values, isRange } = valuesOf(match[2]!);
    note('volts', values, isRange, match, from.replace(/^(?:@|at) ?/i, '').replaceAll(/[()]/g, ''));
    tokens.at(-1)!.isAt = match[1] !== undefined || match[0].startsWith('(');
  });
  tokens.sort((a, b) => a.start - b.start);
  figures.push(
    ...limits(tokens),
    ...tokens.filter(({ is }) => is !== 'volts').flatMap((each) => atVolts(each, tokens)),
  );
  return figures;
}

/** The most volts that a label names, and the least where it gives a range. */
function limits(tokens: readonly Token[]): LabelFigure[] {
  const named = tokens.filter(({ is }) => is === 'volts');
  if (named.length === 0) return [];
  const top = named.reduce((best, each) =>
    Math.max(...each.values) > Math.max(...best.values) ? each : best,
  );
  const range = named.find(({ isRange }) => isRange);
  return [
    ...(range ? [{ name: 'minVolts' as const, value: Math.min(...range.values), from: range.from }] : []),
    { name: 'maxVolts', value: Math.max(...top.values), from: top.from },
  ];
}

/** A figure at the volts beside it: those it is said to be at, else those of a list as long, else the nearest on its side. */
function atVolts(token: Token, tokens: readonly Token[]): LabelFigure[] {
  const named = tokens.filter(({ is }) => is === 'volts');
  const { is, values, from } = token;
  const figure = (value: number, at: number | undefined): LabelFigure => ({
    name: is as LabelFigure['name'],
    value,
    from,
    ...(at !== undefined && { atVolts: at }),
  });
  const following = named.find(({ start, isAt }) => isAt && start >= token.end);
  const asLong = named.filter((each) => each.values.length === values.length && values.length > 1);
  if (values.length > 1) {
    const list = following?.values.length === values.length ? following : asLong[0];
    return values.map((value, n) => figure(value, list?.values[n]));
  }
  if (following && following.values.length === 1 && !isCut(token, following, tokens))
    return [figure(values[0]!, following.values[0])];
  // Labels repeat a row, such as volts, torque, speed: each row begins with what the first one begins with.
  const rows = rowsOf(tokens.filter((each) => each.is !== 'volts' || each.values.length === 1));
  const row = rows.find((all) => all.includes(token));
  const beside = (row ?? tokens).find((each) => each.is === 'volts' && each.values.length === 1);
  if (beside) return [figure(values[0]!, beside.values[0])];
  // A label prints its best figure, and that is at its most volts.
  const [range] = named;
  return [figure(values[0]!, range && Math.max(...range.values))];
}

/** The rows of a label, each beginning with the kind of figure that the first begins with. */
function rowsOf(tokens: readonly Token[]): Token[][] {
  const rows: Token[][] = [];
  for (const token of tokens)
    if (token.is === tokens[0]?.is) rows.push([token]);
    else rows.at(-1)?.push(token);
  return rows;
}

/** Whether other volts stand between a figure and those it could be at. */
const isCut = (token: Token, volts: Token, tokens: readonly Token[]): boolean =>
  tokens.some(({ is, start }) => is === token.is && start > token.start && start < volts.start);
