import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import type { Finding } from '../../core/judgement/findings/finding';
import { Explained } from '../help/Explained';
import { AcceptDialog } from './AcceptDialog';
import { FindingNumbers } from './FindingNumbers';
import { OpenFigure } from './OpenFigure';
import { PutRight } from './PutRight';
import { Working } from './Working';
import styles from './FindingCard.module.css';

interface FindingCardProps {
  finding: Finding;
  isOpen: boolean;
  onToggle: () => void;
}

/** One finding: the two numbers, the sentence, and when open why it matters and how to put it right. */
export function FindingCard({ finding, isOpen, onToggle }: FindingCardProps) {
  const [isAccepting, setAccepting] = useState(false);
  const [showsWorking, setShowsWorking] = useState(false);
  const card = useRef<HTMLElement>(null);
  useEffect(() => {
    if (isOpen) card.current?.scrollIntoView({ block: 'nearest' });
  }, [isOpen]);
  return (
    <article ref={card} className={styles.card} data-open={isOpen}>
      <FindingNumbers finding={finding} />
      <h3 className={styles.text}>
        <button type="button" className={styles.toggle} aria-expanded={isOpen} onClick={onToggle}>
          {finding.text}
        </button>
      </h3>
      {isOpen && (
        <>
          <p className={styles.why}>
            <Explained text={finding.why} />
          </p>
          {finding.open?.settles && <OpenFigure settling={finding.open.settles} />}
          {finding.provenance === 'estimated' && !finding.open && (
            <p className={styles.estimate}>This verdict rests on an estimate.</p>
          )}
          <PutRight finding={finding} />
          <div className={styles.links}>
            <Button size="small" aria-expanded={showsWorking} onClick={() => setShowsWorking(!showsWorking)}>
              How worked out
            </Button>
            <Button size="small" onClick={() => setAccepting(true)}>
              {finding.severity === 'stop' ? 'Accept with a reason' : 'Accept'}
            </Button>
          </div>
          {showsWorking && <Working finding={finding} />}
          {isAccepting && <AcceptDialog finding={finding} onClose={() => setAccepting(false)} />}
        </>
      )}
    </article>
  );
}
