import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Unknown } from '../../core/findings/finding';
import { capital } from '../../core/words/sentences';
import { AnswerDialog } from './AnswerDialog';
import styles from './FindingsPanel.module.css';

/** Facts that are missing; each opens the place where it is answered. */
export function NotKnown({ unknowns }: { unknowns: readonly Unknown[] }) {
  const [asked, setAsked] = useState<Unknown>();
  const navigate = useNavigate();
  // Several rules may miss the same fact; it is asked for once.
  const once = [...new Map(unknowns.map((gap) => [gap.missing, gap])).values()];
  const answer = (gap: Unknown) => {
    const [subject] = gap.subjects;
    if (gap.asked === 'brief' || subject?.kind === 'function') void navigate('/brief');
    else if (subject) setAsked(gap);
    else void navigate('/loom');
  };
  return (
    <>
      {once.length > 0 && (
        <section className={styles.group} aria-label="Not known">
          <h3 className={styles.groupTitle}>Not known yet: tap one to answer it</h3>
          <ul className={styles.list}>
            {once.map((gap) => (
              <li key={gap.missing}>
                <button type="button" className={styles.question} onClick={() => answer(gap)}>
                  {capital(gap.missing)}
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      {asked && <AnswerDialog unknown={asked} onClose={() => setAsked(undefined)} />}
    </>
  );
}
