import { readingOf } from '../../reading/build-reading/reading';
import { FaultyModel } from '../faults/faulty-model';
import type { Harm } from '../faults/fault';
import type { Build } from '../../model/plan/build';
import type { Fitted } from '../../model/kinds/fitted';
import { Arming } from './arming';
import type { Hands } from './hands';
import { LiveCircuit, type Orders } from './live-circuit';
import { LiveSignals } from './live-signals';
import { LiveServo } from './live-servo';
import type { LivePart, LiveView } from './live-view';

/** Longest step in seconds: a page that was away does not catch up. */
export const longestStep = 0.1;
/** Share of its unloaded speed under which a motor stands still to the eye. */
const seenTurning = 0.01;

/** A build that comes alive: transmitter, receivers, servos, controllers with their arming, motors, lamps, through the solver of the outings. */
export class LiveBench {
  readonly model: FaultyModel;
  private readonly servos: LiveServo[];
  private readonly arming: Map<string, Arming>;
  private readonly sound: FaultyModel;
  private readonly signals: LiveSignals;
  private circuit: LiveCircuit | undefined;
  private isUnderWay = false;

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
    this.signals = new LiveSignals(this.model, this.sound);
  }

  /** Goes on by some seconds, at most a tenth. */
  step(asked: number, hands: Hands): LiveView {
    const seconds = Math.min(asked, longestStep);
    const { index } = this.model.survey;
    const circuit = this.powered(hands);
    const pulses = this.signals.pulses(hands, (id) => circuit?.receivers.get(id)?.isUp === true);
    circuit?.advance(seconds, this.orders(hands, pulses));
    const volts = (fitted: Fitted) => circuit?.volts(fitted) ?? 0;
    const tones = this.tones(seconds, volts, pulses);
    for (const servo of this.servos) {
      const { id } = servo.fitted.fitting;
      const isDead = this.model.harm.missing?.includes(id) === true;
      servo.step(
        seconds,
        isDead ? 0 : volts(servo.fitted),
        servo.target(pulses.get(id)),
        hands.held === id,
        circuit?.servo(id),
      );
    }
    return {
      parts: [
        ...index.ofKind('receiver').map((receiver) => this.receiver(receiver, hands, volts(receiver))),
        ...index.ofKind('controller').map((each) => this.controller(each, volts(each), pulses)),
        ...this.servos.map((servo) => this.servo(servo, volts(servo.fitted), pulses, hands)),
        ...index.ofKind('motor').map((motor) => this.motor(motor, pulses)),
        ...this.loads(volts, pulses),
      ],
      packAmps: index.ofKind('pack').reduce((sum, { fitting }) => sum + (circuit?.amps(fitting.id) ?? 0), 0),
      charge: circuit?.charge,
      metresPerSecond: circuit?.metresPerSecond,
      isUnsettled: circuit?.isUnsettled === true,
      missing: circuit?.missing ?? [],
      news: circuit?.news().map(({ words }) => words) ?? [],
      tones,
    };
  }

  /** The model with its pack in: another where it goes in, and one that carries on where it comes off its stand. */
  private powered({ isPackIn, isUnderWay = false }: Hands): LiveCircuit | undefined {
    if (!isPackIn) return (this.circuit = undefined);
    if (!this.circuit || isUnderWay !== this.isUnderWay) {
      this.isUnderWay = isUnderWay;
      const degrees = new Map(this.servos.map(({ fitted, degrees }) => [fitted.fitting.id, degrees]));
      const context = readingOf(this.model.build, []);
      this.circuit = new LiveCircuit(this.model, context, isUnderWay, degrees, this.circuit);
    }
    return this.circuit;
  }

  private orders(hands: Hands, pulses: ReadonlyMap<string, number>): Orders {
    const servos = new Map(this.servos.map((servo) => [servo.fitted.fitting.id, servo]));
    return {
      duty: (id) => this.duty(id, pulses),
      degrees: (id) => servos.get(id)?.target(pulses.get(id)),
      on: (id) => (this.signals.isOn(id, pulses) ? 1 : 0),
      held: hands.held,
    };
  }

  /** Tones that controllers sound in some seconds. */
  private tones(
    seconds: number,
    volts: (fitted: Fitted) => number,
    pulses: ReadonlyMap<string, number>,
  ): LiveView['tones'] {
    const { survey } = this.model;
    return [...this.arming].flatMap(([id, arming]) => {
      const controller = survey.index.get(id);
      const least = 0.5 * (survey.supplyOf(id)?.volts?.cutoff ?? 2);
      return arming
        .step(seconds, volts(controller) > least, this.signals.isAtRest(id, pulses))
        .map((tone) => ({ controller: id, name: controller.fitting.name, tone }));
    });
  }

  /** Volts between two contacts as a meter shows them; `undefined` where one of them carries no power. */
  meter(plus: { fitting: string; net: string }, minus: { fitting: string; net: string }): number | undefined {
    const [a, b] = [plus, minus].map(({ fitting, net }) => this.circuit?.netVolts(fitting, net));
    return a === undefined || b === undefined ? undefined : a - b;
  }

  /** Throttle that a controller asks of its motors: none before it has armed. */
  private duty(id: string, pulses: ReadonlyMap<string, number>): number {
    return this.arming.get(id)!.isArmed ? this.signals.duty(id, pulses) : 0;
  }

  private receiver(receiver: Fitted<'receiver'>, hands: Hands, volts: number): LivePart {
    const { fitting } = receiver;
    const isLinked = this.signals.isLinked(receiver, hands.isTransmitterOn);
    const live = this.circuit?.receivers.get(fitting.id);
    const isUp = live?.isUp === true;
    const least = live?.takeLeast();
    const state =
      !hands.isPackIn || volts < 1 ? 'dark' : !isUp ? 'restarts' : isLinked ? 'steady' : 'searches';
    return {
      ...named(fitting),
      kind: 'receiver',
      volts,
      state,
      value: isLinked ? 1 : 0,
      pulse: undefined,
      ...(live && least !== undefined && { sag: { volts: least, floor: live.floor } }),
    };
  }

  private controller({ fitting }: Fitted, volts: number, pulses: ReadonlyMap<string, number>): LivePart {
    const { id } = fitting;
    const isArmed = this.arming.get(id)!.isArmed;
    const stopped = this.circuit?.stopped(id);
    const state =
      volts < 1
        ? 'dark'
        : isArmed
          ? (stopped ?? 'armed')
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
      ...warmth(this.circuit, id),
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

  /** Which way a motor turns against the plan; 0 with a wire of it open. */
  private turns(id: string): number {
    return this.model.turns(id) * (this.sound.turns(id) || 1);
  }

  private motor(motor: Fitted<'motor'>, pulses: ReadonlyMap<string, number>): LivePart {
    const { fitting } = motor;
    const { survey } = this.model;
    const driver = survey.controllerOf(fitting.id)?.fitting.id;
    const packVolts = (driver !== undefined && survey.packOf(driver)?.volts.nominal) || 0;
    // Where its sheet is too silent for the sum it still turns, as far as its throttle tells.
    const told =
      driver === undefined || !this.circuit ? 0 : this.duty(driver, pulses) * this.turns(fitting.id);
    const value = this.circuit?.turning(motor, packVolts) ?? told;
    const state = Math.abs(value) < seenTurning ? 'still' : value > 0 ? 'ahead' : 'astern';
    const amps = this.circuit?.amps(fitting.id);
    return {
      ...named(fitting),
      kind: 'motor',
      volts: 0,
      state,
      value,
      pulse: undefined,
      ...(amps !== undefined && { amps: Math.abs(amps) }),
      ...warmth(this.circuit, fitting.id),
    };
  }

  private loads(volts: (fitted: Fitted) => number, pulses: ReadonlyMap<string, number>): LivePart[] {
    return this.model.survey.index.ofKind('load').flatMap((load): LivePart[] => {
      const { fitting, part } = load;
      if (part.form === 'capacitor') return [];
      const own = volts(load);
      const isOn = own > 0.6 * (part.minVolts?.value ?? 3) && this.signals.isOn(fitting.id, pulses);
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

const warmth = (circuit: LiveCircuit | undefined, id: string): { celsius?: number } => {
  const celsius = circuit?.celsius(id);
  return celsius === undefined ? {} : { celsius };
};
