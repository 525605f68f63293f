import type { Figure } from '../../base/validation/figure';
import type { Fitted } from '../../model/kinds/fitted';

/** Metres that screw holes give way by themselves: usual, a screw of 2.5 mm in a slot of 3. */
const holePlay = 0.0005;
/** The most that a hole can be made longer without breaking out, in metres: rule of thumb. */
export const mostOpened = 0.0015;
/** Air under a servo, for its lead and the heads of its screws, in metres: rule of thumb. */
export const airUnder = 0.001;

/** What a servo brings and what its seat has, where both are told; metres and teeth. */
interface Pair {
  brings: Figure;
  has: number;
}

/** How a servo goes into its seat: what does not meet, and what nobody read off its sheet. */
export interface ServoFit {
  /** Its holes against the seat's; `by` is how much they are off for good, with its sign. */
  holes?: Pair & { by: number };
  /** Its shaft against where it must stand: `by` is how much nearer to the far end. */
  shaft?: Pair & { by: number };
  /** What hangs under its ears against the room there; `by` is what is missing. */
  under?: Pair & { by: number };
  spline?: Pair;
  /** Sheet figures that the seat asks for. */
  missing: string[];
}

/** `undefined` where nobody measured a seat. */
export function servoFit({ fitting, part }: Fitted<'servo'>): ServoFit | undefined {
  const { seat } = fitting;
  if (!seat) return undefined;
  const missing: string[] = [];
  const pair = (brings: Figure | undefined, has: number | undefined, words: string): Pair | undefined => {
    if (has === undefined) return undefined;
    if (!brings) missing.push(words);
    return brings && { brings, has };
  };
  const holes = pair(part.earSpan, seat.holeSpan, 'distance from ear to ear');
  const shaft = pair(part.earToShaft, seat.shaftAt, 'distance from ear to shaft');
  const under = pair(part.underEars, seat.depth, 'depth under the ears');
  const spline = pair(part.splineTeeth, seat.hornTeeth, 'teeth of the shaft');
  const isFree = seat.hasPlate === true;
  const fit: ServoFit = { missing };
  const apart = holes ? holes.brings.value - holes.has : 0;
  if (holes && !isFree && Math.abs(apart) > 2 * (holePlay + (seat.openedBy ?? 0)) + 1e-9)
    fit.holes = { ...holes, by: apart };
  const aside = shaft ? shaft.brings.value - shaft.has : 0;
  if (shaft && !isFree && Math.abs(aside) > holePlay + (seat.openedBy ?? 0) + 1e-9)
    fit.shaft = { ...shaft, by: aside };
  const short = under ? under.brings.value + airUnder - (seat.standoff ?? 0) - under.has : 0;
  if (under && short > 1e-9) fit.under = { ...under, by: short };
  if (spline && spline.brings.value !== spline.has && seat.wantsHorn !== true) fit.spline = spline;
  return fit;
}
