import { wells, wellNames } from '../../core/judgement/findings/wells';
import type { Build } from '../../core/model/plan/build';
import { waterShare } from '../hull/hull-shape';
import { checkOf } from '../state/use-check';
import styles from './MiniHull.module.css';

const width = 150;
const height = 26;

/** The five wells of a build in small: a level each, and the same in words for who cannot see it. */
export function MiniHull({ build }: { build: Build }) {
  const { wells: reports } = checkOf(build);
  const words = wells.map((well) => `${wellNames[well]} ${reports[well].state}`).join(', ');
  return (
    <svg className={styles.mini} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={words}>
      {wells.map((well, n) => {
        const { state, stop } = reports[well];
        const level = waterShare(state, stop) * (height - 2);
        return (
          <g key={well} data-state={state}>
            <rect x={n * 30 + 1} y={1} width={27} height={height - 2} className={styles.well} />
            <rect x={n * 30 + 1} y={height - 1 - level} width={27} height={level} className={styles.water} />
            <text x={n * 30 + 14} y={17} className={styles.word}>
              {state === 'hatched' ? '?' : state === 'dry' ? '✓' : stop > 0 ? stop : '~'}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
