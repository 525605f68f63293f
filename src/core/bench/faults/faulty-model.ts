import type { BuildPoint } from '../../reading/circuit/build-point';
import { buildElements } from '../../reading/circuit/build-elements';
import type { Conditions } from '../../model/kinds/conditions';
import { Estimates } from '../../model/kinds/estimates';
import { NodeNames } from '../../reading/circuit/nodes';
import { RestingNetwork } from '../../reading/circuit/resting-network';
import { wireElements } from '../../reading/circuit/wires';
import type { Element } from '../../physics/network/devices';
import { motorNets } from '../../model/parts/terminals';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { toldChannels, settingOf } from '../../reading/radio/channel-inputs';
import { pulseOf } from '../../reading/radio/pulse';
import { rangeOf } from '../../reading/radio/pulse-range';
import { radioAt, type Radio } from '../../reading/radio/radios';
import type { Fitted } from '../../model/kinds/fitted';
import { Survey } from '../../reading/survey/survey';
import { terminalsOf } from '../../model/kinds';
import { usualFloor } from '../../model/kinds/receiver/usual-receiver';
import type { Harm } from './fault';

/** Charge of a pack that nobody said to be flat. */
const usualCharge = 0.6;

const still = (charge: number): Conditions => ({
  charge,
  coldFactor: 1,
  servo: () => 'resting',
  duty: () => 0,
  on: () => 0,
});
/** Servos on their way, motors a third open, lamps on: what a person tries on the stand. */
const busy = (charge: number): Conditions => ({
  ...still(charge),
  servo: () => 'moving',
  duty: () => 0.3,
  on: () => 1,
});

/** A model with something wrong, or nothing, as the solver and the signal chain have it. */
export class FaultyModel {
  readonly build: Build;
  readonly survey: Survey;
  private readonly names: NodeNames;
  private readonly charge: number;
  private restKnown: BuildPoint | 'unsettled' | undefined;
  private busyKnown: BuildPoint | 'unsettled' | undefined;

  /** @param sound the model as planned; what a harm leaves alone is not worked out twice */
  constructor(
    planned: Build,
    readonly harm: Harm = {},
    private readonly sound?: FaultyModel,
  ) {
    this.build = applyEdits(planned, harm.edits ?? []);
    const isRewired = (harm.edits ?? []).some(({ type }) => type !== 'setChannel');
    this.survey = sound && !isRewired ? sound.survey : new Survey(this.build);
    this.names = new NodeNames(this.survey);
    this.charge = harm.charge ?? usualCharge;
    const isElectric =
      isRewired || harm.ohms !== undefined || harm.missing !== undefined || harm.charge !== undefined;
    if (sound && !isElectric) {
      this.restKnown = sound.rest ?? 'unsettled';
      this.busyKnown = sound.busy ?? 'unsettled';
    }
  }

  /** Everything on, nothing told to move; `undefined` where it does not settle. */
  get rest(): BuildPoint | undefined {
    this.restKnown ??= this.solve(still(this.charge)) ?? 'unsettled';
    return this.restKnown === 'unsettled' ? undefined : this.restKnown;
  }

  /** Controls being tried. */
  get busy(): BuildPoint | undefined {
    this.busyKnown ??= this.solve(busy(this.charge)) ?? 'unsettled';
    return this.busyKnown === 'unsettled' ? undefined : this.busyKnown;
  }

  private wires: readonly Element[] | undefined;

  /** The model at a moment; `undefined` where it does not settle. */
  solve(conditions: Conditions): BuildPoint | undefined {
    const estimates = new Estimates(this.build.measured);
    const wires = (this.wires ??= wireElements(this.survey, this.names, estimates).map((wire) =>
      this.withHarm(wire),
    ));
    const built = buildElements(this.survey, conditions, estimates, this.names, wires);
    const elements = built.elements.filter((element) => this.isThere(element));
    // Throttles lie in a network for good: each moment has its own, or one that was just like it.
    const found = new RestingNetwork(wires).solve({ ...built, elements });
    return found.ok ? found.value : undefined;
  }

  /** The network of a model in motion with what is wrong: parts that are not there, ohms in a wire, motors that turn the other way. */
  harmed(elements: readonly Element[]): Element[] {
    const planned = this.sound ?? this;
    return elements
      .filter((element) => this.isThere(element))
      .map((element) => this.withHarm(element))
      .flatMap((element): Element[] => {
        if (element.kind !== 'motor' || planned === this) return [element];
        const turn = this.turns(element.id) * (planned.turns(element.id) || 1);
        if (turn === 0) return [];
        return turn < 0 ? [{ ...element, from: element.to ?? 'gnd', to: element.from }] : [element];
      });
  }

  private isThere({ id }: Element): boolean {
    return this.harm.missing?.includes(id) !== true;
  }

  private withHarm(element: Element): Element {
    const { ohms } = this.harm;
    return element.kind === 'resistor' && element.id === ohms?.wire
      ? { ...element, ohms: element.ohms + ohms.ohms }
      : element;
  }

  /** Volts where a part takes its power; 0 where none reach it. */
  volts(point: BuildPoint | undefined, fitted: Fitted): number {
    const terminal = this.fedTerminal(fitted);
    return (terminal && point?.across(fitted.fitting.id, terminal.plus, terminal.minus)) ?? 0;
  }

  /** The contacts where a part takes its power, or a pack gives it; `undefined` where none reaches it. */
  fedTerminal({ fitting, part }: Fitted): { plus: string; minus: string } | undefined {
    const { consumes, gives } = terminalsOf(part);
    const terminal = part.kind === 'pack' ? gives : (consumes[0] ?? gives);
    const status = this.survey.supplyOf(fitting.id)?.status;
    return status === undefined || status === 'fed' || status === 'reversed' ? terminal : undefined;
  }

  /** Whether a part has the volts to work. */
  isAwake(fitted: Fitted): boolean {
    const [terminal] = terminalsOf(fitted.part).consumes;
    if (!terminal) return true;
    if (this.harm.missing?.includes(fitted.fitting.id)) return false;
    const planned = this.sound?.volts(this.sound.rest, fitted);
    const floor = terminal.minVolts?.value ?? (fitted.kind === 'receiver' ? usualFloor : 0);
    // What its sheet calls least is where it may fail, not where it does.
    const least = Math.max(0.8 * floor, 0.5 * (planned ?? 0), 0.5);
    return this.volts(this.rest, fitted) >= least;
  }

  /** Whether a part has much less than planned while it works. */
  isWeak(fitted: Fitted): boolean {
    if (!this.sound) return false;
    const planned = this.sound.volts(this.sound.busy, fitted);
    return planned > 0 && this.volts(this.busy, fitted) < weakShare * planned;
  }

  /** Whether the receiver that a part listens to is awake, and hears. */
  isHeard(device: string): boolean {
    const path = this.survey.signalOf(device);
    return path !== undefined && !this.isDeaf(path.receiver) && this.isAwake(path.receiver);
  }

  /** Whether a receiver hears no transmitter, however awake it is. */
  isDeaf({ fitting }: Fitted): boolean {
    return this.harm.deaf?.includes(fitting.id) === true;
  }

  /** The pulse at a part in µs, with one function's control somewhere and the others let go; `undefined` where none comes. */
  pulse(device: string, moved: string, value: number): number | undefined {
    const radio = this.isHeard(device) ? this.radioAt(device) : undefined;
    return radio && this.pulseOf(device, radio, this.told(radio, moved, value));
  }

  /** The pulse at a part in µs with controls anywhere, by function, −1 to 1; `undefined` where it listens to no channel. */
  pulseWith(device: string, stick: (functionId: string) => number): number | undefined {
    const radio = this.radioAt(device);
    return radio && this.pulseOf(device, radio, toldChannels(radio, stick));
  }

  private radioAt(device: string): Radio | undefined {
    return radioAt({ build: this.build, survey: this.survey }, device);
  }

  private pulseOf(device: string, radio: Radio, told: ReadonlyMap<number, number>): number | undefined {
    const channel = this.survey.signalOf(device)?.port.channel;
    if (channel === undefined) return undefined;
    return pulseOf(told.get(channel) ?? 0, settingOf(radio, channel), rangeOf(radio.transmitter));
  }

  private readonly toldKnown = new Map<string, Map<number, number>>();

  private told(radio: Radio, moved: string, value: number): Map<number, number> {
    const key = `${radio.owner ?? ''} ${moved} ${value}`;
    let told = this.toldKnown.get(key);
    if (!told) {
      told = toldChannels(radio, (id) => (id === moved ? value : this.letGo(id)));
      this.toldKnown.set(key, told);
    }
    return told;
  }

  /** Where a control stands when nobody touches it: back where it arms from its end, in its middle otherwise. */
  letGo(functionId: string): number {
    const { index } = this.survey;
    const devices = this.build.functions.find(({ id }) => id === functionId)?.devices ?? [];
    const armsAtEnd = devices.some((id) => {
      const fitted = index.has(id) ? index.get(id) : undefined;
      return fitted?.kind === 'controller' && fitted.part.armsAt === 'minimum';
    });
    return armsAtEnd ? -1 : 0;
  }

  /** Which way a motor turns for ahead, against its controller's contacts; 0 where a wire of it is open. */
  turns(motorId: string): -1 | 0 | 1 {
    const { nets, index } = this.survey;
    const controller = this.survey.controllerOf(motorId);
    const motor = index.get(motorId);
    if (!controller || motor.kind !== 'motor') return 0;
    const used = motorNets.filter((net) =>
      motor.part.ports.some(({ pins }) => pins.some((pin) => pin.net === net)),
    );
    const places = used.map((net) => {
      const node = nets.node(motorId, net);
      return motorNets.findIndex((contact) => nets.node(controller.fitting.id, contact) === node);
    });
    if (places.some((place) => place < 0)) return 0;
    const swaps = places.flatMap((place, n) => places.slice(n + 1).filter((later) => later < place));
    return swaps.length % 2 === 0 ? 1 : -1;
  }
}

/** Share of the planned volts under which a part is seen to be weak. */
const weakShare = 0.85;
