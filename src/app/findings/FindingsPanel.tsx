import Close from '@mui/icons-material/Close';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { Link } from 'react-router';
import { wellNames } from '../../core/check/wells';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { AcceptedFinding } from './AcceptedFinding';
import { FindingCard } from './FindingCard';
import styles from './FindingsPanel.module.css';

/** The findings of one well, or of all: worst first, then what is not known, then what is accepted. */
export function FindingsPanel({ onClose }: { onClose?: () => void }) {
  const { findings, unknowns } = useCheck();
  const { view, findingId, showFinding, showWell } = usePanel();
  const isShown = (one: { well: string }) => view === 'all' || one.well === view;
  const here = findings.filter(isShown);
  const open = here.filter((one) => !one.accepted);
  const accepted = here.filter((one) => one.accepted);
  // Several rules may miss the same fact; it is asked for once.
  const missing = [...new Set(unknowns.filter(isShown).map((one) => one.missing))];
  const chosen = open.find((one) => one.id === findingId) ?? (findingId === '' ? undefined : open[0]);
  const openEverywhere = findings.filter((one) => !one.accepted);
  const isAllDry = openEverywhere.every((one) => one.severity === 'note');
  const isDryHere = open.every((one) => one.severity === 'note');
  return (
    <div className={styles.panel}>
      <div className={styles.head}>
        <h2 className={styles.title}>{view === 'all' ? 'In all wells' : `In the ${wellNames[view]} well`}</h2>
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
      {isDryHere && <NothingOpen isSpace={view === 'space'} isAllDry={isAllDry} />}
      {open.map((one) => (
        <FindingCard
          key={one.id}
          finding={one}
          isOpen={one === chosen}
          onToggle={() => showFinding(one === chosen ? '' : one.id)}
        />
      ))}
      {missing.length > 0 && (
        <section className={styles.group} aria-label="Not known">
          <h3 className={styles.groupTitle}>Not known yet</h3>
          <ul className={styles.list}>
            {missing.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </section>
      )}
      {accepted.length > 0 && (
        <section className={styles.group} aria-label="Accepted">
          <h3 className={styles.groupTitle}>Accepted, still true</h3>
          {accepted.map((one) => (
            <AcceptedFinding key={one.id} finding={one} />
          ))}
        </section>
      )}
    </div>
  );
}

function NothingOpen({ isSpace, isAllDry }: { isSpace: boolean; isAllDry: boolean }) {
  if (isSpace) {
    return (
      <p className={styles.nothing}>
        Whether it all fits, reaches and stays above the water has not been surveyed. Until then, lay the
        parts out with the lid on before you fix anything.
      </p>
    );
  }
  if (!isAllDry) return <p className={styles.nothing}>Nothing open in this well.</p>;
  return (
    <>
      <p className={styles.nothing}>Nothing leaks that can be known from parts and wires.</p>
      <Button variant="contained" component={Link} to="/fit-out" sx={{ mt: 1.5 }}>
        On to Fit-out
      </Button>
    </>
  );
}
