import type { Point, Slot, Wiring } from '../device';
import type { Element } from '.';
import { bodySpeed } from './body';
import { noPush, type Push, type Pusher } from './pusher';
import { Screw, type ScrewValues } from './screw';
import { Wheels, type WheelsValues } from './wheels';

/** A motor's shaft with what it turns. */
export interface ShaftValues {
  id: string;
  /** Unloaded speed per volt, rev/min per volt. */
  kv: number;
  noLoadAmps: number;
  /** Load torque at the motor's shaft: N·m, N·m·s, N·m·s². */
  loadConst: number;
  loadLinear: number;
  loadSquare: number;
  /** Part of the load by speed that a screw sheds when the water goes along with it; 0 where not said. */
  slipShare?: number;
  /** Of all that turns with the motor, kg·m². */
  inertia: number;
  /** Speed over which friction comes in, rad/s. */
  omegaEps: number;
  wheels?: WheelsValues;
  screw?: ScrewValues;
}

/** Finds another element of the same network by its id. */
export type Siblings = (id: string) => Element | undefined;

/**
 * J·dω/dt = Kt·I − (Kt·noLoadAmps + loadConst)·tanh(ω/omegaEps) − loadLinear·ω − loadSquare·ω·|ω|, less what its
 * wheels or its screw take. A screw with no hull of its own sheds load as the hull gathers way:
 * loadSquare·|ω|·((1 + s)·ω − s·advance), the straight-line torque coefficient of J. S. Carlton, Marine Propellers
 * and Propulsion, chapter 6.
 */
export class Shaft {
  /** Speed at which its screw would go along with the water without slip, rad/s; set between steps. */
  advance = 0;
  /** Ke = Kt = 60/(2π·KV). */
  readonly kt: number;
  readonly speedIndex: number;
  private readonly bySpeed: Slot;
  private readonly pusher: Pusher | undefined;
  private readonly push: Push = noPush();
  private readonly body: { index: number; bySelf: Slot; byShaft: Slot; ofShaft: Slot } | undefined;

  constructor(
    private readonly values: ShaftValues,
    wiring: Wiring,
    siblings: Siblings,
  ) {
    this.kt = 60 / (2 * Math.PI * values.kv);
    this.speedIndex = wiring.unknown(`${values.id}_w`, 'speed');
    wiring.mass(this.speedIndex, this.speedIndex, values.inertia);
    this.bySpeed = wiring.slot(this.speedIndex, this.speedIndex);
    this.pusher = pusherOf(values, siblings);
    const on = values.wheels?.on ?? values.screw?.on;
    if (!this.pusher || on === undefined) return;
    const index = wiring.unknown(...bodySpeed(on));
    this.body = {
      index,
      bySelf: wiring.slot(index, index),
      byShaft: wiring.slot(index, this.speedIndex),
      ofShaft: wiring.slot(this.speedIndex, index),
    };
  }

  /** Volts that the turning motor sets against its supply. */
  backVolts(x: Float64Array): number {
    return this.kt * x[this.speedIndex]!;
  }

  /** Adds what the shaft asks for, less what the amps give. @param slope of the amps by the shaft's speed */
  stamp({ x, f, a, time }: Point, amps: number, slope: number): void {
    const { kt, values, speedIndex } = this;
    const speed = x[speedIndex]!;
    const friction = kt * values.noLoadAmps + values.loadConst;
    const tanh = Math.tanh(speed / values.omegaEps);
    const slip = values.slipShare ?? 0;
    const pull = (1 + slip) * speed - slip * this.advance;
    f[speedIndex]! +=
      friction * tanh + values.loadLinear * speed + values.loadSquare * Math.abs(speed) * pull - kt * amps;
    a[this.bySpeed.at]! +=
      (friction * (1 - tanh * tanh)) / values.omegaEps +
      values.loadLinear +
      values.loadSquare * ((1 + slip) * Math.abs(speed) + Math.sign(speed) * pull) -
      kt * slope;
    if (!this.body) return;
    const { push, body } = this;
    this.pusher!.work(speed, x[body.index]!, time, push);
    f[speedIndex]! += push.torque;
    a[this.bySpeed.at]! += push.torqueByShaft;
    a[body.ofShaft.at]! += push.torqueByBody;
    f[body.index]! -= push.force;
    a[body.byShaft.at]! -= push.forceByShaft;
    a[body.bySelf.at]! -= push.forceByBody;
  }
}

function pusherOf({ wheels, screw, omegaEps }: ShaftValues, siblings: Siblings): Pusher | undefined {
  if (screw) return new Screw(screw);
  const vehicle = wheels && siblings(wheels.on);
  return wheels && vehicle?.kind === 'vehicle' ? new Wheels(wheels, vehicle, omegaEps) : undefined;
}
