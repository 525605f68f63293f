import Button from '@mui/material/Button';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { CheckResult } from '../../core/judgement/check/check-result';
import { askedFacts, mostEstimated } from '../../core/judgement/check/asked-facts';
import type { Unknown } from '../../core/judgement/findings/finding';
import { capital } from '../../core/base/words/sentences';
import { AnswerDialog } from './AnswerDialog';
import styles from './FindingsPanel.module.css';

/** Questions that are shown at once; of more, the first few. */
const mostShown = 3;

/** Facts that are missing; each opens the place where it is answered. */
export function NotKnown({ check, unknowns }: { check: CheckResult; unknowns: readonly Unknown[] }) {
  const {
    findings,
    context: { index },
  } = check;
  const [asked, setAsked] = useState<Unknown>();
  const navigate = useNavigate();
  const facts = askedFacts(index, unknowns);
  const [isOpen, setIsOpen] = useState(false);
  const shown = isOpen || facts.length <= mostShown ? facts : facts.slice(0, mostShown);
  const estimate = mostEstimated(index, findings);
  const answer = (gap: Unknown) => {
    const [subject] = gap.subjects;
    if (gap.asked === 'brief' || subject?.kind === 'function') void navigate('/brief');
    else if (gap.asked === 'berths')
      void navigate(subject?.kind === 'fitting' ? `/berths?part=${subject.id}` : '/berths?view=model');
    else if (subject) setAsked(gap);
    else void navigate('/loom');
  };
  return (
    <>
      {facts.length > 0 && (
        <section className={styles.group} aria-label="Not known">
          <h3 className={styles.groupTitle}>Not known yet: tap one to answer it</h3>
          <ul className={styles.list}>
            {shown.map(({ gap, more, verdicts }) => (
              <li key={gap.missing}>
                <button type="button" className={styles.question} onClick={() => answer(gap)}>
                  {capital(gap.missing)}
                </button>
                {more > 0 && <span className={styles.first}>and {more} more of its sheet</span>}
                {verdicts > 1 && <span className={styles.first}>settles {verdicts}</span>}
              </li>
            ))}
          </ul>
          {shown.length < facts.length && (
            <Button size="small" onClick={() => setIsOpen(true)}>
              Show all {facts.length}
            </Button>
          )}
        </section>
      )}
      {estimate && estimate.verdicts > 1 && (
        <section className={styles.group} aria-label="Worth measuring">
          <h3 className={styles.groupTitle}>Worth looking up or measuring next</h3>
          <ul className={styles.list}>
            <li>
              <button type="button" className={styles.question} onClick={() => answer(estimate.gap)}>
                {capital(estimate.gap.missing)}
              </button>
              <span className={styles.first}>{estimate.verdicts} verdicts rest on it</span>
            </li>
          </ul>
        </section>
      )}
      {asked && <AnswerDialog unknown={asked} onClose={() => setAsked(undefined)} />}
    </>
  );
}
