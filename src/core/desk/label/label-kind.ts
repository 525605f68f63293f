import type { LabelKind } from './reading';

const torque = /\d ?(?:kgf?\b|kgf?[ ·.*/-]?cm|oz[ ·.*/-]?in|n[ ·.*-]?cm)/i;
const capacity = /\d ?m?ah\b/i;

/** Words and forms that tell a kind, the surest first. */
const signs: readonly [LabelKind, RegExp][] = [
  ['pack', capacity],
  ['pack', /\b(?:receiver|rx|transmitter|tx) (?:pack|battery)\b/i],
  // A box for cells may have a switch on it.
  ['pack', /\b(?:battery|cell) (?:holder|box|case)\b/i],
  ['transmitter', /\b(?:transmitter|tx|handset|radio set|stick radio|wheel radio|pistol (?:grip )?radio)\b/i],
  ['receiver', /\b(?:receiver|rx)\b/i],
  ['fuse', /\bfuse\b/i],
  ['switch', /\bswitch\b(?!ing|[ -]?mode)(?!.*\bbec\b)|\brelay\b/i],
  [
    'cable',
    /\b(?:lead|extension|cable|wire|harness|y-?lead)\b.*\d ?(?:awg|mm|cm)\b|\b(?:awg ?\d|\d ?awg)\b|\bextension\b|\by-?lead\b/i,
  ],
  ['servo', /\bservos?\b|\bsail winch\b|\bwinch servo\b/i],
  ['controller', /\besc\b|speed ?control(?:ler)?\b|\bcontroller\b/i],
  ['cable', /\b(?:y-?lead|extension|harness|adapt[eo]r|cable|wire|lead)\b(?! ?acid)|\bawg ?\d|\d ?awg\b/i],
  [
    'load',
    /\b(?:leds?|lamps?|lights?|bulbs?|pump|fan|smoke|horn|siren|sound|heater|beacon|camera|buzzer)\b/i,
  ],
  ['servo', torque],
  ['motor', /\d ?kv\b|\bkv ?\d|rpm ?\/ ?v/i],
  // A controller's label counts amps before cells, and names its BEC last; a BEC alone has no other amps.
  [
    'controller',
    /\d ?a\b.*\b(?:brush(?:ed|less)|\d ?s\b).*|\bbrush(?:ed|less)\b.*\d ?a\b(?!.*\b(?:no.?load|kv|turns?)\b)/i,
  ],
  ['regulator', /\b[su]?bec\b|\bregulator\b|\bbuck\b|step.?down/i],
  [
    'motor',
    /\bmotor\b|\d ?kv\b|\bkv ?\d|rpm ?\/ ?v|\bbrush(?:ed|less)\b|\b\d{1,3} ?t\b|\boutrunner\b|\binrunner\b/i,
  ],
  ['pack', /\b(?:lipo|lihv|life|nimh|nicd|battery|pack|lead.?acid|aaa?)\b|\dx?aaa?\b|\b\d+s(?:\d+p)?\b/i],
  ['receiver', /\b\d+ ?-?ch(?:annels?)?\b/i],
  ['controller', /\d ?a\b/i],
  ['motor', /\b(?:130|180|280|370|380|390|540|550|600|700|750|775)\b/],
];

/** The kind of part that a line speaks of; `undefined` where nothing tells it. */
export const kindOfLabel = (text: string): LabelKind | undefined => {
  // A servo or a lead may name the motor in it, or the one it goes to.
  const isMotor = /\bmotor\b/i.test(text) && !/\besc\b|controller|\bservo\b|\bawg|\blead\b/i.test(text);
  if (isMotor) return 'motor';
  if (/^\s*[su]?bec\b/i.test(text)) return 'regulator';
  return signs.find(([, sign]) => sign.test(text))?.[0];
};
