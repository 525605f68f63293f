import type { Point, Slot, Wiring } from '../device';
import { trackOf, type Track, type TrackPoints } from '../track';
import { bodySpeed, turningSpeed } from './body';
import { noPush, type Push, type Pusher } from './pusher';
import { Screw, type ScrewValues } from './screw';
import type { VehicleValues } from './vehicle';
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
  /** Of all that turns with the motor, kg·m². */
  inertia: number;
  /** Speed over which friction comes in, rad/s. */
  omegaEps: number;
  wheels?: WheelsValues;
  screw?: ScrewValues;
  jam?: Jam;
}

/** What it turns is held fast at times: a wheel wedged, a line in the screw. */
interface Jam {
  /** How far over time, 0 to 1. */
  over: TrackPoints;
  /** N·m·s when all the way. */
  damping: number;
}

/** Where a body's turning lies, and what it changes, with the side of the wheels. */
interface Turn {
  side: number;
  index: number;
  bySelf: Slot;
  byShaft: Slot;
  ofShaft: Slot;
  ofBody: Slot;
  byBody: Slot;
}

/** Finds a vehicle of the same network by its id. */
export type Vehicles = (id: string) => VehicleValues | undefined;

/**
 * J·dω/dt = Kt·I − (Kt·noLoadAmps + loadConst)·tanh(ω/omegaEps) − loadLinear·ω − loadSquare·ω·|ω| − jam(t)·damping·ω, less
 * what its wheels or its screw take.
 */
export class Shaft {
  /** Ke = Kt = 60/(2π·KV). */
  readonly kt: number;
  readonly speedIndex: number;
  private readonly bySpeed: Slot;
  private readonly pusher: Pusher | undefined;
  private readonly push: Push = noPush();
  private readonly body: { index: number; bySelf: Slot; byShaft: Slot; ofShaft: Slot } | undefined;
  private readonly turn: Turn | undefined;
  private readonly jam: Track | undefined;
  /** Times at which what drives it changes abruptly. */
  readonly breakpoints: readonly number[];

  constructor(
    private readonly values: ShaftValues,
    wiring: Wiring,
    vehicles: Vehicles,
  ) {
    this.kt = 60 / (2 * Math.PI * values.kv);
    this.speedIndex = wiring.unknown(`${values.id}_w`, 'speed');
    wiring.mass(this.speedIndex, this.speedIndex, values.inertia);
    this.bySpeed = wiring.slot(this.speedIndex, this.speedIndex);
    this.pusher = pusherOf(values, vehicles);
    this.jam = values.jam && trackOf(values.jam.over);
    this.breakpoints = this.jam?.breakpoints ?? [];
    const on = values.wheels?.on ?? values.screw?.on;
    if (!this.pusher || on === undefined) return;
    const index = wiring.unknown(...bodySpeed(on));
    this.body = {
      index,
      bySelf: wiring.slot(index, index),
      byShaft: wiring.slot(index, this.speedIndex),
      ofShaft: wiring.slot(this.speedIndex, index),
    };
    const side = values.wheels?.side;
    if (side === undefined || !vehicles(on)?.skid) return;
    const turn = wiring.unknown(...turningSpeed(on));
    this.turn = {
      side,
      index: turn,
      bySelf: wiring.slot(turn, turn),
      byShaft: wiring.slot(turn, this.speedIndex),
      ofShaft: wiring.slot(this.speedIndex, turn),
      byBody: wiring.slot(turn, index),
      ofBody: wiring.slot(index, turn),
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
    f[speedIndex]! +=
      friction * tanh + values.loadLinear * speed + values.loadSquare * speed * Math.abs(speed) - kt * amps;
    a[this.bySpeed.at]! +=
      (friction * (1 - tanh * tanh)) / values.omegaEps +
      values.loadLinear +
      2 * values.loadSquare * Math.abs(speed) -
      kt * slope;
    if (this.jam) {
      const damping = this.jam.value(time) * values.jam!.damping;
      f[speedIndex]! += damping * speed;
      a[this.bySpeed.at]! += damping;
    }
    if (!this.body) return;
    const { push, body, turn } = this;
    const side = turn ? turn.side * x[turn.index]! : 0;
    this.pusher!.work(speed, x[body.index]! + side, time, push);
    f[speedIndex]! += push.torque;
    a[this.bySpeed.at]! += push.torqueByShaft;
    a[body.ofShaft.at]! += push.torqueByBody;
    f[body.index]! -= push.force;
    a[body.byShaft.at]! -= push.forceByShaft;
    a[body.bySelf.at]! -= push.forceByBody;
    if (!turn) return;
    f[turn.index]! -= turn.side * push.force;
    a[turn.byShaft.at]! -= turn.side * push.forceByShaft;
    a[turn.byBody.at]! -= turn.side * push.forceByBody;
    a[turn.ofBody.at]! -= turn.side * push.forceByBody;
    a[turn.ofShaft.at]! += turn.side * push.torqueByBody;
    a[turn.bySelf.at]! -= push.forceByBody;
  }
}

function pusherOf({ wheels, screw, omegaEps }: ShaftValues, vehicles: Vehicles): Pusher | undefined {
  if (screw) return new Screw(screw);
  const vehicle = wheels && vehicles(wheels.on);
  return wheels && vehicle && new Wheels(wheels, vehicle, omegaEps);
}
