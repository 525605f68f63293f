import { describe, expect, it } from 'vitest';
import { connectorFamily } from '../connectors/families';
import { mating } from '../connectors/mating';
import { terminalsOf } from '../kinds';
import type { PartKind, PartOfKind } from '../kinds/part-spec';
import { packKilograms, wattHours } from '../packs/pack-volts';
import { starterLocker, starterPart } from './starter-locker';

const partsOf = <K extends PartKind>(kind: K) =>
  starterLocker
    .filter((part): part is Extract<PartOfKind<K>, { kind: K }> => part.kind === kind)
    .map((part) => [part.id, part] as const);

describe('the starter locker', () => {
  it('has parts enough to begin with, each under its own id and name', () => {
    expect(starterLocker.length).toBeGreaterThanOrEqual(150);
    for (const key of ['id', 'name'] as const) {
      const all = starterLocker.map((part) => `${key === 'name' ? part.kind : ''} ${part[key]}`);
      expect(new Set(all).size).toBe(all.length);
    }
    expect(() => starterPart('ghost')).toThrow('ghost');
  });

  it.each(starterLocker.map((part) => [part.id, part] as const))(
    '%s has ports that hold together',
    (_, part) => {
      const ids = part.ports.map((port) => port.id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const port of part.ports) {
        expect(() => connectorFamily(port.connector.family)).not.toThrow();
        const pins = port.pins.map((pin) => pin.name);
        expect(new Set(pins).size).toBe(pins.length);
      }
      // What a part takes power from are nets that some port of it brings.
      const nets = new Set(part.ports.flatMap((port) => port.pins.map((pin) => pin.net)));
      const { consumes, gives } = terminalsOf(part);
      for (const terminal of [...consumes, ...(gives ? [gives] : [])])
        if (part.kind !== 'motor')
          expect([nets.has(terminal.plus), nets.has(terminal.minus)], part.id).toEqual([true, true]);
    },
  );

  it.each(partsOf('servo'))('%s has torque, speed, amps and mass that fit each other', (_, servo) => {
    const points = servo.sheet;
    for (const { volts, stallNewtonMetres, stallAmps, sixtyDegreeSeconds } of points) {
      const free = Math.PI / 3 / sixtyDegreeSeconds!.value;
      const share = (stallNewtonMetres!.value * free) / (volts.value * stallAmps!.value);
      // A motor with gears: never more than it takes, and no toy either.
      expect(share).toBeGreaterThan(0.2);
      expect(share).toBeLessThan(0.9);
      if (servo.minVolts) expect(volts.value).toBeGreaterThanOrEqual(servo.minVolts.value);
      if (servo.maxVolts) expect(volts.value).toBeLessThanOrEqual(servo.maxVolts.value);
    }
    for (const [n, point] of points.slice(1).entries()) {
      expect(point.stallNewtonMetres!.value).toBeGreaterThan(points[n]!.stallNewtonMetres!.value);
      expect(point.sixtyDegreeSeconds!.value).toBeLessThan(points[n]!.sixtyDegreeSeconds!.value);
    }
    if (servo.kilograms && servo.length && servo.width && servo.height) {
      const cubicMetres = servo.length.value * servo.width.value * servo.height.value;
      expect(servo.kilograms.value / cubicMetres).toBeGreaterThan(1000);
      expect(servo.kilograms.value / cubicMetres).toBeLessThan(2300);
    }
  });

  it.each(partsOf('motor'))('%s has windings, amps and speed that fit each other', (_, motor) => {
    const { fullLoadAmps, fullLoadVolts, stallAmps, windingOhms, noLoadAmps, kilograms } = motor;
    if (stallAmps) expect(stallAmps.value).toBeGreaterThan(1.5 * fullLoadAmps!.value);
    if (windingOhms) {
      const most = fullLoadVolts!.value / windingOhms.value;
      if (stallAmps) expect(stallAmps.value / most).toBeCloseTo(1, 1);
      expect(fullLoadAmps!.value).toBeLessThan(0.5 * most);
    }
    if (noLoadAmps) expect(noLoadAmps.value).toBeLessThan(0.35 * fullLoadAmps!.value);
    if (kilograms) {
      // Watts at full load for each kilogram: what small motors stand.
      const watts = (fullLoadAmps!.value * fullLoadVolts!.value) / kilograms.value;
      expect(watts).toBeGreaterThan(100);
      expect(watts).toBeLessThan(5000);
    }
  });

  it.each(partsOf('pack'))('%s weighs what its watt-hours do', (_, pack) => {
    if (!pack.kilograms) return;
    const usual = packKilograms(pack.chemistry, wattHours(pack, pack.ampHours!.value));
    const ratio = usual / pack.kilograms.value;
    expect(ratio).toBeGreaterThan(0.9);
    expect(ratio).toBeLessThan(1.1);
  });

  it.each(partsOf('controller'))('%s has amps and a BEC that fit its size', (_, controller) => {
    const { continuousAmps, burstAmps, regulator, kilograms } = controller;
    if (burstAmps) expect(burstAmps.value).toBeGreaterThan(continuousAmps!.value);
    if (regulator) {
      expect(Math.max(...regulator.voltsChoices)).toBeLessThan(controller.maxInputVolts!.value);
      expect(regulator.maxAmps.value).toBeLessThan(0.2 * continuousAmps!.value + 1);
    }
    if (kilograms) expect(kilograms.value / continuousAmps!.value).toBeLessThan(0.002);
  });

  it('has for every port that is not soldered another part that it plugs into', () => {
    const ports = starterLocker.flatMap((part) => part.ports.map((port) => ({ part, port })));
    for (const { part, port } of ports) {
      const mates = ports.some(
        (other) =>
          other.part !== part &&
          ['mates', 'solder'].includes(mating(port.connector, other.port.connector).result),
      );
      expect(mates, `${part.id} ${port.id}`).toBe(true);
    }
  });
});
