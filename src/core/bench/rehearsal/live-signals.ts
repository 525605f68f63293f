import type { FaultyModel } from '../faults/faulty-model';
import { functionMovers, type Mover } from '../../reading/survey/movers';
import { neverBinds } from '../../reading/radio/partners';
import { settingOf } from '../../reading/radio/channel-inputs';
import { controllerDuty } from '../../reading/radio/controller-duty';
import { centreMicros, isSwitchOn, pulseAt } from '../../reading/radio/pulse';
import { rangeOf } from '../../reading/radio/pulse-range';
import { radioAt, radioHeardBy } from '../../reading/radio/radios';
import type { Fitted } from '../../model/kinds/fitted';
import type { Hands } from './hands';

/** µs off a neutral within which a controller arms. */
const neutralWithin = 60;

/** From thumbs to parts: the pulses of a model that may have something wrong, and what each part makes of its own. */
export class LiveSignals {
  private readonly movers: Mover[];
  /** Pulses that each part heard last: what it holds when the link is lost. */
  private readonly heard = new Map<string, number>();

  constructor(
    private readonly model: FaultyModel,
    private readonly sound: FaultyModel,
  ) {
    this.movers = functionMovers(sound.build, sound.survey).flatMap(({ movers }) => movers);
  }

  /**
   * Pulses that arrive, by part; those of a lost link by its fail-safe.
   * @param isUp whether a receiver works its parts
   */
  pulses(
    { isTransmitterOn, sticks }: Hands,
    isUp: (receiverId: string) => boolean,
  ): ReadonlyMap<string, number> {
    const { survey, build } = this.model;
    const now = new Map<string, number>();
    for (const { device, port, receiver } of survey.signals) {
      const { id } = device.fitting;
      if (!isUp(receiver.fitting.id)) {
        this.heard.delete(id);
        continue;
      }
      const isLinked = this.isLinked(receiver, isTransmitterOn);
      const radio = radioHeardBy({ build, survey }, receiver);
      const setting = settingOf(radio, port.channel ?? 0);
      const told = this.model.pulseWith(id, (each) => sticks.get(each) ?? this.model.letGo(each));
      const held = setting.failSafe === 'off' ? undefined : this.heard.get(id);
      const safe =
        setting.failSafe === 'position'
          ? pulseAt(setting.failSafePercent ?? 0, rangeOf(radio.transmitter))
          : held;
      const pulse = isLinked ? told : safe;
      if (pulse === undefined) continue;
      now.set(id, pulse);
      if (isLinked) this.heard.set(id, pulse);
    }
    return now;
  }

  /** Whether a receiver hears its transmitter: both speak one link, and are bound. */
  isLinked(receiver: Fitted<'receiver'>, isTransmitterOn: boolean): boolean {
    return isTransmitterOn && !this.model.isDeaf(receiver) && !neverBinds(this.model.survey.index, receiver);
  }

  /** Throttle of a controller, −1 to 1, in hundredths: what is finer no eye sees. */
  duty(id: string, pulses: ReadonlyMap<string, number>): number {
    const pulse = pulses.get(id);
    const fitted = this.model.survey.index.get(id);
    if (pulse === undefined || fitted.kind !== 'controller') return 0;
    if (this.model.harm.cutsOut === id) return 0;
    const range = rangeOf(radioAt(this.model, id)?.transmitter);
    return controllerDuty(fitted, pulse, this.atRest(id) ?? centreMicros, range);
  }

  /** Whether a lamp, a pump, a horn is on: its pulse is beyond the middle. */
  isOn(id: string, pulses: ReadonlyMap<string, number>): boolean {
    const mover = this.movers.find(({ seen }) => seen.fitting.id === id);
    if (!mover) return true;
    const pulse = pulses.get(mover.device);
    return pulse !== undefined && isSwitchOn(pulse);
  }

  /** Whether a part hears what it hears with every control let go: where a controller arms. */
  isAtRest(id: string, pulses: ReadonlyMap<string, number>): boolean {
    const pulse = pulses.get(id);
    const planned = this.atRest(id);
    return pulse !== undefined && planned !== undefined && Math.abs(pulse - planned) < neutralWithin;
  }

  /** The pulse in µs that the plan has at a part with every control let go: what its controller was calibrated to. */
  private atRest(id: string): number | undefined {
    return this.sound.pulseWith(id, (each) => this.sound.letGo(each));
  }
}
