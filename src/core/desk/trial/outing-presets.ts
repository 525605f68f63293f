import { movesModel } from '../../model/plan/model-function';
import { lapsOf, others, ramp, toAndFro, type Play, type Points } from './outing-tracks';

/** An outing as it is played on any model of a kind. */
export interface OutingPreset {
  id: string;
  name: string;
  seconds: number;
  effort: number;
  /** Radians, up positive. */
  slopes?: Points;
  /** m/s. */
  winds?: Points;
  /** 0 free to 1 held fast. */
  jams?: Points;
  /** Seconds into it at which the link is lost. */
  lostAt?: number;
  play: Play;
}

/** Steering thrown from stop to stop while everything else works: the worst a rail will see. */
export const reversals: OutingPreset = {
  id: 'full-lock-reversals',
  name: 'Full-lock reversals',
  seconds: 12,
  effort: 1,
  play: (modelFunction) => {
    if (modelFunction.role === 'steer') return toAndFro(1, 11, [1, -1], 0.75, 0.02);
    if (movesModel(modelFunction)) return ramp(0.5, 10.5, 0.5, 0.7);
    if (modelFunction.role === 'mechanism') return ramp(1.5, 10, 0.6, 1);
    return others(12)(modelFunction);
  },
};

/** The same for two tracks: spun to and fro on the spot. */
export const spins: OutingPreset = {
  ...reversals,
  name: 'Spinning on the spot',
  play: (modelFunction, isOtherTrack) =>
    movesModel(modelFunction)
      ? toAndFro(1, 11, isOtherTrack ? [-0.8, 0.8] : [0.8, -0.8], 1.2, 0.3)
      : reversals.play(modelFunction, isOtherTrack),
};

/** A day on tracks: ahead, turning with one track against the other, standing; up and down slopes. */
export const tracksAtWork: OutingPreset = {
  id: 'long',
  name: 'Long day',
  seconds: 600,
  effort: 1,
  slopes: toAndFro(20, 580, [0.2, 0, -0.3, 0, 0.43, 0], 25, 5),
  play: (modelFunction, isOtherTrack) => {
    const turn = isOtherTrack ? -0.5 : 0.5;
    return movesModel(modelFunction)
      ? toAndFro(5, 590, [0.5, 0.8, turn, 0, 0.6, 0, -turn, 0.7, 0, turn], 6, 0.5)
      : long('').play(modelFunction, isOtherTrack);
  },
};

/** Held fast for most of a second with the throttle open, and again: a wheel in a cleft, a stone in a track. */
export const jammed = (name: string): OutingPreset => ({
  id: 'jammed',
  name,
  seconds: 30,
  effort: 1,
  jams: [8, 18].flatMap((at): Points => [
    [at, 0],
    [at + 0.05, 1],
    [at + 0.8, 1],
    [at + 0.85, 0],
  ]),
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return toAndFro(2, 26, [0.5, 1, 0.4, 1], 4, 0.5);
    if (modelFunction.role === 'steer') return toAndFro(3, 27, [1, -1, 0.6, -1], 2.5, 0.1);
    return others(30)(modelFunction);
  },
});

/** Under way, when the link is lost: what the fail-safe makes of it. */
export const linkLost: OutingPreset = {
  id: 'link-lost',
  name: 'Link lost now',
  seconds: 16,
  effort: 1,
  lostAt: 6,
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return ramp(1, 15, 1, 0.6);
    if (modelFunction.role === 'steer') return ramp(3, 15, 0.3, 0.4);
    if (modelFunction.role === 'mechanism') return ramp(2, 15, 0.6, 0.6);
    return modelFunction.role === 'pump' ? ramp(2, 15, 0.2, 1) : others(16)(modelFunction);
  },
};

export const potter = (name: string): OutingPreset => ({
  id: 'pottering',
  name,
  seconds: 60,
  effort: 1,
  play: (modelFunction) => {
    if (modelFunction.role === 'steer') return toAndFro(3, 56, [0.5, -0.3, 0.8, -0.8, 0], 2.2, 0.3);
    if (movesModel(modelFunction)) return toAndFro(2, 57, [0.35, 0.5, 0.2, -0.3, 0.4], 5, 0.8);
    if (modelFunction.role === 'mechanism') return toAndFro(20, 50, [0.6, -0.6], 3, 0.5);
    return others(60)(modelFunction);
  },
});

export const long = (name: string): OutingPreset => ({
  id: 'long',
  name,
  seconds: 600,
  effort: 1,
  play: (modelFunction) => {
    if (modelFunction.role === 'steer') return toAndFro(10, 590, [0.3, 0, -0.4, 0, 1, 0, -1, 0], 6, 0.3);
    if (movesModel(modelFunction)) return toAndFro(5, 590, [0.7, 0.8, 0.5, 1], 30, 2);
    if (modelFunction.role === 'mechanism') return toAndFro(120, 480, [0.5, -0.5], 40, 1);
    return others(600)(modelFunction);
  },
});

/** Laps: a straight at full throttle, brakes, a bend with little, and again; bends to the left and the right. */
export const laps: OutingPreset = {
  id: 'long',
  name: 'Long drive',
  seconds: 600,
  effort: 1,
  play: (modelFunction) => {
    const { role } = modelFunction;
    return role === 'steer' || role === 'drive' ? lapsOf(role, 590) : others(600)(modelFunction);
  },
};

/** The day of a workboat: slow ahead, half ahead, now and then full, and waiting. */
export const workday: OutingPreset = {
  ...long('Working day'),
  play: (modelFunction, isOtherTrack) =>
    movesModel(modelFunction)
      ? toAndFro(5, 590, [0.35, 0.6, 1, 0.6, 0.35, 0], 20, 2)
      : long('').play(modelFunction, isOtherTrack),
};

export const tow: OutingPreset = {
  id: 'tow',
  name: 'Tow at full ahead',
  seconds: 60,
  effort: 1.3,
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return ramp(2, 55, 2, 1);
    if (modelFunction.role === 'steer') return toAndFro(8, 52, [0.6, -0.6, 0], 4, 0.3);
    if (modelFunction.role === 'mechanism') return ramp(4, 54, 1, 1);
    return others(60)(modelFunction);
  },
};

export const punch: OutingPreset = {
  id: 'punch-and-brake',
  name: 'Punch and brake',
  seconds: 30,
  effort: 1,
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return toAndFro(1, 28, [1, 0], 2, 0.2);
    if (modelFunction.role === 'steer') return toAndFro(2, 28, [1, -1, 0], 1.5, 0.05);
    return others(30)(modelFunction);
  },
};

export const crawl: OutingPreset = {
  id: 'crawl',
  name: 'Crawl over rocks',
  seconds: 60,
  effort: 1,
  // Slopes to 45 degrees, half of the way over 15.
  slopes: [
    [0, 0],
    [4, 0.1],
    [8, 0.45],
    [13, 0.2],
    [17, 0.7],
    [22, 0.3],
    [26, -0.3],
    [31, 0],
    [36, 0.55],
    [42, 0.78],
    [47, 0.3],
    [52, -0.4],
    [57, 0],
  ],
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return toAndFro(2, 57, [0.3, 0.45, 0, 0.4, -0.2], 4, 0.5);
    if (modelFunction.role === 'steer') return toAndFro(3, 57, [1, -1, 0.6, -1, 1], 1.2, 0.1);
    if (modelFunction.role === 'mechanism') return toAndFro(20, 50, [1, -1], 5, 0.3);
    return others(60)(modelFunction);
  },
};

/** A slope of one in four, from three seconds on. */
export const hill: OutingPreset = {
  id: 'hill-climb',
  name: 'Hill climb',
  seconds: 40,
  effort: 1,
  slopes: [
    [0, 0],
    [3, 0],
    [5, Math.round(Math.atan(0.25) * 1000) / 1000],
  ],
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return ramp(2, 35, 1.5, 0.9);
    if (modelFunction.role === 'steer') return toAndFro(5, 34, [0.4, -0.4], 2, 0.2);
    return others(40)(modelFunction);
  },
};

/** Through mud: twice as hard to roll, on and off the throttle. */
export const mud: OutingPreset = {
  id: 'mud',
  name: 'Through mud',
  seconds: 60,
  effort: 2.5,
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return toAndFro(2, 57, [0.8, 1, 0.4, -0.5, 1], 4, 0.4);
    if (modelFunction.role === 'steer') return toAndFro(3, 57, [1, -1, 0.4], 1.5, 0.15);
    return others(60)(modelFunction);
  },
};

/** Forward into the heap, lift, back, turn, tip: again and again. */
export const loading: OutingPreset = {
  id: 'loading',
  name: 'Loading cycles',
  seconds: 120,
  effort: 1.5,
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return toAndFro(1, 118, [0.6, 0.9, 0, -0.6, 0.5, 0], 2.2, 0.3);
    if (modelFunction.role === 'steer') return toAndFro(8, 118, [0, 1, 0, -1], 3, 0.3);
    if (modelFunction.role === 'mechanism') return toAndFro(4, 117, [0.2, 1, 0.4, -0.8], 2.2, 0.4);
    return others(120)(modelFunction);
  },
};

/** From rest to full throttle and on, with turns: what climbs onto the plane, or holds its bow wave. */
export const sprint: OutingPreset = {
  id: 'sprint',
  name: 'Full ahead, with turns',
  seconds: 90,
  effort: 1,
  play: (modelFunction) => {
    if (movesModel(modelFunction)) return toAndFro(1, 86, [1, 1, 0.5], 14, 0.5);
    if (modelFunction.role === 'steer') return toAndFro(8, 84, [0, 0.7, 0, -0.7], 3, 0.2);
    return others(90)(modelFunction);
  },
};

export const gusts: OutingPreset = {
  id: 'gusts',
  name: 'Tacking in gusts',
  seconds: 60,
  effort: 1,
  winds: [
    [0, 3],
    [10, 3.5],
    [12, 4.6],
    [15, 4],
    [28, 3],
    [30, 4.8],
    [34, 4],
    [46, 4],
    [48, 4.8],
    [50, 3.5],
  ],
  play: (modelFunction) => {
    if (modelFunction.role === 'steer') return toAndFro(3, 57, [0.6, -0.4, 1, -1, 0.2], 1.4, 0.1);
    if (modelFunction.role === 'mechanism') return toAndFro(2, 57, [-0.8, 0.6, -1, 1, 0.1], 2.6, 0.3);
    return others(60)(modelFunction);
  },
};
