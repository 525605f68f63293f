import { floorMeant, receiverFloor, leastVolts, fromRegulator, worksOn, fromCells } from '../limits/volts';
import { torqueLimit } from '../limits/torque';
import { timesThroughLinkage } from '../../reading/linkage/linkage-reading';
import { givenTo, saidOf, voltsAgainstSheet } from './support/limit-report';
import { sourceName } from '../../model/kinds/regulated/regulator-choices';
import { isUnder } from '../../base/quantity/compare';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import { servoFigureAt } from '../../model/kinds/servo/servo-sheet';
import { offerHigherVolts } from '../put-right/set-regulator-volts';
import { offerStandAloneBec } from '../put-right/stand-alone-bec';
import { offerPackSwaps } from '../put-right/swap-pack';
import { offerSwaps } from '../put-right/swap-part';
import type { Supply } from '../../reading/survey/power';
import type { Rail } from '../../reading/survey/rails';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { shareTerms } from './support/rail-terms';
import { schoolWords } from './support/school-words';
import { voltsAtWorst } from './support/worst-second';
import { figureTerm, plannedTerm, solvedTerm, sourceTerm } from './support/terms';

/** Torque lost against the sheet's best from which a steering servo counts as weak, in percent. */
const weakPercent = 10;

type Message = 'tooFewVolts' | 'receiverStarved' | 'receiverSags' | 'fades' | 'weakSteering';

/** Rail volts against the least that each part needs, and the torque that steering loses. */
export const railVoltsLow = defineRule<Message>({
  meta: {
    id: 'rail-volts-low',
    well: 'voltage',
    title: 'Rail volts against the least each part needs',
    messages: {
      tooFewVolts: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} supplied, needs {{limit}}',
        text: 'the {{part}} gets too few volts from the {{source}}',
        why: 'It is weak and slow, or does not start at all.',
      },
      receiverStarved: {
        severity: 'stop',
        bound: 'least',
        numbers: '{{actual}} supplied, needs {{limit}}',
        text: 'the {{part}} is fed below its floor by the {{source}}',
        why: 'The receiver never wakes: servos are limp and the controllers beep for a signal.',
      },
      receiverSags: {
        severity: 'stop',
        bound: 'least',
        numbers: '{{actual}} left, needs {{limit}}',
        text: 'the {{part}} falls below its floor at the worst second, through its wires',
        why: 'The rail sinks as far as the servos pull it: the receiver restarts, servos go limp and the throttle goes to its fail-safe.',
      },
      fades: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} at the end, needs {{limit}}',
        text: 'the {{part}} stops before the cells of the {{source}} are empty',
        why: 'Such cells sink slowly. Change or charge them, or set an alarm, before they reach the floor of the receiver.',
      },
      weakSteering: {
        severity: 'note',
        bound: 'least',
        numbers: '{{actual}} supplied, full strength at {{limit}}',
        text: '{{parts}} will be {{percent}} % weaker on {{volts}} than on {{best}}',
        why: 'It is enough for what it moves; it answers slower and gives way sooner than its sheet says.',
      },
    },
  },
  check(context) {
    return context.survey.rails.flatMap((rail) => {
      const receivers = rail.supplies
        .filter((supply) => supply.fitted.kind === 'receiver' && supply.status === 'fed')
        .flatMap((supply) => starvedReceiver(context, rail, supply));
      // A rail that is short of amps starves all on it; that is told once, with the receiver.
      const others = starvedParts(context, rail).filter(
        ({ limit }) => receivers.length === 0 || isUnder(rail.volts?.full ?? limit, limit, 'V'),
      );
      return [...receivers, ...others, ...weakSteering(context, rail)];
    });
  },
});

function starvedParts(context: Reading, rail: Rail): Report<Message>[] {
  const [source] = rail.sources;
  if (!source?.terminal.regulator) return [];
  return rail.supplies
    .filter((supply) => supply.status === 'fed' && supply.fitted.kind !== 'receiver')
    .flatMap((supply) => {
      const said = voltsAgainstSheet(context, supply, source, {
        higher: (least) => [
          ...offerHigherVolts(rail, least),
          ...offerSwaps(context, supply.fitted, (other) =>
            worksOn(other, fromRegulator(source.volts.cutoff)),
          ),
        ],
      });
      return saidOf(said, 'tooFewVolts').flatMap((each) => ('missing' in each ? [] : [each]));
    });
}

/** The receiver's volts with nothing drawn, and in the network solved for the worst second, packs at their cut-off. */
function starvedReceiver(context: Reading, rail: Rail, supply: Supply): (Report<Message> | Missing)[] {
  const { fitting } = supply.fitted;
  const { minVolts: printed } = supply.terminal;
  const [source] = rail.sources;
  if (!source || !supply.volts) return [];
  const subjects = [fittingSubject(fitting.id)];
  if (!printed) return [{ missing: `least volts of the ${fitting.name}`, subjects }];
  const given = givenTo(context, supply.volts, supply);
  const floor = { ...printed, value: floorMeant(given, printed.value) };
  const worst = voltsAtWorst(context, supply);
  const atWorst = worst?.volts;
  const { passed, actual: still } = receiverFloor(given, floor.value);
  const isStarved = passed === 'receiverStarved';
  const isSagging =
    !isStarved && atWorst !== undefined && leastVolts(atWorst, floor.value).passed !== undefined;
  if (!passed && !isSagging) return [];
  const volts = isSagging ? atWorst : still;
  const packsAt = { cutoff: 'packs at cut-off', nominal: 'cells at their usual volts', full: 'packs full' }[
    worst?.state ?? 'cutoff'
  ];
  const load = context.circuit.railLoads().find((railLoad) => railLoad.rail === rail);
  return [
    {
      messageId: isSagging ? 'receiverSags' : (passed ?? 'receiverSags'),
      data: { part: fitting.name, source: sourceName(source.fitted) },
      subjects: [...subjects, fittingSubject(source.fitted.fitting.id)],
      actual: Math.max(volts, 0),
      limit: floor.value,
      unit: 'V',
      formula: isSagging
        ? `volts at the worst second, solved (${schoolWords[context.build.policies.regulatorSizing]}), ${packsAt}, against its floor`
        : 'volts that reach it with nothing drawn, packs run down, against its floor',
      terms: [
        plannedTerm(`${source.fitted.fitting.name}, with nothing drawn`, still, 'V'),
        ...(atWorst === undefined ? [] : [solvedTerm('at the worst second', atWorst, 'V')]),
        figureTerm('least the receiver needs', floor, 'V'),
        ...shareTerms(load?.shares ?? []),
      ],
      offers: () => [
        ...(isStarved ? offerHigherVolts(rail, floor.value) : []),
        ...offerStandAloneBec(context, rail),
        // Of dry cells, larger ones; or a cell more.
        ...offerPackSwaps(
          context,
          [source.fitted],
          (pack) => receiverFloor(fromCells(pack), floor.value).passed === undefined,
        ),
      ],
    },
  ];
}

/** Whether a servo misses what its mechanism asks, which `servo-torque` tells, with higher volts among its cures. */
const isTooWeak = (context: Reading, group: readonly Supply[], newtonMetres: number): boolean =>
  group.some(({ fitted: { fitting } }) => {
    const load = context.circuit.mechanismLoad(fitting.id);
    const there = newtonMetres / timesThroughLinkage(context, fitting.id);
    return load && torqueLimit(load, there).passed !== undefined;
  });

/** One report per kind of steering servo, so that a pair is said once. */
function weakSteering(context: Reading, rail: Rail): Report<Message>[] {
  const steering = new Set(
    context.build.functions
      .filter((modelFunction) => modelFunction.role === 'steer')
      .flatMap((modelFunction) => modelFunction.devices),
  );
  const groups = new Map<string, Supply[]>();
  for (const supply of rail.supplies) {
    const { fitting, part, kind } = supply.fitted;
    if (kind !== 'servo' || !steering.has(fitting.id)) continue;
    groups.set(part.id, [...(groups.get(part.id) ?? []), supply]);
  }
  return [...groups.values()].flatMap((group) => weakGroup(context, rail, group));
}

function weakGroup(context: Reading, rail: Rail, group: Supply[]): Report<Message>[] {
  const [source] = rail.sources;
  const servo = group[0]?.fitted.part as ServoSpec;
  const best = servo.sheet.at(-1);
  const volts = rail.volts?.nominal;
  // A receiver pack gives what it gives; on a regulator the setting is a choice.
  if (!source?.terminal.regulator || volts === undefined || !best?.stallNewtonMetres) return [];
  if (!isUnder(volts, best.volts.value, 'V')) return [];
  const here = servoFigureAt(servo, 'stallNewtonMetres', volts);
  if (!here) return [];
  const percent = 100 * (1 - here.value / best.stallNewtonMetres.value);
  if (percent < weakPercent || isTooWeak(context, group, here.value)) return [];
  const names = group.map((supply) => supply.fitted.fitting.name);
  return [
    {
      messageId: 'weakSteering',
      data: {
        parts: nameList(names.map((name) => `the ${name}`)),
        percent: percent.toFixed(0),
        volts: `${volts.toFixed(1)} V`,
        best: `${best.volts.value.toFixed(1)} V`,
      },
      subjects: group.map((supply) => fittingSubject(supply.fitted.fitting.id)),
      actual: volts,
      limit: best.volts.value,
      unit: 'V',
      formula: '1 − torque at the rail volts ÷ torque at the best volts of the sheet',
      terms: [
        sourceTerm(context, source, volts),
        figureTerm('best volts of the sheet', best.volts, 'V'),
        figureTerm('torque at the rail volts', here, 'N·m'),
        figureTerm('torque at the best volts', best.stallNewtonMetres, 'N·m'),
      ],
      offers: () => offerHigherVolts(rail, best.volts.value),
    },
  ];
}
