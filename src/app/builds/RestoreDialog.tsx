import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { ReadBackup } from '../../core/model/file/backup-file';
import { besideOthers, restorePlan, type RestoreStep } from '../../core/model/file/restore-plan';
import { useBackup } from '../state/backup-store';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { openAnother } from '../state/open-build';
import { repository } from '../state/saving';
import styles from './RestoreDialog.module.css';

const stateWords: Record<RestoreStep['state'], string> = {
  new: 'not in this browser',
  same: 'already here, the same to the letter',
  differs: 'another state of it is here',
};

interface RestoreDialogProps {
  backup: ReadBackup;
}

/** What is in a backup and what bringing it in would do, build by build, before anything is taken. */
export default function RestoreDialog({ backup }: RestoreDialogProps) {
  const close = useBackup((state) => state.close);
  const queries = useQueryClient();
  const stored = useQuery({
    queryKey: ['builds-for-restore', backup],
    queryFn: async () => {
      const records = await repository.listWithBuilds();
      return records.flatMap(({ record: { key, build }, problem }) => (problem ? [] : [{ key, build }]));
    },
  });
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
  const [replaces, setReplaces] = useState(false);
  const [withLocker, setWithLocker] = useState(true);
  if (!stored.data) return null;
  const plan = restorePlan(backup, stored.data);
  const chosen = plan.filter(({ state }, n) => state !== 'same' && !left.has(n));
  const bringIn = async () => {
    const without = replaces ? chosen.flatMap(({ others }) => others) : [];
    await repository.addAll(
      chosen.map((step) => (replaces ? step.entry.build : besideOthers(step))),
      without,
    );
    if (withLocker && backup.locker.length > 0) await useLocker.getState().saveAll(backup.locker);
    close();
    const { recordKey } = useBuildStore.getState();
    if (without.includes(recordKey)) await openAnother(recordKey);
    await queries.invalidateQueries();
  };
  const differs = plan.some(({ state }) => state === 'differs');
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="restore-title">
      <DialogTitle id="restore-title">Backup of {backup.madeAt.slice(0, 16).replace('T', ' ')}</DialogTitle>
      <DialogContent>
        <ul className={styles.list}>
          {plan.map(({ entry, state }, n) => (
            <li key={n}>
              <FormControlLabel
                disabled={state === 'same'}
                control={
                  <Checkbox
                    size="small"
                    checked={state !== 'same' && !left.has(n)}
                    onChange={(_, isOn) =>
                      setLeft((before) => {
                        const after = new Set(before);
                        if (isOn) after.delete(n);
                        else after.add(n);
                        return after;
                      })
                    }
                  />
                }
                label={entry.build.name}
              />
              <span className={styles.state}>{stateWords[state]}</span>
            </li>
          ))}
          {backup.unread.map(({ where, why }) => (
            <li key={where} className={styles.unread}>
              {where} cannot be read and is left out: {why}
            </li>
          ))}
        </ul>
        {plan.length > 0 && plan.every(({ state }) => state === 'same') && (
          <p className={styles.state}>Every build in it is in this browser already.</p>
        )}
        {differs && (
          <RadioGroup
            aria-label="Where another state is here"
            value={replaces ? 'replace' : 'beside'}
            onChange={(_, value) => setReplaces(value === 'replace')}
          >
            <FormControlLabel
              value="beside"
              control={<Radio size="small" />}
              label="Keep both: the one of the backup stands beside yours"
            />
            <FormControlLabel
              value="replace"
              control={<Radio size="small" />}
              label="Replace: yours waits among the deleted builds for a month"
            />
          </RadioGroup>
        )}
        {backup.locker.length > 0 && (
          <FormControlLabel
            control={
              <Checkbox size="small" checked={withLocker} onChange={(_, isOn) => setWithLocker(isOn)} />
            }
            label={`Its locker too: ${backup.locker.length} ${backup.locker.length === 1 ? 'part' : 'parts'}; a part of the same name in yours takes its sheet`}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={close}>Cancel</Button>
        <Button
          variant="contained"
          disabled={chosen.length === 0 && !(withLocker && backup.locker.length > 0)}
          onClick={() => void bringIn()}
        >
          {chosen.length === 0 ? 'Bring in' : `Bring in ${chosen.length}`}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
