import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { focusOf } from '../../core/loom/focus';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { Ladders } from './Ladders';
import { LoomPicture } from './LoomPicture';
import { LoomTable } from './LoomTable';
import { ProposalDialog } from './ProposalDialog';
import { TraceBar } from './TraceBar';
import type { Trace } from './trace';
import styles from './LoomStation.module.css';

/** What plugs into what, on which channel, by which lead: as a picture, and as a table. */
export function Component() {
  const { findings, context } = useCheck();
  const { findingId } = usePanel();
  const [params, setParams] = useSearchParams();
  const [trace, setTrace] = useState<Trace>();
  const view = params.get('view') === 'table' ? 'table' : 'picture';
  const setView = (next: string | null) => {
    if (next === null) return;
    const changed = new URLSearchParams(params);
    if (next === 'table') changed.set('view', 'table');
    else changed.delete('view');
    setParams(changed, { replace: true });
  };
  const setPropose = (isOpen: boolean) => {
    const changed = new URLSearchParams(params);
    if (isOpen) changed.set('propose', '1');
    else changed.delete('propose');
    setParams(changed, { replace: true });
  };
  const finding = findings.find((candidate) => candidate.id === findingId);
  const focus = useMemo(() => finding && focusOf(context.index, finding.subjects), [context, finding]);
  return (
    <div className={styles.station}>
      <div className={styles.head}>
        <h1 className={styles.title}>
          Loom <span className={styles.subtitle}>· what feeds what, left to right</span>
        </h1>
        <Button onClick={() => setPropose(true)}>Wire it for me</Button>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={view}
          aria-label="Show the loom as"
          onChange={(_, next: string | null) => setView(next)}
        >
          <ToggleButton value="picture">Picture</ToggleButton>
          <ToggleButton value="table">Table</ToggleButton>
        </ToggleButtonGroup>
      </div>
      {view === 'picture' ? (
        <LoomPicture focus={focus} trace={trace} onTrace={setTrace} />
      ) : (
        <LoomTable focus={focus} onTrace={setTrace} />
      )}
      <TraceBar trace={trace} onTrace={setTrace} />
      {view === 'picture' && <Ladders />}
      {params.get('propose') !== null && <ProposalDialog onClose={() => setPropose(false)} />}
    </div>
  );
}
