import { airUnder, mostOpened, servoFit, type ServoFit } from '../../reading/berths/servo-fit';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import type { Patch } from '../../model/plan/patch';
import type { ServoSeat } from '../../model/fitting/servo-seat';
import type { Figure } from '../../base/validation/figure';
import type { Fitted } from '../../model/kinds/fitted';
import { defineRule } from './rule';
import { millimetres, planTerm } from './support/berth-terms';
import { figureTerm, plannedTerm } from './support/terms';

/** Distance pieces higher than this are a mount of their own, in metres. */
const mostStandoff = 0.05;

type Message = 'holesApart' | 'shaftAside' | 'tooDeep' | 'otherSpline';

/** A length of its sheet, in millimetres. */
const sheetTerm = (name: string, figure: Figure) => ({
  ...figureTerm(name, figure, 'mm'),
  value: millimetres(figure.value),
});

/** The next half millimetre up, in metres. */
const half = (metres: number): number => Math.ceil(metres * 2000 - 1e-6) / 2000;

/** Servos of “the same size” against what the model holds ready: holes, shaft, depth, spline. */
export const servoSeat = defineRule<Message>({
  meta: {
    id: 'servo-seat',
    well: 'space',
    title: 'Servos that go where they are to be screwed',
    messages: {
      holesApart: {
        severity: 'mind',
        bound: 'exactly',
        short: 'holes {{actual}} apart, not {{limit}}',
        text: 'the screw holes of the {{servo}} do not meet those of its seat, by {{by}} mm',
        why: 'Screws that are forced bend the ears, and a servo on one end gives way under load.',
      },
      shaftAside: {
        severity: 'mind',
        bound: 'exactly',
        short: 'shaft at {{actual}}, not {{limit}}',
        text: 'the shaft of the {{servo}} stands {{by}} mm too {{way}} its screw holes',
        why: 'Horn and rod no longer line up: one side of the travel gets longer, and rods rub.',
      },
      tooDeep: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{servo}} is too deep for its seat by {{by}} mm',
        why: 'It stands on its lead or on the floor, and the screws pull its ears off.',
      },
      otherSpline: {
        severity: 'stop',
        bound: 'exactly',
        short: '{{actual}} on its shaft, {{limit}} in the horn',
        text: 'the horn does not go on the {{servo}}: its teeth are others',
        why: 'A horn pressed on other teeth strips them, and slips in the first hard turn.',
      },
    },
  },
  check: ({ index }) =>
    index.ofKind('servo').flatMap((servo): (Report<Message> | Missing)[] => {
      const fit = servoFit(servo);
      if (!fit) return [];
      const { id, name } = servo.fitting;
      return [
        ...fit.missing.map((words) => ({
          missing: `the ${words} of the ${name}`,
          subjects: [fittingSubject(id)],
        })),
        ...sizeReports(servo, fit),
        ...splineReports(servo, fit),
      ];
    }),
});

function sizeReports(servo: Fitted<'servo'>, { holes, shaft, under }: ServoFit): Report<Message>[] {
  const { id, name } = servo.fitting;
  const own = { subjects: [fittingSubject(id)], unit: 'mm' as const };
  const by = (metres: number) => ({ servo: name, by: String(millimetres(Math.abs(metres))) });
  const plate = () => change(servo, 'plate', `Set the ${name} on a plate of its own`, { hasPlate: true });
  const reports: Report<Message>[] = [];
  if (holes)
    reports.push({
      ...own,
      messageId: 'holesApart',
      data: by(holes.by),
      actual: millimetres(holes.brings.value),
      limit: millimetres(holes.has),
      formula: 'from ear to ear by its sheet, against from hole to hole of the seat',
      terms: [sheetTerm('ear to ear', holes.brings), planTerm('hole to hole', holes.has, 'measured')],
      offers: () => [...openHoles(servo, Math.abs(holes.by) / 2), ...plate()],
    });
  if (shaft)
    reports.push({
      ...own,
      messageId: 'shaftAside',
      data: { ...by(shaft.by), way: shaft.by > 0 ? 'far from' : 'near to' },
      actual: millimetres(shaft.brings.value),
      limit: millimetres(shaft.has),
      formula: 'from ear to shaft by its sheet, against where the shaft must stand',
      terms: [
        sheetTerm('ear to shaft', shaft.brings),
        planTerm('shaft must stand at', shaft.has, 'measured'),
      ],
      offers: () => [...openHoles(servo, Math.abs(shaft.by)), ...plate()],
    });
  if (under) {
    const { standoff = 0 } = servo.fitting.seat ?? {};
    const needed = half(standoff + under.by);
    reports.push({
      ...own,
      messageId: 'tooDeep',
      data: by(under.by),
      actual: millimetres(under.brings.value + airUnder),
      limit: millimetres(under.has + standoff),
      formula:
        'depth under the ears and a millimetre of air, against the room under them with its distance pieces',
      terms: [
        sheetTerm('under its ears', under.brings),
        planTerm('room there', under.has, 'measured'),
        ...(standoff > 0 ? [planTerm('distance pieces', standoff, 'stated')] : []),
      ],
      offers: () =>
        needed > mostStandoff
          ? []
          : change(servo, 'standoff', `Set the ${name} on distance pieces of ${millimetres(needed)} mm`, {
              standoff: needed,
            }),
    });
  }
  return reports;
}

function splineReports(servo: Fitted<'servo'>, { spline }: ServoFit): Report<Message>[] {
  if (!spline) return [];
  const { id, name } = servo.fitting;
  const teeth = spline.brings.value;
  return [
    {
      messageId: 'otherSpline',
      data: { servo: name },
      subjects: [fittingSubject(id)],
      actual: teeth,
      limit: spline.has,
      unit: 'teeth',
      formula: 'teeth of its shaft, against those in the horn',
      terms: [
        figureTerm('on its shaft', spline.brings, 'teeth'),
        plannedTerm('in the horn', spline.has, 'teeth'),
      ],
      offers: () =>
        change(servo, 'horn', `Get a horn with ${teeth} teeth for the ${name}`, { wantsHorn: true }),
    },
  ];
}

const openHoles = (servo: Fitted<'servo'>, metres: number): Patch[] =>
  metres > mostOpened
    ? []
    : change(servo, 'open-holes', `Make the holes longer by ${millimetres(half(metres))} mm each`, {
        // What was opened for the holes stays open for the shaft.
        openedBy: Math.max(half(metres), servo.fitting.seat?.openedBy ?? 0),
      });

const change = (
  { fitting }: Fitted<'servo'>,
  id: string,
  label: string,
  seat: Partial<ServoSeat>,
): Patch[] => [
  {
    id: `${id}:${fitting.id}`,
    label,
    edits: [{ type: 'setFitting', fitting: fitting.id, change: { seat: { ...fitting.seat, ...seat } } }],
  },
];
