import { number, numbers, valueOf, valuesOf, type Scan } from './scan';
import { ampUnit, amps, Figures, readBody, readCells, readVolts, volt } from './label-figures';
import type { LabelFigure } from './reading';

/** What stands around the word BEC: its volts and its amps. */
function readBec(scan: Scan, figures: Figures): void {
  const name = '(?:[su]-?)?bec(?: output)?';
  const volts = `(${numbers(volt)}) ?${volt}`;
  const current = `(${number}) ?${ampUnit}`;
  const kind = '(?:linear|switching|switch[ -]?mode|adj(?:ustable|\\.)?|built[ -]?in)?';
  const gap = '[ :=/@,(-]*';
  const use = (
    list: string | undefined,
    value: string | undefined,
    unit: string | undefined,
    from: string,
  ) => {
    if (list !== undefined) figures.add('becVolts', valuesOf(list).values, from);
    if (value !== undefined) figures.add('becAmps', amps(value, unit ?? ''), from);
  };
  scan.take(`\\b(?:no|without|w/o) ${name}\\b|\\bopto\\b`, () => undefined);
  scan.take(`${kind} ?\\b${name}${gap}${volts}(?:${gap}(?:max )?${current})?\\)?`, (m, from) =>
    use(m[1], m[2], m[3], from),
  );
  scan.take(`${kind} ?\\b${name}${gap}${current}(?:${gap}${volts})?\\)?`, (m, from) =>
    use(m[3], m[1], m[2], from),
  );
  scan.take(`${volts}(?:${gap}${current})? ?${kind} ?${name}\\b`, (m, from) => use(m[1], m[2], m[3], from));
  scan.take(`${current}(?:${gap}${volts})? ?${kind} ?${name}\\b`, (m, from) => use(m[3], m[1], m[2], from));
  scan.take(`\\b${name}\\b`, () => undefined);
}

export function readController(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take('\\bbrush(ed|less)\\b', ([, which], from) =>
    figures.add('motorKind', which!.toLowerCase() === 'ed' ? 'brushed' : 'brushless', from),
  );
  scan.take('\\bsensor(?:ed|less)\\b', () => undefined);
  readBec(scan, figures);
  scan.take(
    `(?:(?:limit|min|down to|from|motors?|≥|>=?)\\.?:? ?)*\\b(\\d{1,2}) ?(?:t\\b|turns?\\b)(?: ?(?:limit|min|and up|or more|\\+))?\\.?`,
    ([, turns], from) => figures.add('minTurns', Number(turns), from),
  );
  const peak = '(?:burst|peak|max|surge)';
  // The word before the amps goes first: in “60A burst 390A” it is no word of the 60.
  const burst = ([, value, unit]: RegExpExecArray, from: string) =>
    figures.add('burstAmps', amps(value!, unit!), from);
  scan.take(`\\b${peak}\\.?(?: current)? ?[:=]? ?(${number}) ?${ampUnit}`, burst);
  scan.take(`(${number}) ?${ampUnit} ?${peak}\\b`, burst);
  scan.take(`(${number}) ?(?:a)? ?\\/ ?(${number}) ?a\\b`, ([, first, second], from) => {
    if (valueOf(second!) <= valueOf(first!)) return false;
    figures.add('continuousAmps', valueOf(first!), from);
    figures.add('burstAmps', valueOf(second!), from);
  });
  scan.take(
    `(?:(?:continuous|cont|rated)\\.?:? ?)?(${number}) ?${ampUnit}(?: (?:continuous|cont)\\b\\.?)?`,
    ([, value, unit], from) => figures.add('continuousAmps', amps(value!, unit!), from),
  );
  readCells(scan, figures);
  readVolts(scan, figures, 'minVolts', 'maxVolts');
  readBody(scan, figures);
  return figures.all;
}

export function readRegulator(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take(
    `(?:input|in|vin) ?[:=]? ?(?:dc ?)?(${numbers(volt)}) ?${volt}|(${numbers(volt)}) ?${volt} ?(?:input|in)\\b`,
    (m, from) => figures.addRange('minInputVolts', 'maxInputVolts', valuesOf((m[1] ?? m[2])!).values, from),
  );
  const burst = ([, value, unit]: RegExpExecArray, from: string) =>
    figures.add('burstAmps', amps(value!, unit!), from);
  scan.take(`(?:peak|burst|max) ?(${number}) ?${ampUnit}`, burst);
  scan.take(`(${number}) ?${ampUnit} ?(?:peak|burst|max)\\b`, burst);
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('becAmps', amps(value!, unit!), from),
  );
  readCells(scan, figures);
  // An output can be chosen from a few volts; what spans more is what it may be fed.
  scan.take(
    `(?:(?:output|out|adj(?:ustable|\\.)?) ?[:=]? ?)?(${numbers(volt)}) ?${volt}(?: ?(?:output|out)\\b)?`,
    ([, list], from) => {
      const { values, isRange } = valuesOf(list!);
      const isInput = isRange && Math.max(...values) > 2 * Math.min(...values);
      if (isInput || (values.length === 1 && values[0]! > 12.6))
        figures.addRange('minInputVolts', 'maxInputVolts', values, from);
      else figures.add('becVolts', values, from);
    },
  );
  readBody(scan, figures);
  return figures.all;
}
