import type { Laid } from '../../reading/berths/layout';
import { isHull } from '../../reading/berths/inside-sizes';
import type { Reading } from '../../reading/build-reading/reading';
import type { Hold } from '../../model/fitting/placement';
import { capital, nameList } from '../../base/words/sentences';
import { unpowered } from './plug-steps';
import type { Step } from './step';

const holdWords: Record<Hold, string> = {
  tape: 'double-sided tape, on clean, dry ground',
  strap: 'a strap, tight enough that it does not slide',
  'foam and strap': 'on foam, with a strap that opens by hand',
  screws: 'screws, no tighter than the plastic takes',
};

/** Leads to pass through a hole before their plugs are fitted. */
export function threadSteps({ index, survey }: Reading): Step[] {
  return survey.layout.routes.flatMap(({ run, way }): Step[] => {
    const [lead] = run.leads;
    const holes = way.passages.filter(({ across }) => across !== undefined);
    if (!lead?.isThreaded || holes.length === 0) return [];
    const [from, to] = [run.from, run.to].map(({ fitting }) => index.get(fitting).fitting.name);
    return [
      {
        id: `thread:${lead.id}`,
        lead: lead.id,
        phase: 'prepare',
        title: `Lead the wires from the ${from} to the ${to} through ${nameList(holes.map(({ name }) => `the ${name}`))}`,
        lines: [
          'Bare, before the plug is fitted: with its plug on it does not pass.',
          'Put a grommet or a bit of tube into the hole, so that its edge does not wear through the insulation.',
        ],
        cautions: ['liveLeads'],
        ...unpowered,
        touches: [run.from.fitting, run.to.fitting],
      },
    ];
  });
}

/** Each part to its place, berth by berth from aft, and how it is held. */
export function berthSteps({ survey }: Reading): Step[] {
  const { layout } = survey;
  const { inside } = layout;
  if (!inside) return [];
  const groups = new Map<string, Laid[]>();
  for (const laid of [...layout.laid].sort((a, b) => a.place.x - b.place.x)) {
    const name = laid.berth?.name ?? 'no berth';
    groups.set(name, [...(groups.get(name) ?? []), laid]);
  }
  const placed = [...groups].map(([name, laid]): Step => ({
    id: `berth:${laid.map(({ fitted }) => fitted.fitting.id).join('+')}`.slice(0, 200),
    phase: 'prepare',
    title: name === 'no berth' ? 'Fix what lies in no berth' : `Fix what lies in the ${name}`,
    lines: laid.map(placeLine),
    cautions: [],
    ...unpowered,
    touches: laid.map(({ fitted }) => fitted.fitting.id),
  }));
  return placed.length === 0 ? [] : [...placed, levelStep(layout.laid, isHull(inside.form))];
}

function placeLine({ fitted, place }: Laid): string {
  const mm = (metres: number) => `${Math.round(metres * 1000)} mm`;
  const side =
    Math.round(place.y * 1000) === 0
      ? 'in the middle'
      : `${mm(Math.abs(place.y))} to ${place.y > 0 ? 'port' : 'starboard'}`;
  return [
    `${capital(fitted.fitting.name)}: ${mm(place.x)} from aft, ${side}, ${mm(place.z)} up`,
    place.isBoxed === true ? 'in a box or bag that keeps water out' : '',
    place.hold === undefined ? 'held as its maker says' : `held by ${holdWords[place.hold]}`,
  ]
    .filter(Boolean)
    .join('; ')
    .concat('.');
}

/** The sums are of a model on paper: the real one is held to them before anything is glued. */
const levelStep = (laid: readonly Laid[], floats: boolean): Step => ({
  id: 'level',
  phase: 'prepare',
  title: floats ? 'Float it level' : 'Weigh it, axle by axle',
  lines: floats
    ? [
        'In a bath or a basin, with everything in it and a hand at each end: look along the waterline.',
        'Shift the pack until it lies level, then mark its place and fix all for good.',
      ]
    : [
        'Put each axle on a kitchen scale in turn, the other on a block of the same height.',
        'Shift the pack until the shares are what the Berths say, then mark its place and fix all for good.',
      ],
  cautions: [],
  needsPower: false,
  isHold: false,
  touches: laid.map(({ fitted }) => fitted.fitting.id),
});
