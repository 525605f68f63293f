import Autocomplete from '@mui/material/Autocomplete';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import { useMemo } from 'react';
import { finderOf } from '../../core/base/words/finder';
import { useRecent } from './recent-store';
import type { Command } from './command';
import { useCommands } from './use-commands';
import styles from './CommandPalette.module.css';

/** More than a person reads: whoever sees so many types another letter. */
const mostShown = 40;

/** Those of one group stand together, the group with the best first; what is only explained comes last. */
function grouped(commands: readonly Command[]): Command[] {
  const met = new Set(commands.map(({ group }) => group));
  const groups = [...[...met].filter((group) => group !== 'Words'), 'Words'];
  return groups.flatMap((group) => commands.filter((command) => command.group === group));
}

/**
 * Everything there is by a few letters of its name: commands with their shortcuts, places, parts, leads, findings,
 * steps, builds and words.
 */
export default function CommandPalette({ onClose }: { onClose: () => void }) {
  const commands = useCommands();
  const { ids: recent, add: remember } = useRecent();
  const byId = useMemo(() => new Map(commands.map((command) => [command.id, command])), [commands]);
  const find = useMemo(() => finderOf(commands), [commands]);
  const shown = (typed: string): Command[] => {
    const found = (ids: readonly string[]) => ids.flatMap((id) => byId.get(id) ?? []);
    if (typed.trim() !== '') return grouped(found(find(typed).slice(0, mostShown)));
    return [
      ...found(recent).map((command) => ({ ...command, group: 'Recent' })),
      ...commands.filter(({ id, isHidden }) => !isHidden && !recent.includes(id)),
    ];
  };
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      slotProps={{ paper: { 'aria-label': 'Commands' } }}
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start' } }}
    >
      <DialogContent>
        <Autocomplete<Command>
          open
          autoHighlight
          disablePortal
          options={commands}
          filterOptions={(_, { inputValue }) => shown(inputValue)}
          noOptionsText="Nothing is called so. Try another word."
          onClose={(_, reason) => reason === 'escape' && onClose()}
          groupBy={(command) => command.group}
          getOptionLabel={(command) => command.name}
          getOptionKey={(command) => command.id}
          onChange={(_, chosen) => {
            onClose();
            if (!chosen) return;
            remember(chosen.id);
            chosen.run();
          }}
          renderGroup={({ key, group, children }) => (
            <li key={key} role="presentation">
              <div className={styles.group} role="presentation">
                {group}
              </div>
              <ul role="group" aria-label={group} className={styles.options}>
                {children}
              </ul>
            </li>
          )}
          renderOption={({ key, ...props }, command) => (
            <li key={key} {...props}>
              <span className={styles.name}>{command.name}</span>
              {command.keys && <kbd className={styles.keys}>{command.keys}</kbd>}
            </li>
          )}
          renderInput={(params) => (
            // eslint-disable-next-line jsx-a11y/no-autofocus -- whoever opens it goes on to type
            <TextField {...params} autoFocus label="What do you want to do?" />
          )}
          slotProps={{ listbox: { sx: { maxHeight: '52vh' } } }}
          sx={{ minHeight: '60vh' }}
        />
      </DialogContent>
    </Dialog>
  );
}
