import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { BuildIndex } from '../../survey/build-index';
import type { PackSpec } from '../../parts/pack';
import { measured, stated } from '../../quantity/figure';
import { Estimates } from '../estimates';
import { controllerFigures, motorFigures, screwLoad } from './drive-values';
import { packValues } from './pack-values';
import { regulatorFigures } from './regulator-values';
import { servoFigures } from './servo-values';
import { gearedSpeed, roadLoad } from './vehicle-values';

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
  ) => regulatorFigures(unset, regulator, { charge, isUnlimited }, 11.1, new Estimates());

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
    expect(regulatorFigures(set, switching, { charge: 'cutoff' }, 11.1, new Estimates()).setVolts).toBe(6);
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
  const figures = (load = screwLoad) => motorFigures(motor!, 11.1, () => load, new Estimates())!;

  it('settles at its sheet’s full load under the load that was made from it', () => {
    const { kv, motorOhms, noLoadAmps, loadConst, loadSquare } = figures();
    const kt = 60 / (2 * Math.PI * kv);
    const amps = motor!.part.fullLoadAmps!.value;
    const speed = (11.1 - amps * motorOhms) / kt;
    expect(kt * (amps - noLoadAmps)).toBeCloseTo(loadConst + loadSquare * speed ** 2, 9);
  });

  it('has a load that is all square for a screw, and part constant otherwise', () => {
    expect(figures().loadConst).toBe(0);
    const regulator = figures({ squarePart: 0.4, slipShare: 0 });
    expect(regulator.loadConst).toBeGreaterThan(0);
    expect(regulator.slipShare).toBeUndefined();
  });

  it('whose sheet tells no amps at all is left out', () => {
    const { fullLoadAmps: _, stallAmps: __, ...part } = motor!.part;
    expect(motorFigures({ ...motor!, part }, 11.1, () => screwLoad, new Estimates())).toBeUndefined();
  });

  it('has a controller whose ohms drop 0.12 V at its label amps', () => {
    expect(controllerFigures(controller!, new Estimates()).escOhms * 30).toBeCloseTo(0.12, 9);
  });
});

describe('a vehicle', () => {
  const car = { ...tub(), model: 'car' as const };

  it('that weighs twice as much rolls twice as hard and has twice the inertia', () => {
    const geared = gearedSpeed(1500, 7.4);
    const [light, heavy] = [1.5, 3].map((kilograms) =>
      roadLoad({ ...car, brief: { ...car.brief, kilograms } }, geared, 1, new Estimates()),
    );
    expect(heavy!.constant).toBeCloseTo(2 * light!.constant, 12);
    expect(heavy!.inertia).toBeCloseTo(2 * light!.inertia, 12);
    expect(heavy!.square).toBe(light!.square);
  });

  it('shares its load among its motors', () => {
    const geared = gearedSpeed(1500, 7.4);
    const [alone, shared] = [1, 2].map((motors) => roadLoad(car, geared, motors, new Estimates()));
    expect(shared!.constant).toBeCloseTo(alone!.constant / 2, 12);
    expect(shared!.inertia).toBeCloseTo(alone!.inertia / 2, 12);
  });

  it('estimates the mass only where the Brief has none', () => {
    const keys = (kilograms?: number) => {
      const estimates = new Estimates();
      const { kilograms: _, ...brief } = car.brief;
      roadLoad(
        { ...car, brief: kilograms === undefined ? brief : { ...brief, kilograms } },
        700,
        1,
        estimates,
      );
      return estimates.all.map((estimate) => estimate.key);
    };
    expect(keys()).toContain('model.kilograms');
    expect(keys(2)).not.toContain('model.kilograms');
  });
});
