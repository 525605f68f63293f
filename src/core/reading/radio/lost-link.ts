import type { ChannelSetting } from '../../model/plan/channel-setting';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Fitted } from '../../model/kinds/fitted';
import type { LoadForm } from '../../model/kinds/load/load';
import { carrierId } from '../../model/fitting/component-id';
import type { Reading } from '../build-reading/reading';
import { moversOf } from '../survey/movers';
import { settingOf, toldChannels } from './channel-inputs';
import { controllerDuty, startsAtEnd } from './controller-duty';
import { displayOf, isSwitchOn, pulseAt, pulseOf } from './pulse';
import { rangeOf } from './pulse-range';
import { radioOfFunction, type Radio } from './radios';
import { wiredHome } from './wired-home';

export type Wired = Pick<Reading, 'build' | 'index' | 'survey'>;

/** Loads that turn or shove something, or burn on. */
const running: readonly LoadForm[] = ['pump', 'fan', 'smoke'];

/** Share of its way off idle within which the servo of an engine's throttle is shut; back of it only brakes. */
const idleWithin = 0.04;

/** A part that makes something run: where it stands still, and what it is told when the link is lost. */
export interface LostLink {
  function: ModelFunction;
  radio: Radio;
  channel: number;
  setting: ChannelSetting;
  /** What listens: a controller, a switch, a pump with a lead of its own, the servo of an engine. */
  device: Fitted;
  /** What must stop: motors, pumps, or the part itself. */
  runs: Fitted[];
  /** Where its control stands for it to stand still. */
  place: 'all the way back' | 'at its middle' | 'off';
  /** Percent on the transmitter's display at which it stands still. */
  still: number;
  /** What happens then; nothing where no fail-safe is set. */
  outcome: 'stops' | 'holds' | 'runs' | undefined;
}

/**
 * Every part that works a motor, a pump or the throttle of an engine, whatever its function is called, with what it
 * does when the link is lost. On one board with its receiver the maker has set it.
 */
export function lostLinks({ build, index, survey }: Wired): LostLink[] {
  return build.functions.flatMap((modelFunction) => {
    const radio = radioOfFunction({ build, survey }, modelFunction);
    const range = rangeOf(radio.transmitter);
    return modelFunction.devices.flatMap((id): LostLink[] => {
      if (!index.has(id) || isOneWithReceiver(survey, id)) return [];
      const device = index.get(id);
      const runs = runningParts({ survey }, modelFunction, device);
      const channel = wiredHome({ build, survey }, modelFunction, id);
      if (channel === undefined || runs.length === 0) return [];
      const setting = settingOf(radio, channel);
      return [
        {
          function: modelFunction,
          radio,
          channel,
          setting,
          device,
          runs,
          place: placeOf(device),
          still: Math.round(displayOf(zeroOf(device, radio, channel), range)),
          outcome: outcomeOf(device, radio, channel),
        },
      ];
    });
  });
}

/** Whether a part sits on one board with the receiver that it listens to. */
function isOneWithReceiver(survey: Wired['survey'], id: string): boolean {
  const board = carrierId(id);
  const receiver = survey.signalOf(id)?.receiver.fitting.id;
  return id !== board && receiver !== undefined && carrierId(receiver) === board;
}

/** What a part makes run that has to stop when nobody steers any more. */
function runningParts({ survey }: Pick<Wired, 'survey'>, { role }: ModelFunction, device: Fitted): Fitted[] {
  if (device.kind === 'servo') return role === 'throttle' ? [device] : [];
  return moversOf(survey, device.fitting.id)
    .map(({ seen }) => seen)
    .filter((seen) => seen.kind === 'motor' || (seen.kind === 'load' && running.includes(seen.part.form)));
}

const placeOf = (device: Fitted): LostLink['place'] => {
  if (device.kind === 'controller') return startsAtEnd(device.part) ? 'all the way back' : 'at its middle';
  return device.kind === 'servo' ? 'at its middle' : 'off';
};

/** The pulse in µs at which a part stands still: a controller where it was calibrated, a switch off, an engine at idle. */
function zeroOf(device: Fitted, radio: Radio, channel: number): number {
  const range = rangeOf(radio.transmitter);
  if (device.kind !== 'controller' && device.kind !== 'servo') return pulseAt(-100, range);
  const rest = device.kind === 'controller' && startsAtEnd(device.part) ? -1 : 0;
  const told = toldChannels(radio, () => rest).get(channel) ?? rest;
  return pulseOf(told, settingOf(radio, channel), range);
}

/**
 * What a part is told when the link is lost, −1 to 1: throttle of a controller, place of a servo, 1 for a switch that is
 * on. `undefined` where it goes on as it was; a channel whose fail-safe nobody has set does, too.
 */
export function toldWhenLost(device: Fitted, radio: Radio, channel: number): number | undefined {
  const { failSafe, failSafePercent = 0, isReversed } = settingOf(radio, channel);
  if (failSafe === undefined || failSafe === 'hold') return undefined;
  // Without pulses a controller and a switch stop; a servo stays where it was.
  if (failSafe === 'off') return device.kind === 'servo' ? undefined : 0;
  const range = rangeOf(radio.transmitter);
  const pulse = pulseAt(failSafePercent, range);
  const zero = zeroOf(device, radio, channel);
  if (device.kind === 'controller') return controllerDuty(device, pulse, zero, range);
  if (device.kind === 'servo') return ((pulse - zero) * (isReversed ? -1 : 1)) / range.throwMicros;
  return isSwitchOn(pulse) ? 1 : 0;
}

function outcomeOf(device: Fitted, radio: Radio, channel: number): LostLink['outcome'] {
  if (settingOf(radio, channel).failSafe === undefined) return undefined;
  const told = toldWhenLost(device, radio, channel);
  if (told === undefined) return 'holds';
  const isStill = device.kind === 'servo' ? told < idleWithin : told === 0;
  return isStill ? 'stops' : 'runs';
}
