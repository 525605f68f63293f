import type { Linkage } from '../../core/model/fitting/linkage';
import { linkageAt } from '../../core/reading/linkage/four-bar';
import { radiansPerDegree } from '../../core/base/quantity/angle';
import styles from './LinkagePicture.module.css';

/** Room around the picture, as a share of its longest lever. */
const room = 1.5;

interface Point {
  x: number;
  y: number;
}

/** Horn, rod and arm to scale, as they stand, with the stops of the arm. */
export function LinkagePicture({ linkage, turned }: { linkage: Linkage; turned: number }) {
  const { along, across, armRadius, hornRadius, armDegrees, stopDegrees } = linkage;
  const point = linkageAt(linkage, turned);
  const reach = Math.max(armRadius, hornRadius) * room;
  const [left, right] = [-reach, along + reach];
  const [bottom, top] = [Math.min(0, across) - reach, Math.max(0, across) + reach];
  /** Up is up on paper too. */
  const at = ({ x, y }: Point) => `${(x * 1000).toFixed(2)},${(-y * 1000).toFixed(2)}`;
  const pivot = { x: along, y: across };
  const stopAt = (way: 1 | -1): Point => {
    const angle = (armDegrees + way * stopDegrees) * radiansPerDegree;
    return { x: along + armRadius * 1.35 * Math.cos(angle), y: across + armRadius * 1.35 * Math.sin(angle) };
  };
  const unit = (right - left) * 1000;
  return (
    <svg
      className={styles.picture}
      viewBox={`${left * 1000} ${-top * 1000} ${unit} ${(top - bottom) * 1000}`}
      role="img"
      aria-label={
        point
          ? `Horn turned ${(point.horn / radiansPerDegree).toFixed(0)} degrees, arm ${(point.arm / radiansPerDegree).toFixed(0)} degrees`
          : 'The rod does not reach'
      }
      style={{ ['--unit' as string]: unit / 220 }}
    >
      {([1, -1] as const).map((way) => (
        <path key={way} d={`M${at(pivot)}L${at(stopAt(way))}`} className={styles.stop} />
      ))}
      {point && (
        <>
          <path d={`M${at(point.hornHole)}L${at(point.armHole)}`} className={styles.rod} />
          <path d={`M${at({ x: 0, y: 0 })}L${at(point.hornHole)}`} className={styles.lever} />
          <path d={`M${at(pivot)}L${at(point.armHole)}`} className={styles.lever} />
        </>
      )}
      {[{ x: 0, y: 0 }, pivot].map(({ x, y }) => (
        <circle key={x} cx={x * 1000} cy={-y * 1000} r={unit / 90} className={styles.pivot} />
      ))}
      {[point?.hornHole, point?.armHole].map(
        (hole, n) =>
          hole && (
            <circle key={n} cx={hole.x * 1000} cy={-hole.y * 1000} r={unit / 160} className={styles.hole} />
          ),
      )}
    </svg>
  );
}
