import Autocomplete from '@mui/material/Autocomplete';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import TextField from '@mui/material/TextField';
import { useCommands, type Command } from './use-commands';
import styles from './CommandPalette.module.css';

/** Every command of the application by a few letters of its name, with its shortcut. */
export function CommandPalette({ onClose }: { onClose: () => void }) {
  const commands = useCommands();
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
          groupBy={(command) => command.group}
          getOptionLabel={(command) => command.name}
          getOptionKey={(command) => command.id}
          onChange={(_, chosen) => {
            onClose();
            chosen?.run();
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
