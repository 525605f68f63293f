import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { driveSetting, tub } from '../../../../tests/kit/tub';
import { readingOf } from '../build-reading/reading';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { channelInputs, settingOf } from './channel-inputs';
import { fits, joins } from '../../judgement/put-right/joins';
import { radiosOf } from './radios';
import { strandPicture } from './strands';

const contextOf = (build: Build) => readingOf(build, starterLocker);
type Spot = Parameters<typeof joins>[2][0];
const radioOf = (build: Build) => radiosOf(contextOf(build))[0]!;
const pictureOf = (build: Build) => strandPicture(contextOf(build), radiosOf(contextOf(build))[0]!);
const control = (id: string): Spot => ({ column: 'control', id });
const ofFunction = (id: string): Spot => ({ column: 'function', id });
const channel = (n: number): Spot => ({ column: 'channel', id: String(n) });
const part = (id: string): Spot => ({ column: 'part', id });
const joinsOf = (build: Build, a: Spot, b: Spot) =>
  joins(contextOf(build), radioOf(build), [a, b], starterLocker);
const joined = (build: Build, a: Spot, b: Spot, nth = 0) =>
  applyEdits(build, joinsOf(build, a, b)[nth]!.edits);

describe('strandPicture', () => {
  it('runs every function of the tug from its control to its parts', () => {
    const { build } = contextOf(demoBuild('harbour-tug'));
    const { spots, strands, rows } = pictureOf(build);
    for (const modelFunction of build.functions) {
      const mine = strands.filter(({ functions }) => functions.includes(modelFunction.id));
      expect(mine.map((strand) => strand.from.column)).toEqual(
        expect.arrayContaining(['control', 'function', 'channel']),
      );
    }
    expect(strands.some(({ isOnlyMeant }) => isOnlyMeant)).toBe(false);
    const places = spots.map(({ column, row }) => `${column} ${row}`);
    expect(new Set(places).size).toBe(places.length);
    expect(rows).toBeGreaterThanOrEqual(build.functions.length);
  });

  it('shows what is planned and not plugged in, and shares of a mix', () => {
    const build = applyEdits(tub({ without: ['rudder'] }), [
      { type: 'setChannel', channel: 3, change: { mix: [{ function: 'steer', percent: -40 }] } },
    ]);
    const { strands, spots } = pictureOf(build);
    expect(strands.find(({ to }) => to.id === 'rudder')).toMatchObject({ isOnlyMeant: true });
    expect(strands.filter(({ to }) => to.id === '3').map(({ share }) => share)).toEqual(['100 %', '−40 %']);
    expect(spots.find(({ id }) => id === 'rudder')?.note).toBe('not plugged in');
    expect(spots.filter(({ note }) => note === 'free')).toHaveLength(4);
  });
});

describe('joins', () => {
  it('gives a control, and swaps it with whoever held it', () => {
    expect(joined(tub(), ofFunction('steer'), control('left-x')).functions[0]?.control).toBe('left-x');
    const swapped = joined(tub(), control('left-y'), ofFunction('steer'));
    expect(swapped.functions.map((each) => each.control)).toEqual(['left-y', 'right-x']);
    const both = joined(tub(), control('left-y'), ofFunction('steer'), 1);
    expect(both.functions.map((each) => each.control)).toEqual(['left-y', 'left-y']);
  });

  it('tells which controls are of the kind that is wanted', () => {
    expect(fits(radioOf(tub()), ofFunction('steer'), control('left-x'))).toBe(true);
    expect(fits(radioOf(tub()), ofFunction('steer'), control('switch-a'))).toBe(false);
    expect(fits(radioOf(tub()), control('left-x'), channel(1))).toBe(false);
  });

  it('moves a function to a free channel, mixes it into a used one, takes it off again', () => {
    expect(joined(tub(), ofFunction('steer'), channel(5)).functions[0]?.channel).toBe(5);
    const mixed = joined(tub(), ofFunction('steer'), channel(3));
    expect(channelInputs(mixed, 3).map((input) => [input.function.id, input.percent])).toEqual([
      ['drive', 100],
      ['steer', 50],
    ]);
    const off = joined(mixed, channel(3), ofFunction('steer'));
    expect(settingOf(off, 3)).toEqual(driveSetting);
    const exchanged = joined(tub(), ofFunction('steer'), channel(3), 1);
    expect(exchanged.functions.map((each) => each.channel)).toEqual([3, 1]);
  });

  it('plugs a part into the port of a channel, or moves its plug there', () => {
    const heard = (build: Build) => contextOf(build).survey.signalOf('rudder')?.port.channel;
    expect(heard(joined(tub({ without: ['rudder'] }), part('rudder'), channel(1)))).toBe(1);
    expect(heard(joined(tub(), part('rudder'), channel(6)))).toBe(6);
    expect(joinsOf(tub(), part('rudder'), channel(1))).toEqual([]);
  });

  it('lets a function work a part, and no more', () => {
    const works = joined(tub(), ofFunction('drive'), part('rudder'));
    expect(works.functions[1]?.devices).toEqual(['esc', 'rudder']);
    expect(joined(works, ofFunction('drive'), part('rudder')).functions[1]?.devices).toEqual(['esc']);
  });
});
