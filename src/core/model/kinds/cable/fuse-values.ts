import type { PtcFuseValues } from '../../../physics/network/devices/ptc-fuse';
import type { CableSpec } from './cable';

/** Volts that a fuse drops at the amps on its label: rule of thumb. */
const fuseVolts = 0.1;

/**
 * What of a fuse is hot and when it opens, by its label's amps: rules of thumb. A strip melts at 1.25 times its label
 * in the end, at 1.35 times in seconds, at twice in two (the bands of blade fuses, ISO 8820-3, are wider). A
 * resettable one holds its label, and trips at twice that in the end, at five times in two seconds.
 */
const usual = {
  strip: { tripsAt: 1.25, seconds: 4, ratio: 1 },
  resettable: { tripsAt: 2, seconds: 10, ratio: 300 },
};
const ambientC = 25;
const tripC = 125;
const widthC = 8;

/** Ohms inside a fuse while it is whole; 0 where nobody stated its amps. */
export const fuseOhms = ({ maxAmps }: CableSpec): number => (maxAmps ? fuseVolts / maxAmps.value : 0);

/** A fuse as a thing that warms and opens; `undefined` where nobody stated its amps. */
export function fuseFigures(part: CableSpec): Omit<PtcFuseValues, 'id' | 'from' | 'to'> | undefined {
  if (!part.maxAmps) return undefined;
  const { tripsAt, seconds, ratio } = part.resettable ? usual.resettable : usual.strip;
  const rCold = fuseOhms(part);
  const thermalOhms = (tripC - ambientC) / ((tripsAt * part.maxAmps.value) ** 2 * rCold);
  return { rCold, ratio, tripC, widthC, thermalOhms, heatCapacity: seconds / thermalOhms, ambientC };
}
