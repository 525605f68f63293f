import type { ServoSpec } from '../parts/servo';
import { servoFigureAt } from '../parts/servo-sheet';
import type { Rail } from '../power/rails';
import type { Supply } from '../power/power-picture';
import { offerHigherVolts } from './offers/set-regulator-volts';
import { defineRule, fittingSubject, type CheckContext, type Report } from './rule';
import { figureTerm, sourceTerm } from './support/terms';
import { offerStandAloneBec } from './offers/stand-alone-bec';
import { demandTerms } from './support/rail-terms';
import { schoolWords } from './support/school-words';
import { voltsAgainstSheet } from './support/limit-report';
import { nameList } from './words';

/** Torque lost against the sheet's best from which a steering servo counts as weak, in percent. */
const weakPercent = 10;

type Message = 'tooFewVolts' | 'receiverStarved' | 'receiverSags' | 'weakSteering';

/** Rail volts against the least that each part needs, and the torque that steering loses. */
export const railVoltsLow = defineRule({
  meta: {
    id: 'rail-volts-low',
    well: 'voltage',
    title: 'Rail volts against the least each part needs',
    messages: {
      tooFewVolts: {
        severity: 'mind',
        bound: 'least',
        text: 'the {{part}} gets too few volts from the {{source}}',
        why: 'It is weak and slow, or does not start at all.',
      },
      receiverStarved: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{part}} is fed below its floor by the {{source}}',
        why: 'The receiver restarts or never wakes: servos go limp and the throttle goes to its fail-safe.',
      },
      receiverSags: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{part}} falls below its floor at the worst second, through its wires',
        why: 'The rail sinks as far as the servos pull it: the receiver restarts, servos go limp and the throttle goes to its fail-safe.',
      },
      weakSteering: {
        severity: 'mind',
        bound: 'least',
        text: '{{parts}} {{will}} be {{percent}} % weaker on {{volts}} than on {{best}}',
        why: 'Steering answers slower and gives way sooner; fine in calm water, felt under tow or at speed.',
      },
    },
  },
  check(context) {
    return context.rails.flatMap((rail) => {
      const hungry = starved(rail);
      return [
        ...hungry,
        ...(hungry.length > 0 ? [] : sagging(context, rail)),
        ...weakSteering(context, rail),
      ];
    });
  },
});

function starved(rail: Rail): Report<Message>[] {
  const [source] = rail.sources;
  if (!source?.terminal.regulator) return [];
  return rail.supplies
    .filter((one) => one.status === 'fed')
    .flatMap((supply) =>
      voltsAgainstSheet(supply, source, { higher: (least) => offerHigherVolts(rail, least) }).flatMap(
        (one): Report<Message>[] => {
          if ('missing' in one || one.messageId !== 'tooFewVolts') return [];
          const isReceiver = supply.fitted.part.kind === 'receiver';
          return [{ ...one, messageId: isReceiver ? 'receiverStarved' : 'tooFewVolts' }];
        },
      ),
    );
}

/** The receiver's volts in the network solved for the worst second, packs at their cut-off. */
function sagging(context: CheckContext, rail: Rail): Report<Message>[] {
  const receiver = rail.supplies.find((one) => one.fitted.part.kind === 'receiver' && one.status === 'fed');
  const floor = receiver?.terminal.minVolts;
  if (!receiver || !floor) return [];
  const { fitting } = receiver.fitted;
  const point = context.worstSecond('cutoff');
  const volts = point?.across(fitting.id, receiver.terminal.plus, receiver.terminal.minus);
  if (volts === undefined || volts >= floor.value) return [];
  return [
    {
      messageId: 'receiverSags',
      data: { part: fitting.name },
      subjects: [fittingSubject(fitting.id)],
      actual: volts,
      limit: floor.value,
      unit: 'V',
      formula: `volts at the receiver in the network solved for the worst second (${schoolWords[context.build.policies.regulatorSizing]}), packs at cut-off, against its floor`,
      terms: [
        { name: 'volts at the receiver, solved', value: volts, unit: 'V', provenance: 'estimated' },
        figureTerm('least the receiver needs', floor, 'V'),
        ...demandTerms(rail),
      ],
      offers: offerStandAloneBec(context, rail),
    },
  ];
}

/** One report per kind of steering servo, so that a pair is said once. */
function weakSteering({ build }: CheckContext, rail: Rail): Report<Message>[] {
  const steering = new Set(
    build.functions.filter((one) => one.role === 'steer').flatMap((one) => one.devices),
  );
  const groups = new Map<string, Supply[]>();
  for (const supply of rail.supplies) {
    const { fitting, part } = supply.fitted;
    if (part.kind !== 'servo' || !steering.has(fitting.id)) continue;
    groups.set(part.id, [...(groups.get(part.id) ?? []), supply]);
  }
  return [...groups.values()].flatMap((group) => weakGroup(rail, group));
}

function weakGroup(rail: Rail, group: Supply[]): Report<Message>[] {
  const [source] = rail.sources;
  const servo = group[0]?.fitted.part as ServoSpec;
  const best = servo.sheet.at(-1);
  const { volts } = rail;
  if (!source || volts === undefined || !best?.stallNewtonMetres || volts >= best.volts.value) return [];
  const here = servoFigureAt(servo, 'stallNewtonMetres', volts);
  if (!here) return [];
  const percent = 100 * (1 - here.value / best.stallNewtonMetres.value);
  if (percent < weakPercent) return [];
  const names = group.map((one) => one.fitted.fitting.name);
  return [
    {
      messageId: 'weakSteering',
      data: {
        parts: nameList(names.map((name) => `the ${name}`)),
        will: 'will',
        percent: percent.toFixed(0),
        volts: `${volts.toFixed(1)} V`,
        best: `${best.volts.value.toFixed(1)} V`,
      },
      subjects: group.map((one) => fittingSubject(one.fitted.fitting.id)),
      actual: volts,
      limit: best.volts.value,
      unit: 'V',
      formula: '1 − torque at the rail volts ÷ torque at the best volts of the sheet',
      terms: [
        sourceTerm(source, volts),
        figureTerm('best volts of the sheet', best.volts, 'V'),
        figureTerm('torque at the rail volts', here, 'N·m'),
        figureTerm('torque at the best volts', best.stallNewtonMetres, 'N·m'),
      ],
      offers: offerHigherVolts(rail, best.volts.value),
    },
  ];
}
