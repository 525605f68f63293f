import { number, valueOf, type Scan } from './scan';
import { ampUnit, amps, Figures, readBody, readCells, readVolts, volt } from './label-figures';
import type { LabelFigure } from './reading';

export function readMotor(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take('\\bbrush(ed|less)\\b', ([, which], from) =>
    figures.add('motorKind', which!.toLowerCase() === 'ed' ? 'brushed' : 'brushless', from),
  );
  scan.take('\\bsensor(?:ed|less)\\b', () => undefined);
  scan.take(
    `(?:\\bkv ?[:=]? ?(\\d{2,5})\\b|(\\d{1,2}[.,]\\d{3}|\\d{2,5}) ?(?:kv\\b|rpm ?(?:\\/|per) ?v(?:olt)?\\b))`,
    (m, from) => figures.add('kv', valueOf((m[1] ?? m[2])!, true), from),
  );
  scan.take(`(\\d{4,5}) ?rpm ?(?:@|at|\\/)? ?(${number}) ?${volt}`, ([, rpm, volts], from) =>
    figures.add('kv', Math.round(Number(rpm) / valueOf(volts!)), from),
  );
  scan.take(
    `(?:no[ -]?load(?: current)?|idle(?: current)?) ?[:=]? ?(${number}) ?${ampUnit}`,
    ([, value, unit], from) => figures.add('noLoadAmps', amps(value!, unit!), from),
  );
  scan.take(`(${number}) ?${ampUnit} (?:no[ -]?load|idle)`, ([, value, unit], from) =>
    figures.add('noLoadAmps', amps(value!, unit!), from),
  );
  scan.take(`stall(?: current)? ?[:=]? ?(${number}) ?${ampUnit}|(${number}) ?${ampUnit} stall`, (m, from) =>
    figures.add('stallAmps', amps((m[1] ?? m[3])!, (m[2] ?? m[4])!), from),
  );
  scan.take(
    `(?:(?:max|full|load|rated|continuous|cont)\\.? ?)*(?:current|load)? ?[:=]? ?(${number}) ?${ampUnit}(?: (?:max|load|full load|continuous))?`,
    ([, value, unit], from) => figures.add('fullLoadAmps', amps(value!, unit!), from),
  );
  scan.take('\\b(\\d{1,3}(?:[.,]5)?) ?(?:t\\b|turns?\\b)', ([, turns], from) =>
    figures.add('turns', valueOf(turns!), from),
  );
  scan.take('\\b\\d{1,2}[ -]?poles?\\b', () => undefined);
  readCells(scan, figures);
  readVolts(scan, figures, 'minVolts', 'maxVolts');
  scan.take('\\b(\\d{2}) ?[x×] ?(\\d{2,3})(?: ?mm)?\\b', ([, across, along], from) =>
    figures.add('can', `${across}${along}`, from),
  );
  readBody(scan, figures);
  scan.take(
    '\\b((?:130|180|260|280|370|380|390|540|550|600|700|750|775)|[1-5]\\d[2-9]\\d)(?:[ -]?(?:size|class|can|series))?\\b',
    ([, can], from) => {
      if (figures.all.some(({ name }) => name === 'can')) return false;
      figures.add('can', can!, from);
    },
  );
  return figures.all;
}
