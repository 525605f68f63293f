import { scaleLinear } from 'd3-scale';
import type { Ladder } from '../../core/reading/circuit/ladders';
import { formatQuantity } from '../../core/base/quantity/format';
import { useWidth } from './use-width';
import styles from './LadderBar.module.css';

const barHeight = 22;
const labelWidth = 92;
const narrow = 460;

/** Letters that the name of a ladder has room for; the whole of it is in its title. */
const lettersInTitle = 15;

/** One bar: what each part asks, end to end, and a mark where the source stops giving. @param isGuess whether usual figures stand in for some */
export function LadderBar({ ladder, isGuess }: { ladder: Ladder; isGuess: boolean }) {
  const { title, shares, askedAmps, givenAmps, giver, unknown } = ladder;
  const [frame, width] = useWidth();
  // Where there is no room beside the bar, its name stands above and its words in two lines.
  const isNarrow = width < narrow;
  const [left, letters] = isNarrow ? [0, 40] : [labelWidth, lettersInTitle];
  const most = Math.max(askedAmps, givenAmps ?? 0) * 1.06;
  const x = scaleLinear()
    .domain([0, most])
    .range([left, Math.max(width - 2, left)]);
  const gaps = unknown.length > 0 ? `, ${unknown.length} unknown` : '';
  // Nothing is known of a bar that is empty for want of sheets.
  const asked =
    shares.length === 0 && gaps
      ? `not known yet${gaps}`
      : `needs ${isGuess ? '≈ ' : ''}${formatQuantity(askedAmps, 'A')}${gaps ? ` of what is known${gaps}` : ''}`;
  const given = givenAmps === undefined ? undefined : formatQuantity(givenAmps, 'A');
  const isShort = givenAmps !== undefined && askedAmps > givenAmps;
  const summary = `${title}: ${asked}${given ? `, ${giver} supplies ${given}` : ''}`;
  const starts = shares.map((_, n) => shares.slice(0, n).reduce((sum, share) => sum + share.amps, 0));
  return (
    <div ref={frame} className={styles.bar}>
      <svg
        width={width}
        height={barHeight + 20}
        style={{ marginTop: isNarrow ? 20 : 0, marginBottom: isNarrow ? 14 : 0 }}
        role="img"
        aria-label={summary}
      >
        <text x={0} y={isNarrow ? -6 : 15} className={styles.title}>
          {title.length > letters ? `${title.slice(0, letters - 1)}…` : title}
          <title>{title}</title>
        </text>
        <rect x={x(0)} y={0} width={x(most) - x(0)} height={barHeight} className={styles.ground} />
        {shares.map((share, n) => (
          <Share key={share.id} share={share} left={x(starts[n]!)} right={x(starts[n]! + share.amps)} />
        ))}
        {givenAmps !== undefined && (
          <line
            x1={x(givenAmps)}
            x2={x(givenAmps)}
            y1={-1}
            y2={barHeight + 4}
            className={styles.limit}
            data-short={isShort}
          />
        )}
        <text x={x(0)} y={barHeight + 15} className={styles.words}>
          <tspan>{asked}</tspan>
          {given && (
            <tspan data-short={isShort} className={styles.given} {...(isNarrow && { x: x(0), dy: 14 })}>
              {isNarrow ? '' : ' · '}
              {giver} supplies {given}
              {isShort ? `, ${formatQuantity(askedAmps - givenAmps, 'A')} too little` : ''}
            </tspan>
          )}
        </text>
      </svg>
    </div>
  );
}

function Share({ share, left, right }: { share: Ladder['shares'][number]; left: number; right: number }) {
  const words = `${share.name} ${formatQuantity(share.amps, 'A')}`;
  const room = Math.floor((right - left - 10) / 6.4);
  const label = words.length <= room ? words : share.name.length <= room ? share.name : '';
  return (
    <g>
      <title>{words}</title>
      <rect
        x={left}
        y={0}
        width={Math.max(right - left - 1, 0.5)}
        height={barHeight}
        className={styles.share}
        data-worst={share.isWorst}
      />
      <text x={left + 6} y={15} className={styles.label} data-worst={share.isWorst}>
        {label}
      </text>
    </g>
  );
}
