import { describe, expect, it } from 'vitest';
import { knownModels } from '../../../../tests/kit/known-models';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { readingOf } from '../build-reading/reading';
import { drivelineOf, type Driveline } from './driveline';

const of = (name: RegExp): Driveline | undefined =>
  drivelineOf(readingOf(knownModels.find(({ build }) => name.test(build.name))!.build, []));

describe('what moves a model', () => {
  it('is its gears, and the speed that they make of this pack and of one more cell', () => {
    const car = of(/^touring/);
    if (car?.moves !== 'wheels') throw new Error('no wheels');
    expect(car).toMatchObject({ gearRatio: 7, tyreDiameter: 0.066 });
    const [two, three] = car.speeds;
    expect([two!.cells, three!.cells]).toEqual([2, 3]);
    expect(three!.metresPerSecond / two!.metresPerSecond).toBeCloseTo(1.5, 9);
  });

  it('is its screw and hull, told apart by whether it planes', () => {
    expect(of(/^planing/)).toMatchObject({ moves: 'screw', diameter: 0.034, waterline: 0.66, planes: true });
    const tug = of(/^tug/);
    expect(tug).toMatchObject({ moves: 'screw', pitch: 0.04, planes: false });
    expect(tug?.moves === 'screw' && tug.hullSpeed).toBeCloseTo(1.25 * Math.sqrt(0.85), 9);
  });

  it('is nothing for a yacht without a motor', () => {
    expect(drivelineOf(readingOf(demoBuild('salt-flat-yacht'), []))).toBeUndefined();
  });
});
