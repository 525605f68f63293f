import { scaleLog } from 'd3-scale';
import { readingSigma, type ReadingKind } from '../../core/bench/calibration/reading-kinds';
import type { LogEntry, LogReading } from '../../core/model/plan/log-entry';
import { useWidth } from '../loom/use-width';
import { dayWords } from './day-words';
import styles from './BesidePicture.module.css';

interface BesidePictureProps {
  readings: readonly LogReading[];
  /** Entries before, on the same task. */
  earlier: readonly LogEntry[];
  foretold: ReadonlyMap<string, number>;
  kinds: readonly ReadingKind[];
  air: number;
  ref: React.Ref<SVGSVGElement>;
}

const rowHeight = 52;
const head = 26;
const wordsWidth = 64;
const margin = { left: 14, right: 14 };
/** The scale reaches at least from so little to so much of the plan. */
const least = 0.7;
const ticks = [
  { at: 0.25, words: 'a quarter' },
  { at: 0.5, words: 'half' },
  { at: 0.8, words: '−20 %' },
  { at: 1, words: 'as planned' },
  { at: 1.25, words: '+25 %' },
  { at: 2, words: 'twice' },
  { at: 4, words: 'four times' },
];

/** What was read as a share of what the plan says, a row each; the bar is what errors explain. */
export function BesidePicture({ readings, earlier, foretold, kinds, air, ref }: BesidePictureProps) {
  const [frame, frameWidth] = useWidth();
  const width = Math.max(frameWidth, 320);
  const rows = readings.flatMap((reading) => {
    const kind = kinds.find(({ what }) => what === reading.what);
    const plan = foretold.get(reading.what);
    if (!kind || plan === undefined || plan <= 0) return [];
    const sigma = readingSigma(kind, reading.value, air, reading.error);
    const past = earlier.flatMap((entry) =>
      entry.readings
        .filter(({ what, value }) => what === reading.what && value > 0)
        .map(({ value }) => ({ on: entry.on, share: value / plan })),
    );
    return [{ reading, kind, plan, share: reading.value / plan, sigma: sigma / plan, past }];
  });
  const shares = rows.flatMap(({ share, past }) => [share, ...past.map((each) => each.share)]);
  const far =
    Math.max(1 / least, ...shares.map((share) => Math.max(share, 1 / Math.max(share, 0.05)))) * 1.08;
  const x = scaleLog([1 / far, far], [margin.left, width - margin.right]).clamp(true);
  const height = head + rows.length * rowHeight;
  const within = ticks.filter(({ at }) => at > 1 / far && at < far);
  // Words that would run into those of the plan, or of a tick nearer to it, are left out.
  const shownTicks = within
    .sort((a, b) => Math.abs(Math.log(a.at)) - Math.abs(Math.log(b.at)))
    .filter(({ at }, n) => !within.slice(0, n).some((other) => Math.abs(x(other.at) - x(at)) < wordsWidth));
  return (
    <figure className={styles.figure} ref={frame} aria-label="Read beside planned">
      <svg
        ref={ref}
        className={styles.picture}
        viewBox={`0 0 ${width} ${height}`}
        width={width}
        height={height}
        role="img"
        aria-label={rows
          .map(
            ({ kind, reading, plan }) =>
              `${kind.name}: read ${reading.value} ${kind.unit}, planned ${plan.toPrecision(3)} ${kind.unit}`,
          )
          .join('. ')}
      >
        {shownTicks.map(({ at, words }) => (
          <g key={at}>
            <line
              x1={x(at)}
              x2={x(at)}
              y1={head - 6}
              y2={height}
              className={at === 1 ? styles.plan : styles.tick}
            />
            <text x={x(at)} y={12} className={styles.tickWords} textAnchor="middle">
              {words}
            </text>
          </g>
        ))}
        {rows.map(({ reading, kind, plan, share, sigma, past }, n) => {
          const y = head + n * rowHeight;
          const isOff = Math.abs(share - 1) > 2 * sigma;
          return (
            <g key={reading.what} transform={`translate(0 ${y})`}>
              <text x={margin.left} y={14} className={styles.name}>
                {kind.name}
              </text>
              <text x={width - margin.right} y={14} textAnchor="end" className={styles.values}>
                {`read ${shown(reading.value)} ${kind.unit} · plan ${shown(plan)} ${kind.unit}`}
              </text>
              <rect
                x={x(Math.max(0.05, 1 - 2 * sigma))}
                width={x(1 + 2 * sigma) - x(Math.max(0.05, 1 - 2 * sigma))}
                y={24}
                height={14}
                className={styles.band}
              />
              {past.map(({ on, share: was }) => (
                <circle key={on} cx={x(was)} cy={31} r={4} className={styles.past}>
                  <title>{`${dayWords(on)}: ${shown(was * plan)} ${kind.unit}`}</title>
                </circle>
              ))}
              {isOff ? (
                <rect x={x(share) - 6} y={25} width={12} height={12} className={styles.off} />
              ) : (
                <circle cx={x(share)} cy={31} r={6.5} className={styles.good} />
              )}
            </g>
          );
        })}
      </svg>
      <figcaption className={styles.legend}>
        <span>
          <svg width={14} height={14} aria-hidden>
            <circle cx={7} cy={7} r={6} className={styles.good} />
          </svg>{' '}
          as planned, within its error
        </span>
        <span>
          <svg width={14} height={14} aria-hidden>
            <rect x={1} y={1} width={12} height={12} className={styles.off} />
          </svg>{' '}
          off by more than its error
        </span>
        <span>
          <svg width={22} height={14} aria-hidden>
            <rect x={0} y={0} width={22} height={14} className={styles.band} />
          </svg>{' '}
          what errors explain
        </span>
        {rows.some(({ past }) => past.length > 0) && (
          <span>
            <svg width={14} height={14} aria-hidden>
              <circle cx={7} cy={7} r={4} className={styles.past} />
            </svg>{' '}
            days before, same task
          </span>
        )}
      </figcaption>
    </figure>
  );
}

const shown = (value: number): string => String(Number(value.toPrecision(3)));
