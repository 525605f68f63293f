import type { ControllerValues } from '../../../physics/network/devices/controller';
import type { MotorValues } from '../../../physics/network/devices/motor';
import type { Fitted } from '../fitted';
import { controllerOhms, defaults } from '../defaults';
import type { Estimates } from '../estimates';
import type { MotorLoad, WorkingPoint } from '../site';
import { usualMotor } from './usual-motor';

/** What a motor is, without the nodes it stands between. */
export type MotorFigures = Omit<MotorValues, 'id' | 'from' | 'to'>;

/** Share of the volts that is lost in the windings at full load, where a sheet does not tell: rule of thumb. */
const windingShare = { brushed: 0.18, brushless: 0.1 };

/** Torque that holds a jammed shaft, against what its motor at full throttle could keep turning. */
const jamHolds = 100;

/** Seconds in which the working torque brings a screw to its working speed. */
const spinUpSeconds = 0.12;

/** A controller's ohms, and what its own board draws. */
export function controllerFigures(
  { fitting, part }: Fitted<'controller'>,
  estimates: Estimates,
): Pick<ControllerValues, 'escOhms' | 'quiescentAmps'> {
  const of = `of the ${fitting.name}`;
  return {
    escOhms: estimates.take(
      `${fitting.id}.escOhms`,
      `ohms ${of}`,
      undefined,
      controllerOhms(part.continuousAmps?.value),
    ),
    quiescentAmps: estimates.take(
      `${fitting.id}.quiescentAmps`,
      `amps ${of} standing by`,
      part.quiescentAmps,
      defaults.controllerAmps,
    ),
  };
}

/**
 * A motor with its load; `undefined` where its sheet states no amps and nothing usual is to stand in.
 * @param packVolts nominal, of the packs that feed it: those its sheet was taken at where it does not say
 * @param loadOf what it turns
 * @param presumes whether what is usual for its size stands in for a silent sheet
 */
export function motorFigures(
  motor: Fitted<'motor'>,
  packVolts: number,
  loadOf: (kv: number, point: WorkingPoint) => MotorLoad,
  estimates: Estimates,
  presumes = false,
): MotorFigures | undefined {
  const { fitting, part } = motor;
  const of = `of the ${fitting.name}`;
  const isSilent = !part.fullLoadAmps && !part.stallAmps;
  if (isSilent && !presumes) return undefined;
  const usual = usualMotor(part);
  const kv = estimates.take(
    `${fitting.id}.kv`,
    `speed per volt ${of}`,
    part.kv,
    isSilent || part.turns ? usual.kv : defaults.kv,
  );
  const volts = estimates.take(
    `${fitting.id}.fullLoadVolts`,
    `volts at which the amps ${of} were taken`,
    part.fullLoadVolts,
    { value: packVolts, least: 0.65, most: 1.35, note: 'its sheet states none: taken as the pack’s' },
  );
  const amps = estimates.take(`${fitting.id}.fullLoadAmps`, `amps at full load ${of}`, part.fullLoadAmps, {
    ...(isSilent
      ? usual.fullLoadAmps(part.windingOhms?.value ?? usual.ohms(kv).value)
      : {
          value: (part.stallAmps?.value ?? 0) * 0.3,
          least: 0.7,
          most: 1.4,
          note: 'three tenths of stall, rule of thumb',
        }),
  });
  const motorOhms = estimates.take(
    `${fitting.id}.windingOhms`,
    `ohms of the windings ${of}`,
    part.windingOhms,
    isSilent
      ? usual.ohms(kv)
      : {
          // Stalled, nothing but its windings holds the amps back.
          value: part.stallAmps
            ? volts / part.stallAmps.value
            : (windingShare[part.motorKind] * volts) / amps,
          least: 0.75,
          most: 1.35,
          note: part.stallAmps
            ? 'volts over stall amps'
            : `${100 * windingShare[part.motorKind]} % lost in the windings at full load, rule of thumb`,
        },
  );
  const noLoadAmps = estimates.take(
    `${fitting.id}.noLoadAmps`,
    `amps with no load ${of}`,
    part.noLoadAmps,
    isSilent
      ? usual.noLoadAmps(kv)
      : {
          value: 0.07 * amps,
          least: 0.6,
          most: 1.8,
          note: 'a fifteenth of full load, rule of thumb',
        },
  );
  const kt = 60 / (2 * Math.PI * kv);
  const speed = Math.max((volts - amps * motorOhms) / kt, 1);
  const torque = Math.max(kt * (amps - noLoadAmps), 0);
  const load = loadOf(kv, { speed, torque });
  const isMoving = 'inertia' in load;
  const rotor = estimates.take(`${fitting.id}.inertia`, `inertia on the shaft ${of}`, undefined, {
    value: Math.max((torque * spinUpSeconds) / speed, 1e-7),
    least: 0.5,
    most: 2,
    note: 'up to speed in an eighth of a second, rule of thumb',
  });
  return {
    kv,
    motorOhms,
    noLoadAmps,
    loadConst: isMoving ? 0 : (1 - load.squarePart) * torque,
    loadLinear: 0,
    loadSquare: isMoving ? 0 : (load.squarePart * torque) / speed ** 2,
    inertia: rotor + (isMoving ? load.inertia : 0),
    omegaEps: 1,
    ...(isMoving && load.wheels && { wheels: load.wheels }),
    ...(isMoving && load.screw && { screw: load.screw }),
    ...(isMoving && load.jams && { jam: { over: load.jams, damping: (jamHolds * kt ** 2) / motorOhms } }),
  };
}
