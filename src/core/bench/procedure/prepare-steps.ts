import { mating } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import { capital, nameList } from '../../base/words/sentences';
import { berthSteps, threadSteps } from './berth-steps';
import { linkageSteps } from './linkage-steps';
import { seatSteps } from './seat-steps';
import { powerPlugSteps, unpowered } from './plug-steps';
import type { Step } from './step';
import type { WireState } from '../../model/plan/lead';

/** Volts a cell by which packs may differ when they are joined side by side: rule of thumb. */
const packDifference = 0.02;

/** Threaded leads, joints, wires lifted, cut and spliced, seats, rods, places, power plugs and adapters, then polarity, shorts and equal packs, all with the pack out. */
export function prepareSteps(context: Reading): Step[] {
  return [
    ...threadSteps(context),
    ...jointSteps(context),
    ...trimSteps(context),
    ...liftSteps(context),
    ...seatSteps(context),
    ...linkageSteps(context),
    ...berthSteps(context),
    ...powerPlugSteps(context),
    ...inspectSteps(context),
    ...equalSteps(context),
  ];
}

/** Packs side by side drive amps into each other until their volts are equal: they are brought to the same first. */
function equalSteps({ survey }: Reading): Step[] {
  const groups = new Map(
    survey.packGroups().flatMap((group) =>
      group.packs.flatMap((pack) => {
        const together = group.besides(pack);
        const ids = together.map((each) => each.fitting.id);
        return together.length > 1 ? [[ids.join('+'), together] as const] : [];
      }),
    ),
  );
  return [...groups].map(([id, together]) => ({
    id: `equal:${id}`,
    phase: 'inspect',
    title: `Bring ${nameList(together.map((pack) => `the ${pack.fitting.name}`))} to the same volts`,
    lines: [
      'They will stand side by side. Charge each by itself to the same volts, then measure each at its plug.',
      `The difference between the highest and the lowest, before they are joined: more than ${packDifference * 1000} mV a cell drives tens of amps from one into the other.`,
    ],
    cautions: ['lithium', 'liveLeads'],
    needsPower: false,
    isHold: true,
    touches: together.map((pack) => pack.fitting.id),
    measurement: {
      what: 'difference between the packs',
      unit: 'V',
      least: 0,
      most: packDifference * (together[0]?.part.cells ?? 1),
    },
  }));
}

function jointSteps({ build, index }: Reading): Step[] {
  return build.leads
    .filter(
      (lead) => mating(index.port(lead.from).connector, index.port(lead.to).connector).result === 'solder',
    )
    .map((lead) => ({
      id: `joint:${lead.id}`,
      lead: lead.id,
      phase: 'prepare',
      title: `Solder the ${index.get(lead.from.fitting).fitting.name} to the ${index.get(lead.to.fitting).fitting.name}`,
      lines: [
        `${lead.conductors.length} joints: ${lead.conductors.map((conductor) => conductor.colour).join(', ')}.`,
        'Slide heat shrink on first, tin both ends, join, tug, shrink.',
      ],
      cautions: ['solder'],
      ...unpowered,
      touches: [lead.from.fitting, lead.to.fitting],
    }));
}

/** Housings that fit once a knife has been at them. */
function trimSteps({ build, index }: Reading): Step[] {
  return build.leads.flatMap((lead): Step[] => {
    const fit = mating(index.port(lead.from).connector, index.port(lead.to).connector);
    if (fit.result !== 'trim') return [];
    const over = index.port(lead.from).connector.gender === 'socket' ? lead.from : lead.to;
    return [
      {
        id: `trim:${lead.id}`,
        lead: lead.id,
        phase: 'prepare',
        title: `Cut ${fit.what} off the plug of the ${index.get(over.fitting).fitting.name}`,
        lines: [
          'With a sharp knife, away from the fingers, flush with the housing; not into the contacts.',
          'It no longer says which way round it goes: mark the side of the minus wire.',
        ],
        cautions: ['liveLeads'],
        ...unpowered,
        touches: [lead.from.fitting, lead.to.fitting],
      },
    ];
  });
}

function liftSteps({ build, index }: Reading): Step[] {
  return build.leads.flatMap((lead) => {
    const name = index.get(lead.from.fitting).fitting.name;
    return wireActs.flatMap(({ state, verb, lines, caution }): Step[] => {
      const wires = lead.conductors.filter((conductor) => conductor.state === state);
      if (wires.length === 0) return [];
      return [
        {
          id: `${verb}:${lead.id}`,
          lead: lead.id,
          phase: 'prepare',
          title: `${capital(verb)} the ${nameList(wires.map(({ colour }) => colour))} ${wires.length === 1 ? 'wire' : 'wires'} of the ${name}`,
          lines: lines(index.portName(lead.to)),
          cautions: [caution],
          ...unpowered,
          touches: [lead.from.fitting, lead.to.fitting],
        },
      ];
    });
  });
}

/** What is done to single wires, by the state that it leaves them in. */
const wireActs: readonly {
  state: WireState;
  verb: 'lift' | 'cut' | 'splice';
  lines: (plug: string) => string[];
  caution: Step['cautions'][number];
}[] = [
  {
    state: 'lifted',
    verb: 'lift',
    lines: (plug) => [
      `Ease its contact out of the plug that goes to the ${plug}; fold it back and insulate it. Do not cut it.`,
    ],
    caution: 'liveLeads',
  },
  {
    state: 'cut',
    verb: 'cut',
    lines: (plug) => [
      `Pack out. Cut about 30 mm before the plug that goes to the ${plug}, so that enough is left to solder to, one wire at a time.`,
      'Heat shrink over each end by itself, both sides of the cut: a bare end finds its neighbour.',
    ],
    caution: 'liveLeads',
  },
  {
    state: 'spliced',
    verb: 'splice',
    lines: () => [
      'Slide heat shrink on first, tin both ends, lay them side by side, solder, tug, shrink.',
      'Of several wires in one lead, each joint a little further along than its neighbour.',
    ],
    caution: 'solder',
  },
];

function inspectSteps(context: Reading): Step[] {
  const { survey, index } = context;
  const packs = index.ofKind('pack').map((pack) => pack.fitting.name);
  if (packs.length === 0) return [];
  const fed = survey.supplies.filter((supply) => supply.sources[0]?.fitted.kind === 'pack');
  const raw = fed.map((supply) => capital(supply.fitted.fitting.name));
  const touches = [...index.ofKind('pack'), ...fed.map((supply) => supply.fitted)].map(
    (fitted) => fitted.fitting.id,
  );
  return [
    {
      id: 'polarity',
      phase: 'inspect',
      title: 'Check polarity from the pack plug outwards',
      lines: [
        `Pack out. Meter on continuity: plus of the plug for the ${packs.join(' and ')} to plus of each: ${raw.join(', ') || 'nothing yet'}. Then minus to minus.`,
        'A beep from plus to plus and from minus to minus, and nowhere else.',
      ],
      cautions: ['liveLeads'],
      needsPower: false,
      isHold: true,
      touches,
    },
    {
      id: 'shorts',
      phase: 'inspect',
      title: 'Check for shorts',
      lines: [
        'Pack out. Meter across plus and minus of the pack plug: it may blip as capacitors fill, it must not stay.',
        'Bend each joint gently while you measure.',
      ],
      cautions: ['liveLeads'],
      needsPower: false,
      isHold: true,
      touches,
    },
  ];
}
