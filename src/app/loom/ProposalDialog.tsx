import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import { withPlaces } from '../../core/judgement/put-right/with-places';
import { useState } from 'react';
import { wells, wellNames } from '../../core/judgement/findings/wells';
import type { ProposedWiring } from '../../workers/check-jobs';
import { counted } from '../../core/base/words/sentences';
import { applyAndSay } from '../state/done-store';
import { useCheck } from '../state/use-check';
import { useProposal } from '../state/use-offers';
import { wellWords } from '../hull/well-words';
import styles from './ProposalDialog.module.css';

/** A complete wiring, step by step; each step can be refused, and what rests on it goes with it. */
export function ProposalDialog({ onClose }: { onClose: () => void }) {
  const [refused, setRefused] = useState<ReadonlySet<string>>(new Set());
  const { data: plan, error, refetch } = useProposal(refused);
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="proposal-title">
      <DialogTitle id="proposal-title">Wire it for me</DialogTitle>
      {plan ? (
        <Steps plan={plan} refused={refused} onRefuse={setRefused} onClose={onClose} />
      ) : (
        <>
          <DialogContent>
            {error ? (
              <p role="alert">No wiring could be worked out: {error.message}. Nothing was changed.</p>
            ) : (
              <p role="status">Working out the wiring…</p>
            )}
          </DialogContent>
          <DialogActions>
            {error && <Button onClick={() => void refetch()}>Try again</Button>}
            <Button onClick={onClose}>Cancel</Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}

interface StepsProps {
  plan: ProposedWiring;
  refused: ReadonlySet<string>;
  onRefuse: (refused: ReadonlySet<string>) => void;
  onClose: () => void;
}

function Steps({ plan, refused, onRefuse, onClose }: StepsProps) {
  const { context } = useCheck();
  const taken = plan.proposals.filter((proposal) => !proposal.isRefused);
  const toggle = (id: string) => {
    const next = new Set(refused);
    if (!next.delete(id)) next.add(id);
    onRefuse(next);
  };
  const take = () => {
    const isTaken = applyAndSay(
      'wire it for me',
      withPlaces(context, { id: 'wire', label: '', edits: taken.flatMap((proposal) => proposal.edits) })
        .edits,
      `Wired: ${counted(taken.length, 'step')}`,
    );
    if (isTaken) onClose();
  };
  return (
    <>
      <DialogContent>
        {plan.proposals.length === 0 && <p>Everything that can be wired is wired.</p>}
        <ul className={styles.list}>
          {plan.proposals.map((proposal) => (
            <li key={proposal.id}>
              <FormControlLabel
                control={
                  <Checkbox size="small" checked={!proposal.isRefused} onChange={() => toggle(proposal.id)} />
                }
                label={proposal.label}
              />
            </li>
          ))}
        </ul>
        {plan.unsolved.length > 0 && (
          <>
            <h3 className={styles.title}>Left for you</h3>
            <ul className={styles.unsolved}>
              {plan.unsolved.map((text) => (
                <li key={text}>{text}</li>
              ))}
            </ul>
          </>
        )}
        <p className={styles.then}>
          Then:{' '}
          {wells.map((well) => `${wellNames[well]} ${wellWords(well, plan.wells[well]).state}`).join('; ')}
        </p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button variant="contained" disabled={taken.length === 0} onClick={take}>
          Do {taken.length === 1 ? 'this step' : `these ${taken.length} steps`}
        </Button>
      </DialogActions>
    </>
  );
}
