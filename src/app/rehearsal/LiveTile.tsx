import Button from '@mui/material/Button';
import type { LivePart } from '../../core/bench/rehearsal/live-view';
import styles from './Rehearsal.module.css';

interface LiveTileProps {
  part: LivePart;
  /** Degrees that a motor has turned through. */
  turned: number;
  onHold: (isHeld: boolean) => void;
}

/** One part as it lives: its picture, what it does in a word, the figures that a meter would show. */
export function LiveTile({ part, turned, onHold }: LiveTileProps) {
  const { name, kind, state, volts, pulse, amps, strain = 0, burnt, celsius } = part;
  return (
    <li
      className={styles.tile}
      data-state={burnt === undefined ? state : 'burnt'}
      aria-label={`${name}: ${state}`}
    >
      <svg viewBox="0 0 64 64" className={styles.live} aria-hidden>
        <Picture part={part} turned={turned} />
      </svg>
      <div>
        <span className={styles.partName}>{name}</span>
        <span className={styles.state}>{state}</span>
        <span className={`figure ${styles.figures}`}>
          {kind !== 'motor' && <span>{volts.toFixed(2)} V</span>}{' '}
          {pulse !== undefined && <span>{Math.round(pulse)} µs</span>}{' '}
          {kind === 'servo' && <span>{Math.round(part.value)}°</span>}
          {amps !== undefined && <span>{amps.toFixed(1)} A</span>}{' '}
          {celsius !== undefined && <span>{Math.round(celsius)} °C</span>}
        </span>
        {kind === 'servo' && burnt === undefined && (
          <Button
            size="small"
            onPointerDown={() => onHold(true)}
            onPointerUp={() => onHold(false)}
            onPointerLeave={() => onHold(false)}
            onKeyDown={({ key }) => key === ' ' && onHold(true)}
            onKeyUp={() => onHold(false)}
          >
            Hold its arm{strain > 0.02 ? `: ${Math.round(100 * strain)} % of what it stands` : ''}
          </Button>
        )}
        {burnt !== undefined && <span className={styles.burnt}>{burnt}</span>}
      </div>
    </li>
  );
}

function Picture({ part: { kind, value, state }, turned }: { part: LivePart; turned: number }) {
  if (kind === 'servo')
    return (
      <>
        <rect x={14} y={26} width={36} height={30} className={styles.body} />
        <g transform={`rotate(${value} 32 36)`}>
          <path d="M28 36 L30 8 Q32 4 34 8 L36 36 Z" className={styles.arm} />
          <circle cx={32} cy={36} r={6} className={styles.arm} />
        </g>
      </>
    );
  if (kind === 'motor')
    return (
      <>
        <circle cx={32} cy={32} r={26} className={styles.body} />
        <g transform={`rotate(${turned} 32 32)`}>
          {[0, 120, 240].map((angle) => (
            <path
              key={angle}
              transform={`rotate(${angle} 32 32)`}
              d="M32 32 Q22 20 30 9 Q40 16 32 32"
              className={styles.arm}
            />
          ))}
        </g>
        <circle cx={32} cy={32} r={4} className={styles.arm} />
      </>
    );
  const isLit = state === 'on' || state === 'armed' || state === 'steady';
  return (
    <>
      <rect x={8} y={14} width={48} height={36} className={styles.body} />
      <circle cx={32} cy={32} r={10} className={isLit ? styles.lit : styles.unlit} />
    </>
  );
}
