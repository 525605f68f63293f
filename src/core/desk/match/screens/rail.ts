import { mostStalled } from '../../../reading/circuit/draws';
import { lastingAmps } from '../../../model/kinds/values/regulator-amps';
import type { Reading } from '../../../reading/build-reading/reading';
import { terminalsOf } from '../../../model/kinds';
import { servoFigureAt } from '../../../model/parts/servo-sheet';
import type { PackSpec } from '../../../model/parts/pack';
import type { RegulatorSizing } from '../../../model/plan/policies';
import { surelyNeeded } from '../../../judgement/rules/servo-torque';
import { remembered } from '../../../base/remembered';
import type { Assignment, Candidate, Role, Screen } from '../role';
import {
  alone,
  ampsMargin,
  between,
  identity,
  marginAbove,
  marginBelow,
  partIn,
  rolesOfKind,
  smallest,
} from './pairs';
import { listens } from './pack-volts';
import { packVolts } from '../../../model/packs/pack-volts';
import { timesThroughLinkage } from '../../../reading/linkage/linkage-reading';

/** The role that feeds the receiver's rail: a stand-alone BEC, else the controllers, else the pack itself. */
export function railRole(roles: readonly Role[]): number | undefined {
  const [bec] = rolesOfKind(roles, 'bec');
  if (bec !== undefined) return bec;
  const controller = rolesOfKind(roles, 'controller').find((n) =>
    roles[n]!.candidates.some(({ part }) => terminalsOf(part).gives?.regulator),
  );
  return controller ?? rolesOfKind(roles, 'pack')[0];
}

/** Roles whose parts hang on the receiver's rail: not those that something else feeds as they are wired now. */
function railConsumers({ survey }: Reading, roles: readonly Role[], source: number): number[] {
  const feeders = new Set(roles[source]!.fittings);
  return roles.flatMap(({ kind, fittings, candidates }, n) => {
    const isOnRail =
      kind === 'servo' ||
      kind === 'receiver' ||
      kind === 'electronicSwitch' ||
      (kind === 'load' && candidates.every(({ part }) => listens(part)));
    const sources = fittings.flatMap((id) => survey.supplyOf(id)?.sources ?? []);
    const isElsewhere =
      sources.length > 0 &&
      sources.every(
        ({ fitted }) => !feeders.has(fitted.fitting.id) && isAmongRoles(roles, fitted.fitting.id),
      );
    return isOnRail && !isElsewhere ? [n] : [];
  });
}

/** Whether a fitting feeds on purpose: one of the model's own packs or BECs beside the rail. */
const isAmongRoles = (roles: readonly Role[], fitting: string): boolean =>
  roles.some(({ kind, fittings }) => (kind === 'pack' || kind === 'bec') && fittings.includes(fitting));

/** Volts of the rail against each part on it, its amps against the worst second, and what feeds the regulator. */
export function railScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const source = railRole(roles);
  if (source === undefined) return [];
  const consumers = railConsumers(context, roles, source);
  const [pack] = rolesOfKind(roles, 'pack');
  return [
    alone(
      { id: 'rail:source', words: 'a BEC for the receiver’s rail', isMargin: false },
      source,
      (candidate) => (railVoltsOf(candidate) === undefined ? -1 : 1),
    ),
    ...consumers.map((consumer) =>
      between(
        {
          id: `rail:${consumer}`,
          words: `volts of the rail on the ${roles[consumer]!.name}`,
          meets: voltsKey,
        },
        [source, consumer],
        onRail,
      ),
    ),
    ...torqueScreens(context, roles, source, consumers),
    ...(pack !== undefined && pack !== source ? [dropout(pack, source)] : []),
    railAmps(context.build.policies.regulatorSizing, roles, source, consumers, pack),
  ];
}

/** What tells sources apart by the volts that they give. */
const voltsKey = (candidate: Candidate): string => {
  const volts = railVoltsOf(candidate);
  return volts ? `${volts.least} ${volts.most}` : identity(candidate);
};

/** Volts that a candidate puts on the rail, full; nothing where it cannot feed one. */
function railVoltsOf({ part, railVolts }: Candidate): { most: number; least: number } | undefined {
  if (railVolts !== undefined) return { most: railVolts, least: railVolts };
  return part.kind === 'pack'
    ? { most: packVolts(part, 'full'), least: packVolts(part, 'cutoff') }
    : undefined;
}

function onRail(source: Candidate, { part }: Candidate): number | undefined {
  const volts = railVoltsOf(source);
  const [terminal] = terminalsOf(part).consumes;
  if (!volts || !terminal) return undefined;
  const { minVolts, maxVolts } = terminal;
  return smallest(
    maxVolts && marginBelow(volts.most, maxVolts.value + 1e-9),
    minVolts && volts.least < minVolts.value ? -1 : undefined,
  );
}

/** A servo's torque at the rail's volts against what its mechanism asks, as far as it is known what it moves. */
function torqueScreens(
  context: Reading,
  roles: readonly Role[],
  source: number,
  consumers: readonly number[],
): Screen[] {
  return consumers.flatMap((consumer) => {
    const role = roles[consumer]!;
    const asked = Math.max(
      ...role.fittings.map((id) => {
        const load = context.circuit.mechanismLoad(id);
        return load ? surelyNeeded(load) * timesThroughLinkage(context, id) : 0;
      }),
    );
    if (role.kind !== 'servo' || asked <= 0) return [];
    return [
      between(
        { id: `torque:${consumer}`, words: `torque of the ${role.name}`, meets: voltsKey },
        [source, consumer],
        (feeds, { part }) => {
          const volts = railVoltsOf(feeds)?.least;
          const given =
            part.kind === 'servo' && volts !== undefined
              ? servoFigureAt(part, 'stallNewtonMetres', volts)
              : undefined;
          return given && marginAbove(given.value, asked);
        },
      ),
    ];
  });
}

/** A regulator's input must stand above its output while the pack still has some charge. */
const dropout = (pack: number, source: number): Screen =>
  between(
    {
      id: 'rail:dropout',
      words: 'volts of the pack above those of the rail',
      isMargin: false,
      meets: ({ part }) => (part.kind === 'pack' ? packVolts(part, 'nominal') : 0),
    },
    [pack, source],
    (a, b) => (b.railVolts === undefined || packVolts(a.part as PackSpec, 'nominal') > b.railVolts ? 1 : -1),
  );

/** Amps of everything on the rail at its worst second against what its regulator gives for minutes. */
function railAmps(
  school: RegulatorSizing,
  roles: readonly Role[],
  source: number,
  consumers: readonly number[],
  pack: number | undefined,
): Screen {
  /** Running amps of what is decided, and what each would add stalled. */
  const asked = (assignment: Assignment, volts: number) => {
    let running = 0;
    const added: number[] = [];
    for (const consumer of consumers) {
      const candidate = assignment[consumer];
      if (!candidate) continue;
      const { runs, stalls } = drawsAt(candidate, volts);
      for (let n = 0; n < roles[consumer]!.fittings.length; n += 1) {
        running += runs;
        added.push(stalls - runs);
      }
    }
    return { running, added };
  };
  const givenAt = remembered((feeds: Candidate, input: number | undefined): number => {
    const regulator = terminalsOf(feeds.part).gives?.regulator;
    if (!regulator || feeds.railVolts === undefined) return 0;
    return input === undefined
      ? regulator.maxAmps.value
      : lastingAmps(regulator, input, feeds.railVolts).value;
  });
  const limitOf = (assignment: Assignment, feeds: Candidate): number => {
    const input = pack === undefined ? undefined : partIn<'pack'>(assignment, pack);
    return givenAt(feeds, input && packVolts(input, 'full'));
  };
  return {
    id: 'rail:amps',
    words: 'amps of the rail at its worst second',
    roles: [source, ...(pack === undefined ? [] : [pack]), ...consumers],
    isMargin: true,
    standing: (assignment) => {
      const feeds = assignment[source];
      if (feeds?.railVolts === undefined) return { key: identity(feeds), less: [] };
      const { running, added } = asked(assignment, feeds.railVolts);
      return {
        key: String(feeds.railVolts),
        less: [
          -limitOf(assignment, feeds),
          running,
          ...most(added, Math.min(mostStalled[school], added.length)),
        ],
      };
    },
    margin: (assignment) => {
      const feeds = assignment[source];
      if (feeds?.railVolts === undefined) return undefined;
      const { running, added } = asked(assignment, feeds.railVolts);
      const worst = most(added, mostStalled[school]).reduce((sum, amps) => sum + amps, 0);
      return ampsMargin(running + worst, limitOf(assignment, feeds));
    },
  };
}

/** The largest of some amps. */
const most = (amps: readonly number[], count: number): number[] =>
  [...amps].sort((a, b) => b - a).slice(0, count);

const tenths = (amps: number): number => Math.ceil(amps * 10 - 1e-9) / 10;

/** Amps of a part at some volts by its sheet, running and stalled; nothing of what is silent. */
const drawsAt = remembered(({ part }: Candidate, volts: number): { runs: number; stalls: number } => {
  const amps = (figure: { value: number } | undefined) => figure?.value ?? 0;
  const stalls =
    part.kind === 'servo'
      ? amps(servoFigureAt(part, 'stallAmps', volts))
      : 'amps' in part
        ? amps(part.amps)
        : 0;
  const runs =
    part.kind === 'servo'
      ? (servoFigureAt(part, 'runningAmps', volts)?.value ?? usualRunning * stalls)
      : stalls;
  // In tenths, rounded up: finer ones tell no two servos apart.
  return { runs: tenths(runs), stalls: tenths(stalls) };
});

/** Amps of a servo that moves, against those stalled, where its sheet is silent: rule of thumb. */
const usualRunning = 0.18;
