import { failure, success, type Result } from '../../base/result';
import { asChemistry, cellsAt, chemistryAt, chemistryNamed, chemistryWord } from './chemistry-words';
import { kindOfLabel } from './label-kind';
import type { FigureName } from '../../model/kinds/figure-names';
import type { LabelFigure, LabelKind, LabelReading } from './reading';
import { number, numbers, Scan, through, valueOf, valuesOf } from './scan';
import { readServo } from './servo-label';

/** Longest line that is read. */
const mostLetters = 400;

/** Words of boxes that say nothing with a figure: what they tell is in the kind, or is no matter of volts and amps. */
const filler = new RegExp(
  `^(?:${[
    'servos?|esc|speed|control(?:ler)?|motors?|brush(?:ed|less)|batter(?:y|ies)|packs?|receivers?|rx|transmitters?|tx',
    'radio|set|bec|sbec|ubec|regulator|switch(?:ing)?|mode|fuse|cable|wire|lead|leads|extension|harness|adapt[eo]r|y-?lead',
    'leds?|bar|lamps?|lights?|bulbs?|pump|fan|smoke|horn|siren|sound|heater|beacon|camera|buzzer|winch|sail',
    'for|with|and|or|the|a|an|of|in|at|to|per|max|min|up|no|new|rc|r/c|hobby|model|size|class|type|case|hard|soft',
    'digital|analog(?:ue)?|metal|gears?|gear|geared|plastic|ball|bearings?|waterproof|splash|proof|high|torque|voltage|volts?|hv',
    'standard|mini|micro|strong|sensor(?:ed|less)?|inrunner|outrunner|linear|continuous|cont|burst|peak|current|stall|load',
    'forward|reverse|brake|car|boat|crawler|truck|ghz|fhss|handset|stick|wheel|output|input|out|channels?|ch|relay|electronic|limit',
  ].join('|')})$`,
  'i',
);

/**
 * Reads one line as it stands on a label or a box: what it says, each figure with the words it came from, and what was not
 * understood. Nothing is guessed: what a usual part of the kind would have is no matter of its label.
 * @param told the kind, where a person has said it
 * @returns why nothing can be read, where it cannot
 */
export function readLabel(line: string, told?: LabelKind): Result<LabelReading, string> {
  const text = line.replaceAll(/\s+/g, ' ').trim();
  if (text === '') return failure('type what is printed on the part, such as “540 brushed 21T”');
  if (text.length > mostLetters) return failure(`a label has at most ${mostLetters} letters`);
  const kind = told ?? kindOfLabel(text);
  if (!kind)
    return failure(
      `what kind of part “${text.slice(0, 60)}” is cannot be told: add a word such as motor, ESC, servo, battery or receiver`,
    );
  const scan = new Scan(text);
  // The band of a radio is no figure that anything is judged by.
  scan.take('\\b2[.,]4 ?g(?:hz)?\\b', () => undefined);
  const figures = readers[kind](scan);
  const left = scan.left();
  const nameWords: string[] = [];
  const unread: string[] = [];
  for (const { word, isFirst } of left) {
    if (filler.test(word) || word === '') continue;
    (isFirst && unread.length === 0 ? nameWords : unread).push(word);
  }
  return success({ kind, name: nameWords.join(' '), figures, unread });
}

/** Adds a figure unless it is there already: what stands first on a label is what it is sold by. */
class Figures {
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
const tidy = (value: number): number => Number(value.toPrecision(6));

const amps = (value: string, unit: string): number => valueOf(value) * (/^m/i.test(unit) ? 1e-3 : 1);
const ampUnit = '(m?)a(?:mps?)?\\b';
const volt = 'v(?:olts?)?(?:\\b|(?=[/|~@-]))(?: ?dc\\b)?';

/** What any part may say of its size: mass and sides. */
function readBody(scan: Scan, figures: Figures): void {
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
function readCells(scan: Scan, figures: Figures): void {
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

function readVolts(scan: Scan, figures: Figures, least: FigureName, most: FigureName): void {
  scan.take(`(?:dc ?)?(${numbers(volt)}) ?${volt}`, ([, list], from) => {
    const { values } = valuesOf(list!);
    figures.addRange(least, most, values, from);
  });
}

function readMotor(scan: Scan): LabelFigure[] {
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

function readController(scan: Scan): LabelFigure[] {
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

function readRegulator(scan: Scan): LabelFigure[] {
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

function readPack(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  let chemistry: string | undefined;
  scan.take(chemistryWord, ([word], from) => {
    chemistry ??= chemistryNamed(word);
    figures.add('chemistry', chemistry, from);
  });
  scan.take('\\b(\\d{1,2}) ?s(?: ?(\\d{1,2}) ?p)?\\b', ([, cells, parallel], from) => {
    figures.add('cells', Number(cells), from);
    // Cells counted so are lithium ones, unless another word says what they are.
    figures.add('chemistry', 'LiPo', from, { isDerived: true });
    if (parallel !== undefined) figures.add('parallel', Number(parallel), from);
  });
  // Round cells of a size are dry ones, unless another word says what they are.
  scan.take('\\b(\\d{1,2}) ?[x×-]? ?aaa?(?: cells?)?\\b', ([, cells], from) => {
    figures.add('cells', Number(cells), from);
    if (chemistry === undefined) figures.add('chemistry', 'dry cell', from, { isDerived: true });
  });
  scan.take('\\baaa?\\b', (_, from) => {
    if (chemistry === undefined) figures.add('chemistry', 'dry cell', from, { isDerived: true });
  });
  scan.take('\\b(\\d{1,2})[ -]?cells?\\b', ([, cells], from) => figures.add('cells', Number(cells), from));
  scan.take('\\b(\\d) ?p\\b', ([, parallel], from) => figures.add('parallel', Number(parallel), from));
  scan.take(`(\\d{1,2}[.,]\\d{3}|\\d{2,5}) ?mah\\b|(${number}) ?ah\\b`, (m, from) =>
    figures.add('ampHours', m[1] === undefined ? valueOf(m[2]!) : valueOf(m[1], true) / 1000, from),
  );
  scan.take(`\\b(\\d{1,3}) ?c?(?:${through}|\\/)(\\d{1,3}) ?c\\b`, ([, rate, burst], from) => {
    figures.add('dischargeRate', Number(rate), from);
    figures.add('burstRate', Number(burst), from);
  });
  const burst = ([, rate]: RegExpExecArray, from: string) => figures.add('burstRate', Number(rate), from);
  scan.take('(?:burst|peak) (\\d{1,3}) ?c\\b', burst);
  scan.take('\\b(\\d{1,3}) ?c (?:burst|peak)', burst);
  scan.take('\\b(\\d{1,3}) ?c\\b', ([, rate], from) => figures.add('dischargeRate', Number(rate), from));
  scan.take(`${number} ?wh\\b`, () => undefined);
  scan.take(`(${number}) ?${volt}`, ([, value], from) => {
    const volts = valueOf(value!);
    const named = chemistry === undefined ? chemistryAt(volts) : asChemistry(chemistry);
    const cells = named && cellsAt(named, volts);
    // Volts that are no whole number of cells are not understood.
    if (!named || cells === undefined)
      return figures.all.some(({ name }) => name === 'cells') ? undefined : false;
    figures.add('chemistry', named, from, { isDerived: true });
    figures.add('cells', cells, from);
  });
  readBody(scan, figures);
  return figures.all;
}

function readRadio(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take('\\b(\\d{1,2})[ -]?ch(?:annels?)?\\b', ([, channels], from) =>
    figures.add('channels', Number(channels), from),
  );
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('amps', amps(value!, unit!), from),
  );
  readVolts(scan, figures, 'minVolts', 'maxVolts');
  readBody(scan, figures);
  return figures.all;
}

/** Lamps, pumps, switches, fuses: amps, or watts at the volts beside them. */
function readLoad(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('amps', amps(value!, unit!), from),
  );
  readVolts(scan, figures, 'minVolts', 'maxVolts');
  const most = figures.all.find(({ name }) => name === 'maxVolts');
  scan.take(`(${number}) ?w(?:atts?)?\\b`, ([, watts], from) => {
    if (typeof most?.value !== 'number') return false;
    figures.add('amps', valueOf(watts!) / most.value, `${from} at ${most.from}`);
  });
  readBody(scan, figures);
  return figures.all;
}

function readCable(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take('\\bawg ?(\\d{1,2})\\b|\\b(\\d{1,2}) ?awg\\b', (m, from) =>
    figures.add('gauge', Number(m[1] ?? m[2]), from),
  );
  scan.take(`(${number}) ?(mm|cm|m|in(?:ch(?:es)?)?|")(?![\\p{L}²])`, ([, value, unit], from) => {
    const scale = { mm: 1, cm: 10, m: 1000 }[unit!.toLowerCase()] ?? 25.4;
    figures.add('millimetres', valueOf(value!) * scale, from);
  });
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('amps', amps(value!, unit!), from),
  );
  readBody(scan, figures);
  return figures.all;
}

const readers: Record<LabelKind, (scan: Scan) => LabelFigure[]> = {
  motor: readMotor,
  controller: readController,
  pack: readPack,
  servo: (scan) => {
    const figures = new Figures();
    for (const { name, value, from, ...more } of readServo(scan))
      figures.all.push({ name, value: typeof value === 'number' ? tidy(value) : value, from, ...more });
    readBody(scan, figures);
    return figures.all;
  },
  receiver: readRadio,
  transmitter: readRadio,
  regulator: readRegulator,
  load: readLoad,
  switch: readLoad,
  fuse: readLoad,
  cable: readCable,
};
