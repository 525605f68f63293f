import { describe, expect, it } from 'vitest';
import { berthed, layoutOf } from '../../../../tests/kit/berthed';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { readingOf } from '../build-reading/reading';
import { starterLocker } from '../../model/starter/starter-locker';
import { boxAt, distance, overlap } from './box';
import { directionOf, exitSpot, roomBox } from './exits';
import { fromPlan } from './lead-length';
import { sizeOfPart } from '../../model/kinds/part-size';

describe('boxes', () => {
  const size = { long: 0.04, wide: 0.02, high: 0.03 };
  const at = { x: 1, y: 0, z: 0 } as const;

  it('turn and stand on their sides', () => {
    expect(boxAt(size, { ...at, turn: 90, pose: 'flat' })).toEqual({
      x: [0.99, 1.01],
      y: [-0.02, 0.02],
      z: [0, 0.03],
    });
    expect(boxAt(size, { ...at, turn: 0, pose: 'side' }).z).toEqual([0, 0.02]);
    expect(boxAt(size, { ...at, turn: 0, pose: 'end' }).z).toEqual([0, 0.04]);
  });

  it('reach into each other, or stand apart', () => {
    const a = boxAt(size, { ...at, turn: 0, pose: 'flat' });
    expect(overlap(a, boxAt(size, { x: 1.03, y: 0, z: 0, turn: 0, pose: 'flat' }))).toBeCloseTo(0.01, 9);
    expect(distance(a, boxAt(size, { x: 1.07, y: 0.06, z: 0, turn: 0, pose: 'flat' }))).toBeCloseTo(0.05, 9);
  });

  it('have their leads leave at the side that they are turned to', () => {
    const box = boxAt(size, { ...at, turn: 0, pose: 'flat' });
    expect(directionOf('front', 90)).toEqual({ axis: 'y', sign: 1 });
    expect(directionOf('back', 0)).toEqual({ axis: 'x', sign: -1 });
    expect(directionOf('left', 90)).toEqual({ axis: 'x', sign: -1 });
    expect(directionOf('below', 270)).toEqual({ axis: 'z', sign: -1 });
    expect(exitSpot(box, 'front', 0)).toEqual({ x: 1.02, y: 0, z: 0.015 });
    expect(roomBox(box, 'back', 0, 0.01).x).toEqual([0.97, 0.98]);
  });
});

describe('what lies where', () => {
  it('gives leads the length of their way, until somebody measures them', () => {
    const context = readingOf(berthed(), starterLocker);
    const lead = context.build.leads.find(({ id }) => id.startsWith('rudder'))!;
    const way = context.survey.leadMetres(lead);
    expect(way).toMatchObject({ provenance: 'estimated', note: fromPlan });
    expect(way.value).toBeCloseTo(0.451, 3);
    const measured = readingOf(berthed({ lengths: { 'rudder-lead': 0.52 } }), starterLocker);
    expect(
      measured.survey.leadMetres(measured.build.leads.find(({ id }) => id.startsWith('rudder'))!).value,
    ).toBe(0.52);
  });

  it('takes a longer way for more ohms', () => {
    const volts = (x: number) => {
      const context = readingOf(berthed({ places: { esc: { x } } }), starterLocker);
      const { plus, minus } = context.survey.supplyOf('esc')!.terminal;
      return context.circuit.at('worst', 'full')!.across('esc', plus, minus)!;
    };
    expect(volts(0.38)).toBeLessThan(volts(0.75));
  });

  it('sums masses by their moments', () => {
    const build = berthed();
    const { masses, kilograms, at } = layoutOf(build).balance!;
    expect(kilograms).toBeCloseTo(6, 9);
    const x = masses.reduce((sum, mass) => sum + mass.kilograms * mass.at.x, 0) / 6;
    expect(at.x).toBeCloseTo(x, 9);
    expect(masses.find(({ fitting }) => fitting === 'pack')!.at.z).toBeCloseTo(0.0115, 4);
  });

  it('is nothing until the inside is told', () => {
    const { inside: _, ...build } = berthed();
    const layout = layoutOf(build);
    expect(layout.laid).toEqual([]);
    expect(layout.balance).toBeUndefined();
    expect(layout.metresOf(build.leads[0]!)).toBeUndefined();
  });

  it('has a size for every part of the demos', () => {
    for (const name of ['harbour-tug', 'field-tractor', 'salt-flat-yacht', 'survey-catamaran'])
      for (const { fitted, size } of layoutOf(demoBuild(name)).laid)
        expect(size.provenance, fitted.fitting.name).toBe('stated');
    expect(sizeOfPart({ ...starterLocker[0]!, length: undefined as never }).provenance).toBe('estimated');
  });
});
