import { plugSize } from '../../reading/berths/exits';
import type { Passage } from '../../model/plan/model-inside';
import type { Reading } from '../../reading/build-reading/reading';
import { leadSubject, type Report } from '../findings/report';
import type { Route } from '../../reading/berths/lead-routes';
import type { Patch } from '../../model/plan/patch';
import { defineRule } from './rule';
import { millimetres, planTerm } from './support/berth-terms';

type Message = 'tooBig';

/** Plugs against the holes that they have to go through. */
export const plugPassage = defineRule<Message>({
  meta: {
    id: 'plug-passage',
    well: 'space',
    title: 'Plugs that pass the holes on their way',
    messages: {
      tooBig: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} plug, {{limit}} hole',
        text: 'the plug between the {{part}} and the {{other}} does not pass the {{hole}}',
        why: 'It shows when all is soldered. The bare lead passes: the plug goes on after it is through.',
      },
    },
  },
  check(context) {
    const { layout } = context.survey;
    if (!layout.inside) return [];
    return layout.routes.flatMap((route) => {
      const plug = smallestPlug(context, route);
      if (!plug || route.run.leads.some(({ isThreaded }) => isThreaded)) return [];
      return route.way.passages
        .flatMap((hole): Report<Message>[] => tooBig(context, route, hole, plug))
        .slice(0, 1);
    });
  },
});

type Plug = NonNullable<ReturnType<typeof plugSize>>;

/** The smaller of the plugs that can be taken through: either end may go first. Bare ends pass. */
function smallestPlug({ index }: Reading, { run }: Route): Plug | undefined {
  const sizes = [run.from, run.to].map((ref) => plugSize(index.port(ref).connector.family));
  if (sizes.some((size) => size === undefined)) return undefined;
  return (sizes as Plug[]).sort((a, b) => diagonal(a) - diagonal(b))[0];
}

const diagonal = ({ wide, high }: Plug): number => Math.hypot(wide, high);

/** What of a plug has to pass, and what the hole lets pass, in metres: a round hole its diagonal, a slot its sides. */
function tooBig(context: Reading, route: Route, hole: Passage, plug: Plug): Report<Message>[] {
  const { across, slotHigh } = hole;
  if (across === undefined) return [];
  const [long, short] = [Math.max(plug.wide, plug.high), Math.min(plug.wide, plug.high)];
  const [width, height] =
    slotHigh === undefined ? [across, across] : [Math.max(across, slotHigh), Math.min(across, slotHigh)];
  const [asked, has] =
    slotHigh === undefined ? [diagonal(plug), across] : short > height ? [short, height] : [long, width];
  if (asked <= has) return [];
  const { index } = context;
  const { from, to, leads } = route.run;
  return [
    {
      messageId: 'tooBig',
      data: {
        part: index.get(from.fitting).fitting.name,
        other: index.get(to.fitting).fitting.name,
        hole: hole.name,
      },
      subjects: leads.map(({ id }) => leadSubject(id)),
      actual: millimetres(asked),
      limit: millimetres(has),
      unit: 'mm',
      formula:
        slotHigh === undefined
          ? 'the diagonal of the housing, √(width² + height²), against the hole across'
          : 'the sides of the housing against those of the slot',
      terms: [
        planTerm('housing, wide', plug.wide, 'estimated', 'usual for its form, rule of thumb'),
        planTerm('housing, high', plug.high, 'estimated', 'usual for its form, rule of thumb'),
        planTerm(slotHigh === undefined ? 'hole' : 'slot', has, 'stated'),
      ],
      offers: () => offers(context, route, hole, asked),
    },
  ];
}

function offers({ survey }: Reading, { run }: Route, hole: Passage, asked: number): Patch[] {
  const { inside } = survey.layout;
  const [lead] = run.leads;
  if (!inside || !lead) return [];
  const wide = Math.ceil((asked + 0.0005) * 1000) / 1000;
  const wider: Passage = {
    ...hole,
    across: Math.max(hole.across ?? 0, wide),
    ...(hole.slotHigh !== undefined && { slotHigh: Math.max(hole.slotHigh, Math.min(wide, asked)) }),
  };
  return [
    {
      id: `thread:${lead.id}`,
      label: 'Lead it through before its plug is fitted',
      edits: run.leads.map(({ id }) => ({ type: 'setThreaded', lead: id, isThreaded: true })),
    },
    {
      id: `widen:${hole.id}`,
      label: `Open the ${hole.name} to ${Math.round(wide * 1000)} mm`,
      edits: [
        {
          type: 'setInside',
          inside: {
            ...inside.told,
            passages: inside.passages.map((each) => (each.id === hole.id ? wider : each)),
          },
        },
      ],
    },
  ];
}
