import type { Reading } from '../build-reading/reading';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import { servoFigureAt } from '../../model/kinds/servo/servo-sheet';
import type { Linkage } from '../../model/fitting/linkage';
import { settingOf } from '../radio/channel-inputs';
import { wiredHome } from '../radio/wired-home';
import { degreesPerMicro } from '../radio/pulse';
import { rangeOf } from '../radio/pulse-range';
import { radioOfFunction, type Radio } from '../radio/radios';
import type { Fitted } from '../../model/kinds/fitted';
import { linkageAt } from './four-bar';
import { linkageEnds, type LinkageEnd } from './linkage-travel';
import { radiansPerDegree } from '../../base/quantity/angle';

/** One side of a linkage, against the end point of its channel. */
export interface LinkageSide extends LinkageEnd {
  /** End point at which the stop is met, in percent of the usual way; nothing where it never is. */
  stopPercent: number | undefined;
  /** What the end point is set to, and the turn of the horn that it makes, in radians. */
  setPercent: number;
  setHorn: number;
  /** Share of the way to its stop that the arm goes by the end point as it is; nothing where the rod does not reach. */
  reached: number | undefined;
}

export interface LinkageReading {
  linkage: Linkage;
  channel: number | undefined;
  /** The radio whose channel that is. */
  radio: Radio | undefined;
  /** Radians that the horn turns at 100 %. */
  fullHorn: number;
  low: LinkageSide;
  high: LinkageSide;
  /** Least share of the servo's torque that comes to the arm between the stops. */
  leastTorqueShare: number;
  /** Shortest lever of the rod between the stops, in metres: the servo's torque over it is the most force in the rod. */
  leastLever: number;
}

/** What the linkage of a servo makes of its channel; `undefined` where none is told. */
export function linkageReading(
  { build, index, survey }: Pick<Reading, 'build' | 'index' | 'survey'>,
  { fitting, part }: Fitted<'servo'>,
): LinkageReading | undefined {
  const { linkage } = fitting;
  if (!linkage) return undefined;
  const works = build.functions.find(({ devices }) => devices.includes(fitting.id));
  const channel = works && wiredHome({ build, survey }, works, fitting.id);
  const radio = works && radioOfFunction({ build, survey }, works);
  const setting = channel === undefined || !radio ? undefined : settingOf(radio, channel);
  const fullHorn = hornAtFull(radio?.transmitter ?? index.ofKind('transmitter')[0], part);
  const ends = linkageEnds(linkage);
  const side = (end: LinkageEnd, way: 1 | -1, setPercent: number): LinkageSide => {
    const setHorn = (way * fullHorn * setPercent) / 100;
    const arm = linkageAt(linkage, setHorn)?.arm;
    return {
      ...end,
      stopPercent: end.stop === undefined ? undefined : (Math.abs(end.stop) / fullHorn) * 100,
      setPercent,
      setHorn,
      reached: arm === undefined ? undefined : Math.abs(arm) / (linkage.stopDegrees * radiansPerDegree),
    };
  };
  const low = side(ends.low, -1, setting?.lowEnd ?? 100);
  const high = side(ends.high, 1, setting?.highEnd ?? 100);
  const [from, to] = [ends.low.stop ?? low.setHorn, ends.high.stop ?? high.setHorn];
  const along = Array.from({ length: 41 }, (_, n) => linkageAt(linkage, from + ((to - from) * n) / 40));
  const points = along.filter((point) => point !== undefined);
  return {
    linkage,
    channel,
    radio,
    fullHorn,
    low,
    high,
    leastTorqueShare: Math.min(...points.map(({ gain }) => 1 / Math.abs(gain))),
    leastLever: Math.min(...points.map(({ lever }) => Math.abs(lever))),
  };
}

/** Least share that a linkage is taken to pass on: in line with its rod it passes on next to nothing, and is told. */
const leastShare = 0.05;

/** Times its mechanism's torque that a servo must give, where its linkage passes least on; 1 where none is told. */
export function timesThroughLinkage(
  context: Pick<Reading, 'build' | 'index' | 'survey'>,
  servoId: string,
): number {
  const fitted = context.index.get(servoId);
  const reading = fitted.kind === 'servo' ? linkageReading(context, fitted) : undefined;
  return reading ? 1 / Math.max(reading.leastTorqueShare, leastShare) : 1;
}

/** Radians that the horn of a servo turns at 100 % of its transmitter. */
const hornAtFull = (transmitter: Fitted<'transmitter'> | undefined, part: ServoSpec): number =>
  rangeOf(transmitter).throwMicros * degreesPerMicro(part.travelDegrees?.value) * radiansPerDegree;

/** What a servo does through its linkage, stalled at the volts that it has; torques in N·m, force in N. */
interface LinkageForces {
  given: number;
  /** Least that comes to the arm between its stops. */
  atArm: number;
  /** What the mechanism asks, where that is known. */
  needed: number | undefined;
  /** Most force in the rod. */
  rodNewtons: number;
}

/** Torque and force of a linkage; `undefined` where the servo has no volts yet, or its sheet states no torque. */
export function linkageForces(
  { survey, circuit }: Pick<Reading, 'survey' | 'circuit'>,
  { fitting, part }: Fitted<'servo'>,
  { leastTorqueShare, leastLever }: LinkageReading,
): LinkageForces | undefined {
  const volts = survey.supplyOf(fitting.id)?.volts?.nominal;
  const given = volts === undefined ? undefined : servoFigureAt(part, 'stallNewtonMetres', volts)?.value;
  if (given === undefined) return undefined;
  return {
    given,
    atArm: given * leastTorqueShare,
    needed: circuit.mechanismLoad(fitting.id)?.newtonMetres,
    rodNewtons: given / leastLever,
  };
}
