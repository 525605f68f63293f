import { useQueries } from '@tanstack/react-query';
import { pushes, type GiveWay, type Push } from '../../core/desk/trial/first-to-give';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { liveWorker } from '../../workers/trial-crew';
import { useBuild } from '../state/shown-build';
import { revisionOf } from '../state/revision';
import styles from './Side.module.css';

const titles: Record<Push, string> = {
  load: 'With more load on the drives',
  charge: 'As the pack runs down',
  cells: 'With more cells',
};

/** Pushes one thing at a time until something gives, and says what and where. */
export function GivesFirst({ task }: { task: TrialTask }) {
  const build = useBuild();
  const answers = useQueries({
    queries: pushes.map((push) => ({
      queryKey: ['gives', revisionOf(build), task, push],
      queryFn: () => liveWorker().do((jobs) => jobs.gives(build, task, push)),
    })),
  });
  return (
    <>
      {pushes.map((push, n) => {
        const answer = answers[n]?.data;
        return (
          <section key={push} className={styles.give}>
            <h2 className={styles.title}>{titles[push]}</h2>
            {answer ? (
              <>
                <p className="figure">{numberWords(answer)}</p>
                <p>{answer.words}</p>
              </>
            ) : (
              <p className={styles.note}>{answers[n]?.error?.message ?? 'Being worked out…'}</p>
            )}
          </section>
        );
      })}
    </>
  );
}

function numberWords({ push, today, at, tried }: GiveWay): string {
  const words = {
    load: (value: number) => `${value.toFixed(1)} × the usual load`,
    charge: (value: number) => `${(100 * value).toFixed(0)} % charge`,
    cells: (value: number) => `${value} cells`,
  }[push];
  if (at === undefined) return `${words(today)} today; tried to ${words(tried)}`;
  if (at === today) return `gives already today, at ${words(today)}`;
  return `${words(today)} today; gives at ${words(at)}`;
}
