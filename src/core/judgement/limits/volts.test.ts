import { describe, expect, it } from 'vitest';
import { starterPart } from '../../model/starter/starter-locker';
import type { ControllerSpec } from '../../model/kinds/controller/controller';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import { stated } from '../../base/validation/figure';
import { shareLeft } from './limit';
import { cellsOnController, fromCells, fromRegulator, mostToGive, mostVolts, standsVolts } from './volts';

const servo = starterPart('servo-standard') as ServoSpec;
const controller = starterPart('controller-brushed-30-switching') as ControllerSpec;
const rated = (least: number | undefined, most: number | undefined): ServoSpec => {
  const { minVolts, maxVolts, ...rest } = servo;
  return {
    ...rest,
    ...(least !== undefined && { minVolts: stated(least) }),
    ...(most !== undefined && { maxVolts: stated(most) }),
  };
};

describe('volts on a part', () => {
  it('of three full cells are within 12.6 V, to the hair', () => {
    const limit = mostVolts(fromCells({ chemistry: 'LiPo', cells: 3 }), 12.6);
    expect(limit.passed).toBeUndefined();
    expect(shareLeft(limit)).toBe(0);
  });

  it('of fresh cells that settle within it are no more than good to know', () => {
    expect(mostVolts(fromCells({ chemistry: 'NiMH', cells: 5 }), 6.6).passed).toBe('slightlyOver');
    expect(mostVolts(fromCells({ chemistry: 'LiPo', cells: 2 }), 8).passed).toBe('tooManyVolts');
  });

  it('are stood by who is known to stand them, both ways, and by nobody whose sheet is silent', () => {
    expect(standsVolts(rated(4.8, 6), fromRegulator(6))).toBe(true);
    expect(standsVolts(rated(4.8, 6), fromRegulator(7.4))).toBe(false);
    expect(standsVolts(rated(6, 8.4), fromRegulator(5))).toBe(false);
    expect(standsVolts(rated(undefined, undefined), fromRegulator(5))).toBe(false);
  });

  it('are counted in cells where a controller prints those', () => {
    const counted = { ...controller, cellLimits: [{ chemistry: 'LiPo' as const, least: 2, most: 3 }] };
    expect(cellsOnController(counted, { chemistry: 'LiPo', cells: 4 })?.passed).toBe('tooManyCells');
    expect(cellsOnController(counted, { chemistry: 'LiPo', cells: 1 })?.passed).toBe('tooFewCells');
    expect(cellsOnController(counted, { chemistry: 'NiMH', cells: 9 })).toBeUndefined();
    expect(standsVolts(counted, fromCells({ chemistry: 'LiPo', cells: 3 }))).toBe(true);
  });
});

describe('what nobody printed', () => {
  it('counts as the least that such a part is sold for, never as boundless', () => {
    expect(mostToGive(rated(undefined, undefined))).toEqual({ volts: 6, isStated: false });
    expect(mostToGive({ ...rated(undefined, undefined), wires: 5 })).toEqual({ volts: 5, isStated: false });
    expect(mostToGive(rated(6, 8.4))).toEqual({ volts: 8.4, isStated: true });
  });
});
