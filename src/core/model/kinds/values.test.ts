import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { BuildIndex } from '../plan/build-index';
import type { PackSpec } from './pack/pack';
import { measured, stated } from '../../base/validation/figure';
import { Estimates } from './estimates';
import type { MotorLoad } from './site';
import { controllerFigures, motorFigures } from './motor/motor-values';
import { packValues } from './pack/pack-values';
import { regulatorFigures } from './regulated/regulator-values';
import { servoFigures } from './servo/servo-values';
import { hullElement, screwOf } from '../../reading/motion/hull-values';
import { gearedSpeed, gearRatioFor, vehicleElement, wheelsOf } from '../../reading/motion/vehicle-values';

const index = new BuildIndex(tub());
const [pack] = index.ofKind('pack');
const [controller] = index.ofKind('controller');
const [motor] = index.ofKind('motor');
const [servo] = index.ofKind('servo');

describe('a pack', () => {
  it('has ohms by its chemistry, capacity and cells, doubled where it is cold or old', () => {
    const { ohms, r1, ampHours } = packValues(pack!, new Estimates(), 1);
    expect(ampHours).toBe(4);
    expect(ohms).toBeCloseTo((3 * 0.012) / 4, 9);
    expect(packValues(pack!, new Estimates(), 2).ohms).toBeCloseTo(2 * ohms, 9);
    expect(r1).toBeLessThan(ohms);
  });

  it('takes cell ohms that were measured, and estimates nothing then', () => {
    const part: PackSpec = { ...pack!.part, cellOhms: measured(0.009) };
    const estimates = new Estimates();
    expect(packValues({ ...pack!, part }, estimates, 1).ohms).toBeCloseTo(0.027, 9);
    expect(estimates.all.map((estimate) => estimate.key)).not.toContain('pack.cellOhms');
  });
});

describe('a regulator', () => {
  const linear = { type: 'linear' as const, voltsChoices: [5], maxAmps: stated(3), maxWatts: stated(6) };
  const switching = { type: 'switching' as const, voltsChoices: [5, 6], maxAmps: stated(3) };
  const unset = { ...controller!, fitting: { id: 'esc', name: 'controller', part: 'x' } };
  const figures = (
    regulator: typeof linear | typeof switching,
    isUnlimited: boolean,
    charge: 'cutoff' | 'nominal',
  ) => regulatorFigures(unset, regulator, { charge, isUnlimited }, new Estimates());

  it('gives its label amps for seconds, whatever its type, and all that is asked where that is wanted', () => {
    for (const regulator of [linear, switching]) {
      expect(figures(regulator, false, 'nominal').maxAmps).toBe(3);
      expect(figures(regulator, true, 'nominal').maxAmps).toBeGreaterThan(100);
    }
  });

  it('that nobody has set stands at its highest choice for what is asked, and at its lowest for what is left', () => {
    expect(figures(switching, true, 'nominal').setVolts).toBe(6);
    expect(figures(switching, false, 'cutoff').setVolts).toBe(5);
    const set = { ...controller!, fitting: { ...controller!.fitting, regulatorVolts: 6 } };
    expect(regulatorFigures(set, switching, { charge: 'cutoff' }, new Estimates()).setVolts).toBe(6);
  });
});

describe('a servo', () => {
  it('has the amps, torque and speed of its sheet at the volts of its rail', () => {
    const at5 = servoFigures(servo!, 5, new Estimates())!;
    const at6 = servoFigures(servo!, 6, new Estimates())!;
    const { sheet } = servo!.part;
    const six = sheet.find((point) => point.volts.value === 6)!;
    expect(at6.stallAmps).toBeCloseTo(six.stallAmps!.value, 9);
    expect(at6.stallTorque).toBeCloseTo(six.stallNewtonMetres!.value, 9);
    expect(at5.stallAmps).toBeLessThan(at6.stallAmps);
    expect(at5.refVolts).toBe(5);
    expect(at5.noLoadAmps).toBeLessThan(at5.stallAmps);
  });

  it('without stall amps on its sheet is left out', () => {
    const part = { ...servo!.part, sheet: [] };
    expect(servoFigures({ ...servo!, part }, 5, new Estimates())).toBeUndefined();
  });
});

describe('a drive', () => {
  const screw: MotorLoad = { squarePart: 1 };
  const figures = (load: MotorLoad = screw) => motorFigures(motor!, 11.1, () => load, new Estimates())!;

  it('settles at its sheet’s full load under the load that was made from it', () => {
    const { kv, motorOhms, noLoadAmps, loadConst, loadSquare } = figures();
    const kt = 60 / (2 * Math.PI * kv);
    const amps = motor!.part.fullLoadAmps!.value;
    const speed = (11.1 - amps * motorOhms) / kt;
    expect(kt * (amps - noLoadAmps)).toBeCloseTo(loadConst + loadSquare * speed ** 2, 9);
  });

  it('has a load that is all square for a screw, and part constant otherwise', () => {
    expect(figures().loadConst).toBe(0);
    expect(figures({ squarePart: 0.4 }).loadConst).toBeGreaterThan(0);
  });

  it('keeps its load and its windings when the pack changes: more volts, more amps', () => {
    const at = (volts: number) => motorFigures(motor!, volts, () => screw, new Estimates())!;
    expect(at(14.8)).toEqual(at(11.1));
    const { fullLoadVolts: _, ...silent } = motor!.part;
    const guess = (volts: number) =>
      motorFigures({ ...motor!, part: silent }, volts, () => screw, new Estimates())!;
    expect(guess(14.8).loadSquare).not.toBe(guess(11.1).loadSquare);
  });

  it('whose sheet tells no amps at all is left out', () => {
    const { fullLoadAmps: _, stallAmps: __, ...part } = motor!.part;
    expect(motorFigures({ ...motor!, part }, 11.1, () => screw, new Estimates())).toBeUndefined();
  });

  it('has a controller whose ohms drop 0.12 V at its label amps', () => {
    expect(controllerFigures(controller!, new Estimates()).escOhms * 30).toBeCloseTo(0.12, 9);
  });
});

describe('a vehicle', () => {
  const car = { ...tub(), model: 'car' as const };
  const withBrief = (change: object) => ({ ...car, brief: { ...car.brief, ...change } });

  it('shares its grip among its motors, and its gears make one speed of volts and ratio', () => {
    const [alone, shared] = [1, 2].map((motors) => wheelsOf(car, 3300, motors, new Estimates()));
    expect(shared!.drivenShare).toBeCloseTo(alone!.drivenShare / 2, 12);
    const ratio = gearRatioFor(3300, 7.4, 11, 0.066);
    expect(gearedSpeed(3300, 7.4, ratio, 0.066)).toBeCloseTo(11, 9);
    expect(gearedSpeed(3300, 11.1, ratio, 0.066)).toBeCloseTo(16.5, 9);
  });

  it('is geared by the Brief’s ratio, else for its top speed at its kind’s usual volts, whatever the pack', () => {
    expect(wheelsOf(withBrief({ gearRatio: 9 }), 3300, 1, new Estimates()).gearRatio).toBe(9);
    const [slow, fast] = [4, 8].map((topSpeed) =>
      wheelsOf(withBrief({ topSpeed }), 3300, 1, new Estimates()),
    );
    expect(slow!.gearRatio).toBeCloseTo(2 * fast!.gearRatio, 9);
  });

  it('estimates the mass only where the Brief has none', () => {
    const keys = (kilograms?: number) => {
      const estimates = new Estimates();
      vehicleElement(withBrief({ kilograms }), 1, 0, estimates);
      return estimates.all.map((estimate) => estimate.key);
    };
    expect(keys()).toContain('model.kilograms');
    expect(keys(2)).not.toContain('model.kilograms');
  });
});

describe('a model afloat', () => {
  const boat = (change: object) => ({ ...tub(), brief: { ...tub().brief, kilograms: 3, ...change } });
  const thrust = () => 10;
  const drag = (of: ReturnType<typeof hullElement>, metresPerSecond: number) => {
    const n = of.drag!.findIndex(([speed]) => speed >= metresPerSecond);
    const [[v0, r0], [v1, r1]] = [of.drag![n - 1]!, of.drag![n]!];
    return r0 + ((r1 - r0) * (metresPerSecond - v0)) / (v1 - v0);
  };

  it('is held back by a steep wall near its hull speed, and less by it where it planes', () => {
    const heavy = hullElement(boat({}), 1, 20, thrust, new Estimates());
    expect(drag(heavy, 0.5)).toBeLessThan(0.4);
    expect(drag(heavy, 1.2) / drag(heavy, 0.6)).toBeGreaterThan(8);
    const fast = hullElement(boat({}), 1, 400, thrust, new Estimates());
    expect(drag(fast, 4)).toBeLessThan(0.5 * drag(heavy, 4));
  });

  it('reaches the top speed in its Brief, where thrust and resistance meet', () => {
    const told = hullElement(boat({ topSpeed: 1.4 }), 1, 20, thrust, new Estimates());
    expect(drag(told, 1.4)).toBeCloseTo(10, 0);
  });

  it('has a screw that never gives more than its shaft brings, in all four quadrants', () => {
    const point = { torque: 0.05, speed: 600 };
    for (const watts of [20, 400]) {
      const { kt0, kt1, kt2, kq0, kq1, kq2, diameter } = screwOf(boat({}), point, watts, new Estimates());
      for (const turns of [-80, -20, 20, 80])
        for (const metresPerSecond of [-6, -1, 0.2, 1, 2, 4, 8]) {
          const pace = metresPerSecond / diameter;
          const line = (a: number, b: number, c: number, astern: number) =>
            (turns < 0 ? astern : 1) * (a * turns * Math.abs(turns) - b * Math.abs(turns) * pace) -
            c * pace * Math.abs(pace);
          const thrust = 1000 * diameter ** 4 * line(kt0, kt1, kt2!, 0.7);
          const torque = 1000 * diameter ** 5 * line(kq0, kq1, kq2!, 0.9);
          expect(thrust * metresPerSecond).toBeLessThanOrEqual(2 * Math.PI * turns * torque + 1e-9);
        }
    }
  });

  it('takes the screw of its Brief, else the one that makes the amps of its motor', () => {
    const point = { torque: 0.05, speed: 600 };
    const own = screwOf(boat({ screwDiameter: 0.04, screwPitch: 0.06 }), point, 90, new Estimates());
    expect(own.diameter).toBe(0.04);
    const guessed = screwOf(boat({}), point, 90, new Estimates()).diameter;
    expect(guessed).toBeGreaterThan(0.03);
    expect(guessed).toBeLessThan(0.06);
  });
});
