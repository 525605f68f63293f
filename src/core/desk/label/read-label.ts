import { failure, success, type Result } from '../../base/result';
import { readController, readRegulator } from './controller-label';
import { Figures, readBody, tidy } from './label-figures';
import { kindOfLabel } from './label-kind';
import { readMotor } from './motor-label';
import { readPack } from './pack-label';
import { readCable, readLoad, readRadio } from './plain-label';
import type { LabelFigure, LabelKind, LabelReading } from './reading';
import { Scan } from './scan';
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
