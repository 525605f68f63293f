import fc from 'fast-check';
import { insideOf } from '../../src/core/reading/berths/inside';
import { formsFor } from '../../src/core/reading/berths/inside-sizes';
import { withMovedRoom, withShelf } from '../../src/core/reading/berths/room-edits';
import type { PlanEdges } from '../../src/core/reading/berths/snap';
import { checkBuild } from '../../src/core/judgement/check/check-build';
import { readingOf } from '../../src/core/reading/build-reading/reading';
import { changeBuild } from '../../src/core/model/file/change-build';
import { kindOfAny } from '../../src/core/model/kinds';
import { withFigure } from '../../src/core/desk/locker/sheet-fields';
import type { Build } from '../../src/core/model/plan/build';
import type { Edit } from '../../src/core/model/plan/edits';
import { freshId } from '../../src/core/model/plan/fresh-id';
import type { ModelInside } from '../../src/core/model/plan/model-inside';
import type { Placement } from '../../src/core/model/fitting/placement';
import { usualLead } from '../../src/core/model/plan/usual-run';
import { estimated, measured, stated } from '../../src/core/base/validation/figure';
import { starterLocker } from '../../src/core/model/starter/starter-locker';
import { BuildIndex } from '../../src/core/model/plan/build-index';
import { cuts, swappable, toggleWire } from '../../src/core/desk/wiring/lead-edits';
import { portJoins } from '../../src/core/desk/wiring/port-joins';
import { plugTargets } from '../../src/core/desk/wiring/plug-targets';
import { proposeWiring } from '../../src/core/desk/wiring/propose-wiring';
import { demoBuild } from './demo-builds';
import { soundBuilds } from './sound-builds';

const locker = starterLocker;
type Pick = <T>(list: readonly T[]) => T | undefined;

const oddNames = ['Bug & Söhne <b>|x|</b>', '=1+1', '`ls`', 'ψ'.repeat(60), '  ', '.end', 'rail:rx', 'a+b/c'];
/** From far below to far above what any sheet prints, in the unit of the bench. */
const oddFigures = [0, 1e-9, 0.02, 0.5, 1, 2.9, 3, 7.4, 12, 47, 230, 5000, 1e7, -3];

/** Ways in which a person changes a build; each takes a picker, and picks from what is there. */
const moves: Record<string, (build: Build, pick: Pick) => readonly Edit[]> = {
  'adds a part': (build, pick) => {
    const part = pick(locker)!;
    const id = freshId(build, 'added');
    return [
      { type: 'addFitting', fitting: { id, name: `added ${part.name}`.slice(0, 60), part: part.id }, part },
    ];
  },
  'takes a part out': (build, pick) => {
    const fitting = pick(build.fittings);
    return fitting ? [{ type: 'removeFitting', fitting: fitting.id }] : [];
  },
  'swaps a part for another that takes its leads': (build, pick) => {
    const fitting = pick(build.fittings);
    const patch = fitting && pick(swappable(new BuildIndex(build), fitting.id, locker));
    return patch?.edits ?? [];
  },
  'pulls a plug': (build, pick) => {
    const lead = pick(build.leads);
    return lead ? [{ type: 'removeLead', lead: lead.id }] : [];
  },
  'plugs two free ports together': (build, pick) => {
    const free = new BuildIndex(build).freePorts();
    const from = pick(free);
    const to = from && pick(plugTargets(free, from));
    return from && to ? [{ type: 'addLead', lead: usualLead(freshId(build, 'plugged'), from, to) }] : [];
  },
  'lifts a wire': (build, pick) => {
    const lead = pick(build.leads);
    const wire = lead && pick(lead.conductors);
    const conductors = lead?.conductors.map((conductor) =>
      conductor === wire ? { ...conductor, state: 'lifted' as const } : conductor,
    );
    return lead && conductors ? [{ type: 'setConductors', lead: lead.id, conductors }] : [];
  },
  'cuts a wire, or the whole lead': (build, pick) => {
    const lead = pick(build.leads);
    const cut = lead && pick(cuts(lead));
    return cut ? [cut.edit] : [];
  },
  'lifts a wire, puts it back, or splices it': (build, pick) => {
    const lead = pick(build.leads);
    return lead ? [toggleWire(lead, pick(lead.conductors.map((_, n) => n))!)] : [];
  },
  'joins two ports in any way that is offered': (build, pick) => {
    const context = readingOf(build, locker);
    const ports = context.index
      .pieces()
      .flatMap(({ fitting, part }) => part.ports.map((port) => ({ fitting: fitting.id, port: port.id })));
    const [from, to] = [pick(ports), pick([...ports].reverse())];
    return (from && to && pick(portJoins(context, from, to, locker).ways)?.edits) ?? [];
  },
  'gets another transmitter, or lets it go': (build, pick) => {
    const sets = new BuildIndex(build).ofKind('transmitter');
    if (sets.length > 2) return [{ type: 'removeFitting', fitting: pick(sets)!.fitting.id }];
    const part = pick(locker.filter(({ kind }) => kind === 'transmitter'))!;
    const id = freshId(build, 'radio');
    return [{ type: 'addFitting', fitting: { id, name: 'another radio', part: part.id }, part }];
  },
  'puts a function on a radio, or binds a receiver to one': (build, pick) => {
    const index = new BuildIndex(build);
    const id = pick([...index.ofKind('transmitter').map(({ fitting }) => fitting.id), undefined, 'gone']);
    const [works, receiver] = [pick(build.functions), pick(index.ofKind('receiver'))];
    return pick([true, false]) && works
      ? [{ type: 'setFunction', function: works.id, change: { transmitter: id } }]
      : receiver
        ? [{ type: 'setFitting', fitting: receiver.fitting.id, change: { boundTo: id } }]
        : [];
  },
  'sets a channel of a radio': (build, pick) => {
    const [, ...others] = new BuildIndex(build).ofKind('transmitter');
    const works = pick(build.functions);
    return [
      {
        type: 'setChannel',
        channel: pick([1, 2, 3, 5, 8])!,
        transmitter: pick([undefined, ...others.map(({ fitting }) => fitting.id)]),
        change: pick([
          { isReversed: true },
          { isReversed: undefined, isRead: true },
          { lowEnd: 40, highEnd: 140 },
          { failSafe: 'position' as const, failSafePercent: -20 },
          { slowSeconds: 2, subTrim: -40 },
          ...(works ? [{ mix: [{ function: works.id, percent: -60 }] }] : []),
        ])!,
      },
    ];
  },
  'moves parts in the picture': (build, pick) => {
    const ids = build.fittings.map(({ id }) => id);
    const first = pick(ids);
    return first ? [{ type: 'setPictureOrder', order: [first, ...ids.filter((id) => id !== first)] }] : [];
  },
  'draws a room, or moves one': (build, pick) => {
    const inside = insideOf(build);
    if (!inside) return [];
    const edges: PlanEdges = { x: [pick([0, 0.1, 0.3])!, 0.4], y: [-0.05, pick([0, 0.02, 0.08])!] };
    const room = pick([...inside.berths, ...inside.obstacles]);
    return [
      {
        type: 'setInside',
        inside:
          pick([true, false]) && room ? withMovedRoom(inside, room.id, edges) : withShelf(inside, edges),
      },
    ];
  },
  'takes another gauge': (build, pick) => {
    const lead = pick(build.leads);
    return lead ? [{ type: 'setGauge', lead: lead.id, awg: pick([8, 12, 16, 20, 26, 30])! }] : [];
  },
  'moves a function to another channel': (build, pick) => {
    const moved = pick(build.functions);
    const channel = pick([1, 2, 3, 4, 5, 6, undefined]);
    return moved ? [{ type: 'setFunction', function: moved.id, change: { channel } }] : [];
  },
  'types a figure of a sheet, or leaves it empty': (build, pick) => {
    const part = pick(build.parts);
    const field = part && pick(kindOfAny(part).fields(part));
    const typed = pick([undefined, ...oddFigures]);
    if (!part || !field) return [];
    const figure =
      typed === undefined
        ? undefined
        : pick([stated, (value: number) => estimated(value, 'a guess')])!(typed * field.scale);
    return [{ type: 'changeSheet', sheet: withFigure(part, field, figure) }];
  },
  'calls the nets of a cable otherwise': (build, pick) => {
    const part = pick(build.parts.filter((candidate) => candidate.kind === 'cable'));
    const name = pick(['+', 'red', 'plus minus', 'rail', 'ground', 'x'])!;
    if (!part) return [];
    const ports = part.ports.map((port) => ({
      ...port,
      pins: port.pins.map((pin) => ({ ...pin, net: `${name}${pin.net}`.slice(0, 40) })),
    }));
    return [{ type: 'changeSheet', sheet: { ...part, ports } }];
  },
  'tells the inside of the model': (build, pick) => {
    const form = pick(formsFor(build))!;
    const length = pick([undefined, 0.06, 0.4, 0.9, 9]);
    const told: ModelInside = { form, ...(length !== undefined && { length }) };
    const rooms = insideOf({ ...build, inside: told })!;
    const isOwn = pick([true, false]);
    return [
      {
        type: 'setInside',
        inside: {
          ...told,
          ...(isOwn && {
            berths: rooms.berths.map((berth) => ({ ...berth, isAired: pick([true, false])! })),
            passages: rooms.passages.map((passage) => ({ ...passage, across: pick([0.004, 0.012, 0.03])! })),
          }),
        },
      },
    ];
  },
  'lays a part somewhere': (build, pick) => {
    const fitting = pick(build.fittings);
    if (!fitting) return [];
    const place: Placement = {
      x: pick([-0.1, 0, 0.12, 0.3, 0.55, 8])!,
      y: pick([-0.2, -0.03, 0, 0.05])!,
      z: pick([-0.01, 0, 0.02, 0.3])!,
      turn: pick([0, 90, 180, 270] as const)!,
      pose: pick(['flat', 'side', 'end'] as const)!,
      ...(pick([true, false]) && { hold: pick(['tape', 'screws', 'foam and strap'] as const)! }),
    };
    return [{ type: 'setFitting', fitting: fitting.id, change: { place } }];
  },
  'writes into the log': (build, pick) => [
    {
      type: 'keepEntry',
      entry: {
        id: pick(['one', 'two', 'three'])!,
        kind: pick(['outing', 'bench'] as const)!,
        on: pick(['2026-01-02T08:00:00.000Z', '2026-11-27T08:00:00.000Z'])!,
        readings: [{ what: pick(['topSpeed', 'restVolts:rx', 'nothing that there is'])!, value: 3 }],
        ...(pick([true, false]) && { pack: pick(build.fittings)?.id ?? 'gone', packOhms: 0.02, minutes: 40 }),
      },
    },
  ],
  'learns from a reading': (build, pick) => [
    {
      type: 'measure',
      measured: {
        estimate: `${pick(build.fittings)?.id ?? 'model'}.${pick(['cellOhms', 'outOhms', 'stallAmps'])!}`,
        factor: pick([0.4, 1, 2.5])!,
        sigma: pick([0.02, 0.3])!,
        said: 'a reading',
        on: '2026-11-27T08:00:00.000Z',
      },
    },
  ],
  'measures a lead': (build, pick) => {
    const lead = pick(build.leads);
    return lead ? [{ type: 'setLength', lead: lead.id, metres: measured(pick([0.01, 0.2, 3])!) }] : [];
  },
  'names a part': (build, pick) => {
    const fitting = pick(build.fittings);
    return fitting ? [{ type: 'setFitting', fitting: fitting.id, change: { name: pick(oddNames)! } }] : [];
  },
  'sets a controller or a regulator': (build, pick) => {
    const fitting = pick(build.fittings);
    const cutoff = pick(['LiPo', 'NiMH', 'off', undefined] as const);
    const brake = pick(['brake', 'dragBrake', 'off', undefined] as const);
    if (!fitting) return [];
    return [
      { type: 'setFitting', fitting: fitting.id, change: { cutoff, brake } },
      { type: 'setRegulatorVolts', fitting: fitting.id, volts: pick([5, 6, 7.4, 8.4])! },
    ] as Edit[];
  },
  'goes to another bench': (_, pick) => [
    {
      type: 'setPolicies',
      change: {
        redWires: pick(['oneIn', 'standAlone', 'parallel'] as const)!,
        regulatorSizing: pick(['twoWorst', 'allStalled', 'typical'] as const)!,
        servoFeed: pick(['rail', 'raw'] as const)!,
      },
    },
  ],
  'lives with a finding': (build, pick) => {
    const finding = pick(checkBuild(build, locker).findings);
    const on = '2026-01-01T00:00:00.000Z';
    return finding
      ? [{ type: 'accept', acceptance: { finding: finding.id, margin: finding.margin, reason: 'known', on } }]
      : [];
  },
  'takes an offer': (build, pick) =>
    pick(pick(checkBuild(build, locker).findings)?.patches ?? [])?.edits ?? [],
  'has it wired': (build) =>
    proposeWiring(build, locker, new Set()).proposals.flatMap((proposal) => proposal.edits),
};

const names = Object.keys(moves);
const starts = [
  ...['harbour-tug', 'harbour-tug-as-planned', 'salt-flat-yacht'].map((text) => demoBuild(text)),
  ...Object.values(soundBuilds),
];

/** A run of changes, from a build that is there. */
export type Run = readonly [start: number, steps: readonly (readonly [move: number, seed: number])[]];

export const runs: fc.Arbitrary<Run> = fc.tuple(
  fc.nat({ max: starts.length - 1 }),
  fc.array(fc.tuple(fc.nat({ max: names.length - 1 }), fc.nat({ max: 1000 })), {
    minLength: 1,
    maxLength: 14,
  }),
);

/** A build after a run of changes. What cannot be kept is refused, as on the screen. */
export function changed([start, steps]: Run): Build {
  let build = starts[start % starts.length]!;
  for (const [move, seed] of steps) {
    let turn = seed;
    const pick: Pick = (list) => {
      turn = (turn * 31 + 7) % 1009;
      return list[turn % Math.max(list.length, 1)];
    };
    const next = changeBuild(build, moves[names[move % names.length]!]!(build, pick));
    if (next.ok) build = next.value;
  }
  return build;
}
