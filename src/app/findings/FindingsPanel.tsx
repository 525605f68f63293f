import Close from '@mui/icons-material/Close';
import { askedFacts } from '../../core/judgement/check/asked-facts';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { memo, useDeferredValue } from 'react';
import { Link } from 'react-router';
import type { CheckResult } from '../../core/judgement/check/check-result';
import { counted } from '../../core/base/words/sentences';
import { wellNames } from '../../core/judgement/findings/wells';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { AcceptedFinding } from './AcceptedFinding';
import { FindingCard } from './FindingCard';
import { NotKnown } from './NotKnown';
import { useKeptFocus } from './use-kept-focus';
import styles from './FindingsPanel.module.css';

/** The findings of one well, or of all: worst first, then what is not known, then what is accepted. */
export function FindingsPanel({ onClose }: { onClose?: () => void }) {
  // The wells follow an edit at once; a long list of findings may take the next frames.
  const check = useDeferredValue(useCheck());
  return <Findings check={check} onClose={onClose} />;
}

interface FindingsProps {
  check: CheckResult;
  onClose: (() => void) | undefined;
}

const Findings = memo(function Findings({ check, onClose }: FindingsProps) {
  const { findings, unknowns, isBegun } = check;
  const { view, findingId, showFinding, showWell } = usePanel();
  const isShown = (said: { well: string }) => view === 'all' || said.well === view;
  const here = findings.filter(isShown);
  const open = here.filter((finding) => !finding.accepted);
  const accepted = here.filter((finding) => finding.accepted);
  const missing = unknowns.filter(isShown);
  const chosen = open.find((finding) => finding.id === findingId) ?? (findingId === '' ? undefined : open[0]);
  const openEverywhere = findings.filter((finding) => !finding.accepted);
  const isAllDry = openEverywhere.every((finding) => finding.severity === 'note');
  const isDryHere = open.every((finding) => finding.severity === 'note');
  const [title, keepFocus] = useKeptFocus(openEverywhere.length);
  return (
    <div className={styles.panel} {...keepFocus}>
      <div className={styles.head}>
        <h2 ref={title} tabIndex={-1} className={styles.title}>
          {view === 'all' ? 'All findings' : `In the ${wellNames[view]} well`}
        </h2>
        {view !== 'all' && (
          <Button size="small" onClick={() => showWell('all')}>
            All wells {openEverywhere.length}
          </Button>
        )}
        {onClose && (
          <IconButton size="small" aria-label="Close findings" onClick={onClose}>
            <Close fontSize="small" />
          </IconButton>
        )}
      </div>
      {isDryHere && (
        <NothingOpen
          isSpace={view === 'space' && check.context.survey.layout.laid.length === 0}
          isBegun={isBegun}
          isAllDry={isAllDry}
          unknown={askedFacts(check.context.index, isAllDry ? unknowns : missing).length}
        />
      )}
      {open.map((each) => (
        <FindingCard
          key={each.id}
          finding={each}
          isOpen={each === chosen}
          onToggle={() => showFinding(each === chosen ? '' : each.id)}
        />
      ))}
      <NotKnown check={check} unknowns={missing} />
      {accepted.length > 0 && (
        <section className={styles.group} aria-label="Accepted">
          <h3 className={styles.groupTitle}>Accepted</h3>
          {accepted.map((each) => (
            <AcceptedFinding key={each.id} finding={each} />
          ))}
        </section>
      )}
      {isBegun && (
        <Button size="small" component={Link} to="/fit-out?find=wrong" className={styles.door}>
          Something is wrong with the model: find it
        </Button>
      )}
    </div>
  );
});

interface NothingOpenProps {
  isSpace: boolean;
  isBegun: boolean;
  isAllDry: boolean;
  /** Facts that are missing. */
  unknown: number;
}

function NothingOpen({ isSpace, isBegun, isAllDry, unknown }: NothingOpenProps) {
  if (isSpace) {
    return (
      <>
        <p className={styles.nothing}>
          Whether it all fits, reaches, stays dry and balances is not known: the parts lie nowhere yet.
        </p>
        <Button variant="contained" component={Link} to="/berths" sx={{ mt: 1.5 }}>
          Lay them out
        </Button>
      </>
    );
  }
  if (!isBegun) {
    return (
      <p className={styles.nothing}>
        No pack feeds anything yet, so there is nothing to judge. Choose parts in the Brief, then let the Loom
        wire them, or plug them in there by hand.
      </p>
    );
  }
  if (!isAllDry || unknown > 0)
    return (
      <p className={styles.nothing}>
        No problems {isAllDry ? 'so far' : 'in this well'}
        {unknown > 0 ? `; ${counted(unknown, 'detail')} missing.` : '.'}
      </p>
    );
  return (
    <>
      <p className={styles.nothing}>No problems found.</p>
      <Button variant="contained" component={Link} to="/fit-out" sx={{ mt: 1.5 }}>
        On to Fit-out
      </Button>
    </>
  );
}
