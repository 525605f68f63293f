import {
  receiverFloor,
  leastVolts,
  fromRegulator,
  fromCells,
  mostVolts,
  voltsOfSheet,
} from '../../../judgement/limits/volts';
import { heldLimit } from '../../../judgement/limits/dropout';
import { usualDropout } from '../../../model/kinds/regulated/regulator-values';
import { cellsOf, listens } from './pack-volts';
import { packIn, drinksFrom, packRoles, type PackRole } from './packs';
import type { Survey } from '../../../reading/survey/survey';
import type { Limit } from '../../../judgement/limits/limit';
import { kindOfAny, terminalsOf } from '../../../model/kinds';
import { lastingLoad, railLoad } from '../../../judgement/limits/amps';
import { linearRegulatorHeat } from '../../../judgement/rules/linear-regulator-heat';
import {
  ampsMarginBy,
  networkSlack,
  marginBy,
  alone,
  between,
  identity,
  rolesOfKind,
  smallest,
} from './pairs';
import { torqueLimit } from '../../../judgement/limits/torque';
import { servoTorque } from '../../../judgement/rules/servo-torque';
import { railVoltsLow } from '../../../judgement/rules/rail-volts-low';
import { railVoltsHigh } from '../../../judgement/rules/rail-volts-high';
import { railAmps as railAmpsRule } from '../../../judgement/rules/rail-amps';
import { mostStalled } from '../../../reading/circuit/draws';
import { lastingAmps } from '../../../model/kinds/regulated/regulator-amps';
import type { Reading } from '../../../reading/build-reading/reading';
import { servoFigureAt } from '../../../model/kinds/servo/servo-sheet';
import type { PackSpec } from '../../../model/kinds/pack/pack';
import type { RegulatorSizing } from '../../../model/plan/policies';
import { remembered } from '../../../base/remembered';
import type { Assignment, Candidate, Role, Screen } from '../role';
import { cautiousFloor } from '../../../model/kinds/receiver/usual-receiver';
import { packVolts } from '../../../model/packs/pack-volts';
import { timesThroughLinkage } from '../../../reading/linkage/linkage-reading';

/** The role that feeds the receiver's rail: as it is wired, else a stand-alone BEC, the controllers, or the pack itself. */
export function railRole({ rails }: Survey, roles: readonly Role[]): number | undefined {
  const feeding = rails.find(({ isRadio }) => isRadio)?.sources[0]?.fitted.fitting.id;
  const wired = roles.findIndex(({ fittings }) => feeding !== undefined && fittings.includes(feeding));
  if (wired >= 0) return wired;
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

/** Whether a fitting feeds on purpose: one of the model's own packs, BECs or controllers beside the rail. */
const isAmongRoles = (roles: readonly Role[], fitting: string): boolean =>
  roles.some(
    ({ kind, fittings }) => ['pack', 'bec', 'controller'].includes(kind) && fittings.includes(fitting),
  );

/** Volts of the rail against each part on it, its amps against the worst second, and what feeds the regulator. */
export function railScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const source = railRole(context.survey, roles);
  if (source === undefined) return [];
  const consumers = railConsumers(context, roles, source);
  const pack = packRoles(context, roles).find((each) => drinksFrom(context, roles, each, source));
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
    ...(pack !== undefined && pack.role !== source ? [dropout(pack, source)] : []),
    ...railAmps(context.build.policies.regulatorSizing, roles, source, consumers, pack),
  ];
}

/** What tells sources apart by the volts that they give. */
const voltsKey = (candidate: Candidate): string => {
  const volts = railVoltsOf(candidate);
  return volts ? `${volts.least} ${volts.most}` : identity(candidate);
};

/** Volts that a candidate puts on the rail, full; nothing where it cannot feed one. */
function railVoltsOf({
  part,
  railVolts,
}: Candidate): { most: number; nominal: number; least: number } | undefined {
  if (railVolts !== undefined) return { most: railVolts, nominal: railVolts, least: railVolts };
  return part.kind === 'pack'
    ? {
        most: packVolts(part, 'full'),
        nominal: packVolts(part, 'nominal'),
        least: packVolts(part, 'cutoff'),
      }
    : undefined;
}

/** Volts of the rail on a part, as the rules of a rail, or of a receiver pack, judge them. */
function onRail(source: Candidate, { part }: Candidate): number | undefined {
  const volts = railVoltsOf(source);
  if (!volts) return undefined;
  const { most, least } = voltsOfSheet(part);
  const isRaw = source.part.kind === 'pack';
  const over =
    most && mostVolts(isRaw ? fromCells(source.part as PackSpec) : fromRegulator(volts.most), most.value);
  const given = isRaw ? fromCells(source.part as PackSpec) : fromRegulator(volts.least);
  const under =
    least &&
    (part.kind === 'receiver' ? receiverFloor(given, least.value) : leastVolts(volts.least, least.value));
  return smallest(
    over?.passed === 'slightlyOver' ? undefined : marginBy(railVoltsHigh, over as Limit<'tooManyVolts'>),
    marginBy(railVoltsLow, under),
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
    const loads = role.fittings.flatMap((id) => {
      const load = context.circuit.mechanismLoad(id);
      return load ? [{ load, share: 1 / timesThroughLinkage(context, id) }] : [];
    });
    if (role.kind !== 'servo' || loads.length === 0) return [];
    return [
      between(
        { id: `torque:${consumer}`, words: `torque of the ${role.name}`, meets: voltsKey },
        [source, consumer],
        (feeds, { part }) => {
          const volts = railVoltsOf(feeds)?.nominal;
          const given =
            part.kind === 'servo' && volts !== undefined
              ? servoFigureAt(part, 'stallNewtonMetres', volts)
              : undefined;
          return (
            given &&
            smallest(
              ...loads.map(({ load, share }) =>
                marginBy(servoTorque, torqueLimit(load, given.value * share)),
              ),
            )
          );
        },
      ),
    ];
  });
}

/** A regulator's input must stand above its output while the pack still has some charge: no rail is offered that cannot be held. */
const dropout = (pack: PackRole, source: number): Screen =>
  between(
    {
      id: 'rail:dropout',
      words: 'volts of the pack above those of the rail',
      isMargin: false,
      isWish: true,
      meets: cellsOf,
    },
    [pack.role, source],
    (a, b) => {
      const regulator = terminalsOf(b.part).gives?.regulator;
      if (b.railVolts === undefined || !regulator) return 1;
      const held = packVolts(pack.asOne(a.part as PackSpec), 'cutoff') - usualDropout(regulator);
      return heldLimit(held, b.railVolts).passed === 'cannotHold' ? -1 : 1;
    },
  );

/** Amps of everything on the rail at its worst second against what its regulator gives for minutes. */
function railAmps(
  school: RegulatorSizing,
  roles: readonly Role[],
  source: number,
  consumers: readonly number[],
  pack: PackRole | undefined,
): Screen[] {
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
  const lastingOf = (assignment: Assignment, { part, railVolts = 0 }: Candidate): number => {
    const regulator = terminalsOf(part).gives?.regulator;
    const input = packIn(assignment, pack);
    if (!regulator) return 0;
    return input
      ? lastingAmps(regulator, packVolts(input, 'full'), railVolts).value
      : regulator.maxAmps.value;
  };
  /** The floor of the neediest receiver that is decided. */
  const floorOf = (assignment: Assignment): number | undefined => {
    const floors = consumers.flatMap((consumer) => {
      const part = assignment[consumer]?.part;
      return part?.kind === 'receiver' ? [part.minVolts?.value ?? cautiousFloor] : [];
    });
    return floors.length > 0 ? Math.max(...floors) : undefined;
  };
  const labelOf = ({ part }: Candidate): number => terminalsOf(part).gives?.regulator?.maxAmps.value ?? 0;
  const about = [source, ...(pack === undefined ? [] : [pack.role]), ...consumers];
  return [
    {
      id: 'rail:amps',
      words: 'amps of the rail at its worst second',
      roles: [source, ...consumers],
      isMargin: true,
      standing: (assignment) => {
        const feeds = assignment[source];
        if (feeds?.railVolts === undefined) return { key: identity(feeds), less: [] };
        const { running, added } = asked(assignment, feeds.railVolts);
        return {
          key: String(feeds.railVolts),
          less: [
            -labelOf(feeds),
            floorOf(assignment) ?? 0,
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
        const label = labelOf(feeds);
        const total = running + worst;
        // Stalled servos are resistors: a regulator that limits lets their volts sink as far as the amps; leads take a share.
        const volts = feeds.railVolts * Math.min(1, (label * (1 + networkSlack.rail)) / total);
        const load = railLoad({ worst: total, lasting: running, volts, floor: floorOf(assignment) }, label);
        return ampsMarginBy(railAmpsRule, load, 'rail');
      },
    },
    {
      id: 'rail:heat',
      words: 'amps of the rail for minutes',
      roles: about,
      isMargin: true,
      standing: (assignment) => {
        const feeds = assignment[source];
        if (feeds?.railVolts === undefined) return { key: identity(feeds), less: [] };
        return {
          key: String(feeds.railVolts),
          less: [-lastingOf(assignment, feeds), asked(assignment, feeds.railVolts).running],
        };
      },
      margin: (assignment) => {
        const feeds = assignment[source];
        if (feeds?.railVolts === undefined || terminalsOf(feeds.part).gives?.regulator?.type !== 'linear')
          return undefined;
        const { running } = asked(assignment, feeds.railVolts);
        return ampsMarginBy(linearRegulatorHeat, lastingLoad(running, lastingOf(assignment, feeds)), 'rail');
      },
    },
  ];
}

/** The largest of some amps. */
const most = (amps: readonly number[], count: number): number[] =>
  [...amps].sort((a, b) => b - a).slice(0, count);

const tenths = (amps: number): number => Math.ceil(amps * 10 - 1e-9) / 10;

/** Amps of a part at some volts by its sheet, running and stalled; nothing of what is silent. */
const drawsAt = remembered(({ part }: Candidate, volts: number): { runs: number; stalls: number } => {
  const draws = kindOfAny(part).draws?.(part, volts);
  if (!draws || 'missing' in draws) return { runs: 0, stalls: 0 };
  // In tenths, rounded up: finer ones tell no two servos apart.
  return { runs: tenths(draws.running.value), stalls: tenths(draws.stalled.value) };
});
