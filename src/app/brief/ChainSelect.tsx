import ListItemText from '@mui/material/ListItemText';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';

/** Options that a list shows before it is too long to look through. */
const mostShown = 150;

interface ChainSelectProps {
  label: string;
  value: string;
  options: readonly { value: string; text: string; note?: string }[];
  /** Shown while nothing is chosen. */
  empty?: string;
  /** Whether the words shown stand for something chosen. */
  isSet?: boolean;
  onChoose: (value: string) => void;
}

/** A choice in a row: as quiet as text until it is used. */
export function ChainSelect({
  label,
  value,
  options,
  empty = '',
  isSet = false,
  onChoose,
}: ChainSelectProps) {
  // What is chosen stays among those shown, however far back it stands.
  const shownOptions =
    options.length <= mostShown
      ? options
      : options.filter((option, n) => n < mostShown || option.value === value);
  const known = options.some((option) => option.value === value) ? value : '';
  return (
    <Select
      variant="standard"
      displayEmpty
      fullWidth
      value={known}
      inputProps={{ 'aria-label': label }}
      renderValue={(shown) =>
        shown === '' ? (
          <span style={{ color: isSet ? 'var(--ink)' : 'var(--brass)' }}>{empty}</span>
        ) : (
          options.find((option) => option.value === shown)?.text
        )
      }
      sx={{ fontSize: 13, minWidth: 0 }}
      onChange={({ target }) => onChoose(target.value)}
    >
      {shownOptions.map((option) => (
        <MenuItem key={option.value} value={option.value} dense>
          {option.note ? <ListItemText primary={option.text} secondary={option.note} /> : option.text}
        </MenuItem>
      ))}
      {shownOptions.length < options.length && (
        <MenuItem disabled dense>
          and {options.length - shownOptions.length} more: search for those in the Locker
        </MenuItem>
      )}
    </Select>
  );
}
