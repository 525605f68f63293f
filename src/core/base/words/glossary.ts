/** One plain sentence for each word of the bench, from the one place that explains them. */
export const glossary = {
  BEC: 'Battery eliminator circuit: a regulator that feeds the receiver and servos from the drive pack, built into a speed controller or standing alone.',
  'speed controller': 'Turns the pack’s power into the amps a motor needs, as the throttle asks (ESC).',
  controller:
    'Speed controller (ESC): turns the pack’s power into the amps a motor needs, as the throttle asks.',
  rail: 'The plus that the receiver and all servos share; its volts come from one BEC.',
  'brown-out':
    'The rail sinks so low that the receiver restarts: servos go limp, the throttle goes to its fail-safe.',
  'fail-safe': 'The state of each channel when the receiver loses the transmitter; drives should stop.',
  'end points': 'How far a channel moves each way; too wide and the servo stalls against its stop.',
  'sub-trim': 'A small shift of a servo’s centre, set in the transmitter.',
  'red wire': 'The plus wire of a controller’s receiver lead; it carries its BEC’s volts to the rail.',
  'red wires': 'The plus wires of the controllers’ receiver leads; each carries its BEC’s volts to the rail.',
  stalled: 'Held still while it tries to move: a servo or motor then draws the most it ever can.',
  horn: 'The arm on a servo’s shaft that moves the rod.',
  bind: 'To make a receiver listen to one transmitter and no other.',
  'bind plug': 'A jumper in the receiver that makes it wait to be bound; it comes out afterwards.',
  derated: 'Taken at less than the label says, because labels are optimistic.',
  'cut-off': 'The volts at which a controller stops the motor to save the pack.',
  'Y-lead': 'A lead that puts one receiver port on two servos.',
  linear:
    'A linear regulator burns the volts it takes off as heat, so it gives fewer amps the more cells there are.',
  harness: 'A branched lead that feeds several parts from one pack.',
  pitch:
    'The distance between neighbouring contacts; 2.0, 2.5 and 2.54 mm look alike and do not go together.',
  'discharge rate':
    'How many times its capacity a pack may give in an hour (C): 2 Ah at 10 C is 20 A, by the label.',
  capacity:
    'Charge of a full pack, in ampere-hours or thousandths of them (mAh): 2000 mAh gives 2 A for an hour.',
  chemistry: 'Material of the cells; it decides volts per cell, charging and the least volts allowed.',
  cells: 'The single batteries inside a pack; in series their volts add up.',
  turns: 'Windings of a brushed motor; fewer turns are faster and draw more amps.',
  brushed: 'A motor with two wires and carbon brushes; its controller must be for brushed motors.',
  brushless: 'A motor with three wires and no brushes; its controller must be for brushless motors.',
  adapter: 'A short lead with a different plug at each end.',
  extension: 'A lead that makes another longer; every one costs a little of the volts.',
  'high-voltage servos': 'Servos made for more volts than the usual 6: often a whole two-cell pack.',
  'servo tester': 'A small box that moves a servo without a radio, and centres it at 1500 µs.',
  gland: 'A seal around a lead where it passes through a wall.',
  gauge: 'The thickness of a wire; in AWG a larger number is a thinner wire.',
} as const satisfies Record<string, string>;

type GlossaryTerm = keyof typeof glossary;

export interface TextPiece {
  text: string;
  term?: GlossaryTerm;
}

const terms = (Object.keys(glossary) as GlossaryTerm[]).sort((a, b) => b.length - a.length);
const pattern = new RegExp(`\\b(${terms.map((term) => term.replace(/[-]/g, '\\-')).join('|')})\\b`, 'gi');
const byLowerCase = new Map(terms.map((term) => [term.toLowerCase(), term]));

/** Splits a text at the words that the glossary explains; each is marked once, at its first use. */
export function withTerms(text: string): TextPiece[] {
  const pieces: TextPiece[] = [];
  const used = new Set<string>();
  let from = 0;
  for (const match of text.matchAll(pattern)) {
    const term = byLowerCase.get(match[0].toLowerCase());
    if (!term || used.has(term)) continue;
    used.add(term);
    if (match.index > from) pieces.push({ text: text.slice(from, match.index) });
    pieces.push({ text: match[0], term });
    from = match.index + match[0].length;
  }
  if (from < text.length) pieces.push({ text: text.slice(from) });
  return pieces;
}
