import type { BuildPoint } from '../circuit/build-point';
import { FaultyModel } from '../faults/faulty-model';
import type { Harm } from '../faults/fault';
import { functionMovers, type Mover } from '../faults/movers';
import type { Build } from '../plan/build';
import { settingOf } from '../radio/channel-inputs';
import { centreMicros } from '../radio/pulse';
import { rangeOf } from '../radio/pulse-range';
import { radioAt, radioHeardBy } from '../radio/radios';
import type { Fitted } from '../survey/build-index';
import { usualFloor } from '../trial/waking';
import { Arming } from './arming';
import { LiveServo } from './live-servo';
import type { LivePart, LiveView } from './live-view';

/** What is done at the bench: switches, controls by function, whose arm is held. */
export interface Hands {
  isTransmitterOn: boolean;
  isPackIn: boolean;
  sticks: ReadonlyMap<string, number>;
  held: string | undefined;
}

/** µs off a neutral within which a controller arms, and off its middle within which a switch is off. */
const neutralWithin = 60;
const full = 500;
/** Seconds that a receiver takes to wake again. */
const wakes = 0.6;
const charge = 0.9;

/** A build that comes alive: transmitter, receiver, servos, controllers with their arming, motors, lamps, through the one solver. */
export class LiveBench {
  readonly model: FaultyModel;
  private readonly servos: LiveServo[];
  private readonly arming: Map<string, Arming>;
  private readonly sound: FaultyModel;
  private readonly movers: Mover[];
  private awakeFor = 0;
  private isDown = true;
  private heard = new Map<string, number>();
  private point: BuildPoint | undefined;
  private pointKey = '';

  /** @param harm what is wrong with it; nothing where it is as planned */
  constructor(build: Build, harm: Harm = {}) {
    this.sound = new FaultyModel(build);
    this.model = Object.keys(harm).length === 0 ? this.sound : new FaultyModel(build, harm, this.sound);
    const { survey } = this.model;
    const { index } = survey;
    this.servos = index.ofKind('servo').map((servo) => new LiveServo(servo));
    this.arming = new Map(
      index.ofKind('controller').map(({ fitting }) => {
        const cells = survey.packOf(fitting.id)?.packs[0]?.part.cells ?? 0;
        return [fitting.id, new Arming(Math.min(cells, 8))];
      }),
    );
    this.movers = functionMovers(this.sound.build, this.sound.survey).flatMap(({ movers }) => movers);
  }

  /** Goes on by some seconds, at most a tenth. */
  step(seconds: number, hands: Hands): LiveView {
    const { survey } = this.model;
    const { index } = survey;
    const pulses = this.pulses(hands);
    const point = this.solve(hands, pulses);
    const volts = (fitted: Fitted) => (hands.isPackIn ? this.model.volts(point, fitted) : 0);
    this.wake(seconds, hands, volts);
    const tones: LiveView['tones'] = [];
    for (const [id, arming] of this.arming) {
      const controller = index.get(id);
      const isAwake = hands.isPackIn && volts(controller) > leastOf(controller);
      const pulse = pulses.get(id);
      const planned = this.sound.pulseWith(id, (each) => this.sound.letGo(each));
      const isAtZero =
        pulse !== undefined && planned !== undefined && Math.abs(pulse - planned) < neutralWithin;
      for (const tone of arming.step(seconds, isAwake, isAtZero))
        tones.push({ controller: id, name: controller.fitting.name, tone });
    }
    for (const servo of this.servos) {
      const { id } = servo.fitted.fitting;
      const isDead = this.model.harm.missing?.includes(id) === true;
      servo.step(seconds, isDead ? 0 : volts(servo.fitted), pulses.get(id), hands.held === id);
    }
    const packs = hands.isPackIn ? index.ofKind('pack') : [];
    return {
      parts: [
        ...index.ofKind('receiver').map((receiver) => this.receiver(receiver, hands, volts(receiver))),
        ...index.ofKind('controller').map((each) => this.controller(each, volts(each), pulses)),
        ...this.servos.map((servo) => this.servo(servo, volts(servo.fitted), pulses, hands)),
        ...index.ofKind('motor').map((motor) => this.motor(motor, point, pulses)),
        ...this.loads(volts, pulses),
      ],
      packAmps: packs.reduce((sum, { fitting }) => sum + (point?.amps(fitting.id) ?? 0), 0),
      tones,
    };

    function leastOf(fitted: Fitted): number {
      return 0.5 * (survey.supplyOf(fitted.fitting.id)?.volts?.cutoff ?? 2);
    }
  }

  /** Volts between two contacts as a meter shows them; `undefined` where one of them carries no power. */
  meter(plus: { fitting: string; net: string }, minus: { fitting: string; net: string }): number | undefined {
    const [a, b] = [plus, minus].map(({ fitting, net }) => this.point?.volts(fitting, net));
    return a === undefined || b === undefined ? undefined : a - b;
  }

  /** Pulses that arrive, by part; those of a lost link by its fail-safe. */
  private pulses({ isTransmitterOn, sticks }: Hands): ReadonlyMap<string, number> {
    const { survey, build, harm } = this.model;
    if (this.isDown) return new Map();
    const isLinked = isTransmitterOn && !harm.isUnbound;
    const now = new Map<string, number>();
    for (const { device, port, receiver } of survey.signals) {
      const { id } = device.fitting;
      const radio = radioHeardBy({ build, survey }, receiver);
      const setting = settingOf(radio, port.channel ?? 0);
      const told = this.model.pulseWith(id, (each) => sticks.get(each) ?? this.model.letGo(each));
      const held = setting.failSafe === 'off' ? undefined : this.heard.get(id);
      const safe =
        setting.failSafe === 'position'
          ? centreMicros + ((setting.failSafePercent ?? 0) / 100) * rangeOf(radio.transmitter).throwMicros
          : held;
      const pulse = isLinked ? told : safe;
      if (pulse !== undefined) now.set(id, pulse);
    }
    if (isLinked) this.heard = now;
    return now;
  }

  private solve(hands: Hands, pulses: ReadonlyMap<string, number>): BuildPoint | undefined {
    if (!hands.isPackIn) {
      this.pointKey = '';
      return (this.point = undefined);
    }
    const servo = new Map(
      this.servos.map(
        (each) =>
          [
            each.fitted.fitting.id,
            each.burnt || !each.isMoving
              ? 'resting'
              : hands.held === each.fitted.fitting.id
                ? 'stalled'
                : 'moving',
          ] as const,
      ),
    );
    const duties = new Map([...this.arming.keys()].map((id) => [id, this.duty(id, pulses)] as const));
    const on = (id: string) => (this.isOn(id, pulses) ? 1 : 0);
    const key = JSON.stringify([
      [...servo.values()],
      [...duties.values()],
      this.movers.map(({ seen }) => on(seen.fitting.id)),
    ]);
    if (key !== this.pointKey) {
      this.pointKey = key;
      this.point = this.model.solve({
        charge: this.model.harm.charge ?? charge,
        coldFactor: 1,
        servo: (id) => servo.get(id) ?? 'resting',
        duty: (id) => duties.get(id) ?? 0,
        on,
      });
    }
    return this.point;
  }

  /** Throttle of a controller, −1 to 1, in hundredths: what is finer no eye sees. */
  private duty(id: string, pulses: ReadonlyMap<string, number>): number {
    const pulse = pulses.get(id);
    const fitted = this.model.survey.index.get(id);
    if (pulse === undefined || fitted.kind !== 'controller' || !this.arming.get(id)!.isArmed) return 0;
    if (this.model.harm.cutsOut === id) return 0;
    const range = rangeOf(radioAt(this.model, id)?.transmitter).throwMicros;
    const share =
      fitted.part.armsAt === 'minimum' || fitted.part.oneWay
        ? (pulse - (centreMicros - range)) / (2 * range)
        : (pulse - centreMicros) / range;
    const least = fitted.part.oneWay || fitted.fitting.running === 'noReverse' ? 0 : -1;
    const duty = Math.min(1, Math.max(least, share));
    return Math.abs(duty) < 0.03 ? 0 : Math.round(100 * duty) / 100;
  }

  /** Whether a lamp, a pump, a horn is on: its pulse is beyond the middle. */
  private isOn(id: string, pulses: ReadonlyMap<string, number>): boolean {
    const mover = this.movers.find(({ seen }) => seen.fitting.id === id);
    if (!mover) return true;
    const pulse = pulses.get(mover.device);
    return pulse !== undefined && pulse > centreMicros + full * 0.1;
  }

  private wake(seconds: number, { isPackIn }: Hands, volts: (fitted: Fitted) => number): void {
    const receivers = this.model.survey.index.ofKind('receiver');
    const isUp =
      isPackIn &&
      receivers.length > 0 &&
      receivers.every((receiver) => volts(receiver) >= 0.95 * (receiver.part.minVolts?.value ?? usualFloor));
    this.awakeFor = isUp ? this.awakeFor + seconds : 0;
    this.isDown = this.awakeFor < wakes;
    if (!isUp) this.heard = new Map();
  }

  private receiver({ fitting }: Fitted, { isTransmitterOn, isPackIn }: Hands, volts: number): LivePart {
    const isLinked = isTransmitterOn && !this.model.harm.isUnbound;
    const state =
      !isPackIn || volts < 1 ? 'dark' : this.isDown ? 'restarts' : isLinked ? 'steady' : 'searches';
    return { ...named(fitting), kind: 'receiver', volts, state, value: isLinked ? 1 : 0, pulse: undefined };
  }

  private controller({ fitting }: Fitted, volts: number, pulses: ReadonlyMap<string, number>): LivePart {
    const { id } = fitting;
    const isArmed = this.arming.get(id)!.isArmed;
    const state =
      volts < 1
        ? 'dark'
        : isArmed
          ? 'armed'
          : pulses.has(id)
            ? 'waits for its stick at zero'
            : 'waits for a signal';
    return {
      ...named(fitting),
      kind: 'controller',
      volts,
      state,
      value: this.duty(id, pulses),
      pulse: pulses.get(id),
    };
  }

  private servo(
    servo: LiveServo,
    volts: number,
    pulses: ReadonlyMap<string, number>,
    hands: Hands,
  ): LivePart {
    const { fitting } = servo.fitted;
    const isStripped = this.model.harm.stripped === fitting.id;
    const state = servo.burnt
      ? 'burnt'
      : servo.isMoving
        ? hands.held === fitting.id
          ? 'held'
          : isStripped
            ? 'whirs'
            : 'moves'
        : volts < 1
          ? 'no power'
          : 'still';
    return {
      ...named(fitting),
      kind: 'servo',
      volts,
      state,
      value: isStripped ? 0 : servo.degrees,
      pulse: pulses.get(fitting.id),
      strain: servo.strain,
      ...(servo.burnt !== undefined && { burnt: servo.burnt }),
    };
  }

  private motor(
    { fitting }: Fitted<'motor'>,
    point: BuildPoint | undefined,
    pulses: ReadonlyMap<string, number>,
  ): LivePart {
    const driver = this.model.survey.controllerOf(fitting.id)?.fitting.id;
    const duty = driver === undefined ? 0 : this.duty(driver, pulses);
    const turn = this.model.turns(fitting.id) * (this.sound.turns(fitting.id) || 1);
    const amps = (driver !== undefined && point?.motorAmps(driver)) || 0;
    const value = point && turn !== 0 ? duty * turn : 0;
    const state = value === 0 ? 'still' : value > 0 ? 'ahead' : 'astern';
    return { ...named(fitting), kind: 'motor', volts: 0, state, value, pulse: undefined, amps };
  }

  private loads(volts: (fitted: Fitted) => number, pulses: ReadonlyMap<string, number>): LivePart[] {
    return this.model.survey.index.ofKind('load').flatMap((load): LivePart[] => {
      const { fitting, part } = load;
      if (part.form === 'capacitor') return [];
      const own = volts(load);
      const isOn = own > 0.6 * (part.minVolts?.value ?? 3) && this.isOn(fitting.id, pulses);
      return [
        {
          ...named(fitting),
          kind: 'load',
          volts: own,
          state: isOn ? 'on' : 'off',
          value: isOn ? 1 : 0,
          pulse: undefined,
        },
      ];
    });
  }
}

const named = ({ id, name }: Fitted['fitting']) => ({ id, name });
