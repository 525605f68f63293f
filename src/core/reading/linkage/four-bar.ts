import type { Linkage } from '../../model/fitting/linkage';

interface Point {
  x: number;
  y: number;
}

/** A linkage at one angle of its servo; angles in radians from its centre, lengths in metres. */
export interface LinkagePoint {
  /** Of the horn and of the arm, from where they stand at the centre. */
  horn: number;
  arm: number;
  hornHole: Point;
  armHole: Point;
  /** How much the arm turns for a small turn of the horn. */
  gain: number;
  /** Lever of the rod about the servo's shaft, in metres: torque over it is the force in the rod. */
  lever: number;
  /** Sines of the angles between rod and horn, and rod and arm: nothing in line. */
  hornSine: number;
  armSine: number;
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Length of the rod that puts horn and arm where they stand at the centre, in metres: what to cut it to. */
export function rodLength(linkage: Linkage): number {
  const [horn, arm] = [holeOf(linkage, 0), armHoleOf(linkage, radians(linkage.armDegrees))];
  return Math.hypot(arm.x - horn.x, arm.y - horn.y);
}

const holeOf = ({ hornRadius, hornDegrees }: Linkage, turned: number): Point => {
  const angle = radians(hornDegrees) + turned;
  return { x: hornRadius * Math.cos(angle), y: hornRadius * Math.sin(angle) };
};

const armHoleOf = ({ along, across, armRadius }: Linkage, angle: number): Point => ({
  x: along + armRadius * Math.cos(angle),
  y: across + armRadius * Math.sin(angle),
});

/**
 * The exact four-bar: where the arm stands for a turn of the horn, on the branch that it was assembled on at the centre;
 * `undefined` where the rod does not reach. With P the hole of the horn, f its distance from the pivot, a the arm and l
 * the rod: φ = atan2(P − pivot) ± acos((a² + f² − l²)/(2·a·f)).
 * @param turned radians that the horn turns from its centre
 */
export function linkageAt(linkage: Linkage, turned: number): LinkagePoint | undefined {
  const { hornRadius, armRadius, along, across } = linkage;
  const rod = rodLength(linkage);
  const hole = holeOf(linkage, turned);
  const [dx, dy] = [hole.x - along, hole.y - across];
  const f = Math.hypot(dx, dy);
  const cosine = (armRadius ** 2 + f ** 2 - rod ** 2) / (2 * armRadius * f);
  if (!(Math.abs(cosine) <= 1)) return undefined;
  const angle = Math.atan2(dy, dx) + branchOf(linkage) * Math.acos(cosine);
  const armHole = armHoleOf(linkage, angle);
  const [ux, uy] = [(armHole.x - hole.x) / rod, (armHole.y - hole.y) / rod];
  // Levers of the rod's line about shaft and pivot.
  const lever = hole.x * uy - hole.y * ux;
  const armLever = (armHole.x - along) * uy - (armHole.y - across) * ux;
  return {
    horn: turned,
    arm: wrapped(angle - radians(linkage.armDegrees)),
    hornHole: hole,
    armHole,
    gain: armLever === 0 ? Infinity : lever / armLever,
    lever,
    hornSine: Math.abs(lever) / hornRadius,
    armSine: Math.abs(armLever) / armRadius,
  };
}

/** Which of the two ways to assemble it stands at the centre: the arm ahead of the line to the horn's hole, or behind. */
function branchOf(linkage: Linkage): 1 | -1 {
  const hole = holeOf(linkage, 0);
  const line = Math.atan2(hole.y - linkage.across, hole.x - linkage.along);
  return wrapped(radians(linkage.armDegrees) - line) >= 0 ? 1 : -1;
}

const wrapped = (angle: number): number => Math.atan2(Math.sin(angle), Math.cos(angle));
