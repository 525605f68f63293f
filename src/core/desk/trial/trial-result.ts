import type { EstimatedFigure } from '../../model/kinds/estimates';
import type { Snapshots } from './snapshots';

/** Something that happened on an outing, with the part it happened to. */
export interface TrialEvent {
  kind:
    | 'neverWakes'
    | 'brownOut'
    | 'limit'
    | 'cutOff'
    | 'stall'
    | 'tooHot'
    | 'shutDown'
    | 'fuse'
    | 'overBurst'
    | 'overLasting'
    | 'linkLost'
    | 'belowFloor'
    | 'empty';
  /** Id of the fitting. */
  subject: string;
  /** Seconds into the outing. */
  at: number;
  /** When it was over; the outing's end where it was not. */
  until: number;
  /** One plain sentence. */
  words: string;
  /** Amps beyond what a part carries: those that it carried, and its limit. */
  amps?: number;
  limit?: number;
  /** What gave way and at what, in a few words: `BEC of the port controller, 2.0 A`. */
  short?: string;
}

/** A line over the time of an outing; values stand at the ends of even slices of it. */
interface Series {
  id: string;
  name: string;
  values: Float64Array;
}

/** Volts of one rail with the floors of what hangs on it. */
interface RailSeries extends Series {
  floors: { name: string; volts: number }[];
}

/** Temperature of one part against what it stands, in degrees Celsius. */
interface HeatSeries extends Series {
  limit: number;
}

/** What a build did on an outing. */
export interface TrialResult {
  outing: string;
  seconds: number;
  /** Slices of the time that every series has. */
  slices: number;
  /** Lowest volts in each slice. */
  rails: RailSeries[];
  /** Mean amps in each slice, at the part's own supply. */
  amps: Series[];
  /** Charge left, 0 to 1. */
  charge: Series[];
  /** Lowest volts of one cell in each slice. */
  cells: RailSeries[];
  heat: HeatSeries[];
  /** Metres per second. */
  /** With the speed beyond which it is doubtful, for hulls that squat. */
  speed: Series & { doubtfulFrom?: number };
  snapshots: Snapshots;
  events: TrialEvent[];
  figures: TrialFigures;
  estimates: EstimatedFigure[];
  /** Names of parts of a function that no pulses reach: they do nothing. */
  unreached: string[];
  /** Sheets too silent to take part. */
  missing: string[];
  steps: number;
}

/** The numbers that decide. */
export interface TrialFigures {
  /** Whether the receiver was up at any time. */
  hasWoken: boolean;
  /** Lowest volts at the receiver once it was up, or the most that it ever had where it never was; and when. */
  railMinVolts: number;
  railMinAt: number;
  /** Least that the receiver needs. */
  floorVolts: number;
  /** Lowest volts of one cell of each pack once power was up, by fitting. */
  lowestCells: Record<string, number>;
  brownOuts: number;
  secondsDown: number;
  mostPackAmps: number;
  meanPackAmps: number;
  /** Minutes that the usable charge would last at this outing's mean. */
  runMinutes: number;
  chargeUsed: number;
  hottestCelsius: number;
  /** Degrees below its limit of the part that comes nearest to it. */
  heatMargin: number;
  topSpeed: number;
}
