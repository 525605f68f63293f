import { packLives } from '../../core/bench/log/pack-life';
import { useCheck } from '../state/use-check';
import { PackPicture } from './PackPicture';
import styles from './LogStation.module.css';

/** What the packs have gone through, and those that sag more than they did. */
export function Packs() {
  const { context } = useCheck();
  const lives = packLives(context);
  if (lives.length === 0) return null;
  return (
    <section className={styles.section} aria-label="Packs">
      <h2 className={styles.sectionTitle}>Packs</h2>
      {lives.map((life) => (
        <div key={life.pack} className={styles.pack}>
          <p>
            <strong>{life.name}</strong>{' '}
            <span className="figure">
              {life.cycles.toFixed(1)} full charges, {life.ampereHours.toFixed(1)} Ah put back
            </span>
          </p>
          {life.warnings.map((words) => (
            <p key={words} className={styles.warning}>
              {words}
            </p>
          ))}
          <PackPicture life={life} />
        </div>
      ))}
    </section>
  );
}
