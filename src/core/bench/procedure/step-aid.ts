import type { Reading } from '../../reading/build-reading/reading';
import { joints } from '../../desk/lists/joints';
import { leadNumbers } from '../../desk/lists/lead-schedule';
import type { Hold } from '../../model/fitting/placement';
import type { Step } from './step';

/** What to have at hand for a step, and what to do where it does not come out as it says. */
export interface StepAid {
  kit: string[];
  /** Where it has no figure to judge and no fault to look for. */
  ifNot?: string;
}

/** Wires thicker than this want an iron with heat to spare; rule of thumb. */
const thickAwg = 16;

const holdKit: Record<Hold, string[]> = {
  tape: ['double-sided tape', 'cleaning spirit and a cloth'],
  strap: ['a hook-and-loop strap'],
  'foam and strap': ['foam', 'a hook-and-loop strap'],
  screws: ['a screwdriver, and the screws of each part'],
};

/** Tools and what is used up, by what a step asks of this very build. */
export function stepAid(context: Reading, step: Step): StepAid {
  const sort = step.id.split(':')[0] ?? '';
  const ifNot = troubles[sort];
  return {
    kit: [...new Set([...meterKit(step), ...(kits[sort]?.(context, step) ?? [])])],
    ...(ifNot !== undefined && !step.measurement && { ifNot }),
  };
}

function meterKit({ measurement }: Step): string[] {
  if (measurement?.unit === 'V')
    return [`a meter on direct volts, a range of at least ${measurement.most <= 18 ? 20 : 200} V`];
  return measurement?.unit === 'A' ? ['a clamp meter or pack monitor'] : [];
}

const label = (context: Reading, { lead }: Step): string[] => {
  const number = lead === undefined ? undefined : leadNumbers(context).get(lead);
  return number === undefined ? [] : [`label ${number} for its ends`];
};

/** The iron by the thickness of the wire; where nobody told it, both. */
function ironFor(awg: number | undefined): string {
  if (awg === undefined) return 'an iron: about 30 W for a thin wire, 60 W or more for a thick one';
  return awg <= thickAwg
    ? 'an iron of 60 W or more with a broad tip'
    : 'an iron of about 30 W with a fine tip';
}

const kits: Record<string, (context: Reading, step: Step) => string[]> = {
  joint: (context, step) => {
    const joint = joints(context).find(({ lead }) => lead.id === step.lead);
    return [
      ironFor(joint?.lead.awg),
      'solder with flux, something to hold both ends',
      joint?.shrinkMillimetres === undefined
        ? 'heat shrink'
        : `heat shrink, ${joint.wires.length} pieces of ${joint.shrinkMillimetres} mm`,
      ...label(context, step),
    ];
  },
  trim: () => ['a sharp knife', 'a marking pen'],
  lift: () => ['a fine needle for the latch of the contact', 'a bit of heat shrink or tape'],
  thread: () => ['a grommet or a bit of tube', 'tweezers'],
  plug: label,
  rod: () => ['calipers or a ruler', 'pliers for the bends', 'a marking pen'],
  seat: () => ['calipers or a ruler', 'a small round file', 'a drill of 2.5 mm'],
  berth: ({ build }, { touches }) =>
    build.fittings
      .filter(({ id }) => touches.includes(id))
      .flatMap(({ place }) => (place?.hold === undefined ? [] : holdKit[place.hold])),
  level: (_, { title }) =>
    title.startsWith('Float') ? ['a bath or a basin'] : ['a kitchen scale', 'a block of its height'],
  polarity: () => ['a meter that beeps'],
  shorts: () => ['a meter that beeps'],
  equal: () => ['a charger for each pack'],
  stand: () => ['a stand that the model cannot leave'],
  'bind-plug': () => ['the bind plug of the receiver'],
  link: () => ['the transmitter, with fresh cells'],
  'transmitter-on': () => ['the transmitter, with fresh cells'],
  'pack-in': ({ index }) => [
    'a tray for hot packs',
    ...index.ofKind('pack').map(({ fitting }) => `the ${fitting.name}, charged`),
  ],
  settings: () => ['the sheet of its maker'],
  centre: () => ['a screwdriver for the screw of the horn', 'two horns to choose from'],
  'end-points': () => ['a marking pen for both stops'],
  'fail-safe': () => ['the sheet of the transmitter’s maker'],
  range: () => ['a helper', 'thirty paces of open ground'],
  tape: () => ['ties or tape', 'side cutters'],
  storage: () => ['a charger that stops at storage volts'],
};

const troubles: Record<string, string> = {
  channel:
    'Its menu has no such setting: put on its sheet what it sets, and the check says what does instead.',
  memory: 'No memory is free: note what is in the oldest, and clear that.',
  joint:
    'Dull, grainy, or it moves when tugged: heat it again with a little fresh solder, and hold it still while it sets.',
  trim: 'It still does not seat with light pressure: it is another family. Stop, and re-terminate.',
  lift: 'The contact does not come: lift the plastic latch, not the wire. A torn wire is crimped anew.',
  thread: 'It does not pass: open the hole in the Berths and here, rather than squeeze the insulation.',
  plug: 'It does not go in with light pressure: it is turned, or of another family. Look at the colours again before you push.',
  rod: 'Half a millimetre off is taken up at the clevis; more than two, and the rod is made again.',
  seat: 'The screws still lean, or the case touches below: measure again, and put it into the Berths.',
  berth:
    'It does not lie as planned: put the real place into the Berths, and see whether the leads still reach.',
  level:
    'No place of the pack levels it: put the masses that you weighed into the sheets, and let the Berths work it out again.',
  polarity: 'A beep from plus to minus: stop. A lead is crossed; follow it plug by plug until the beep goes.',
  shorts: 'It stays: pull plugs one at a time until it stops. The part on the last plug has the short.',
  stand: 'No stand: a block under the hull or chassis that leaves wheels and screws free does.',
};
