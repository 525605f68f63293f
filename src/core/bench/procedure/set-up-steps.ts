import type { ModelFunction } from '../../model/plan/model-function';
import type { Fitted } from '../../model/kinds/fitted';
import type { Reading } from '../../reading/build-reading/reading';
import { channelsOf } from '../../reading/radio/channel-inputs';
import { agreeing, capital, nameList } from '../../base/words/sentences';
import { channelTable } from '../../reading/radio/channel-table';
import { lostLinks } from '../../reading/radio/lost-link';
import { displayWords } from '../../reading/radio/pulse';
import type { Step } from './step';
import { radioOf, touchedByRadio } from './touches';
import { radioOfFunction } from '../../reading/radio/radios';

/** Centre before horn, one channel at a time, end points by the chosen school, then fail-safe. */
export function setUpSteps(context: Reading): Step[] {
  const { build, index, survey } = context;
  if (survey.signals.length === 0) return [];
  const first = (modelFunction: ModelFunction) =>
    channelsOf(radioOfFunction(context, modelFunction), modelFunction)[0] ?? Infinity;
  const inOrder = [...build.functions].sort((a, b) => first(a) - first(b) || 0);
  const steps = inOrder.flatMap((modelFunction) => {
    const devices = modelFunction.devices.map((id) => index.get(id));
    const servos = devices.filter((fitted) => fitted.part.kind === 'servo');
    return [
      ...servos.map((servo) => centreStep(context, modelFunction, servo)),
      functionStep(context, modelFunction, devices),
      ...(servos.length > 0 ? [endPointStep(context, modelFunction, servos)] : []),
    ];
  });
  return [...steps, failSafeStep(context)];
}

const channelWords = (context: Reading, modelFunction: ModelFunction): string =>
  channelsOf(radioOfFunction(context, modelFunction), modelFunction).join(', ') || '?';

/** Trims and end points are kept by the transmitter. */
const transmittersOf = ({ index }: Reading): string[] =>
  index.ofKind('transmitter').map((each) => each.fitting.id);

const powered = { phase: 'setUp', needsPower: true, isHold: false } as const;

function centreStep(context: Reading, modelFunction: ModelFunction, servo: Fitted): Step {
  const how = { tester: 'a servo tester at 1500 µs', radio: 'the radio at neutral, trims at zero' }[
    context.build.policies.centring
  ];
  return {
    ...powered,
    id: `centre:${servo.fitting.id}`,
    touches: [servo.fitting.id, ...transmittersOf(context)],
    title: `Centre the ${servo.fitting.name}, then fit its horn`,
    lines: [
      `With ${how}, horn off. Then the horn on the nearest tooth, square to its rod.`,
      `Only the last few degrees by sub-trim on channel ${channelWords(context, modelFunction)}.`,
    ],
    cautions: ['stand'],
  };
}

function functionStep(context: Reading, modelFunction: ModelFunction, devices: readonly Fitted[]): Step {
  const { survey } = context;
  const { transmitter } = radioOfFunction(context, modelFunction);
  const control =
    transmitter?.part.controls.find((candidate) => candidate.id === modelFunction.control)?.name ??
    'its control';
  const worksMotor = devices.some(({ kind }) => kind === 'controller');
  const ports = [
    ...new Set(survey.signals.filter((path) => devices.includes(path.device)).map((path) => path.port.name)),
  ];
  return {
    ...powered,
    id: `function:${modelFunction.id}`,
    touches: [...devices.map((fitted) => fitted.fitting.id), ...radioOf(context)],
    title: `${modelFunction.name}: try it by itself`,
    lines: [
      `${capital(control)}, channel ${channelWords(context, modelFunction)}, receiver ${nameList(ports)}: it moves the ${nameList(devices.map((fitted) => fitted.fitting.name))}, nothing else.`,
      modelFunction.role === 'throttle'
        ? 'Engine off: at neutral the carburettor stands at its idle stop, ahead opens it, back only brakes. Reverse the channel if not.'
        : worksMotor
          ? 'Calibrate its throttle range as the maker says; ahead must be ahead. Reverse the channel if not.'
          : 'Wrong way round: reverse the channel. Wrong part moves: pack out, then swap the ports.',
    ],
    cautions:
      modelFunction.role === 'throttle'
        ? ['engine']
        : worksMotor
          ? ['stand', 'heat']
          : modelFunction.role === 'pump'
            ? ['water']
            : [],
  };
}

function endPointStep(context: Reading, modelFunction: ModelFunction, servos: readonly Fitted[]): Step {
  const names = nameList(servos.map((fitted) => fitted.fitting.name));
  const first = {
    smallFirst: 'Start at 30 % both ways and open up until it reaches fully without buzzing.',
    fullFirst: 'Start at full travel, ready to switch off, and pull in until the buzzing stops.',
  }[context.build.policies.endPoints];
  return {
    ...powered,
    id: `end-points:${modelFunction.id}`,
    touches: [...servos.map((fitted) => fitted.fitting.id), ...transmittersOf(context)],
    title: `${modelFunction.name}: end points`,
    lines: [
      `Channel ${channelWords(context, modelFunction)}, ${names}. ${first}`,
      'Too wide burns the servo; too narrow does not reach.',
    ],
    cautions: ['heat'],
  };
}

/** What runs must stop when the link is lost, each channel at the place that the plan has for it, or should have. */
function failSafeStep(context: Reading): Step {
  const links = lostLinks(context);
  const lines = links.map(({ channel, function: { name }, outcome, setting, still, runs }) => {
    const planned = outcome === 'stops' && setting.failSafe === 'off' ? 'no pulses' : displayWords(still);
    const thing = nameList([...new Set(runs.map(({ fitting }) => fitting.name))]);
    return `Channel ${channel}, ${name.toLowerCase()}: ${planned}, so that the ${thing} ${agreeing(thing, 'stops')}.`;
  });
  const others = channelTable(context).filter(
    ({ channel, radio: { owner }, setting }) =>
      setting.failSafe !== undefined &&
      links.every((link) => link.channel !== channel || link.radio.owner !== owner),
  );
  return {
    ...powered,
    id: 'fail-safe',
    touches: touchedByRadio(context),
    title: 'Set and try the fail-safe',
    lines: [
      ...new Set(lines),
      ...others.map(
        ({ channel, inputs, failSafe }) =>
          `Channel ${channel}, ${nameList(inputs.map((input) => input.function.name.toLowerCase()))}: ${failSafe}.`,
      ),
      links.length > 0
        ? 'All other channels may hold.'
        : 'Choose what each channel does when the link is lost.',
      'On the stand, switch the transmitter off: everything that runs must stop. Switch it on again.',
    ],
    cautions: ['stand'],
  };
}
