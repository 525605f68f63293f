import Checkbox from '@mui/material/Checkbox';
import ListItemText from '@mui/material/ListItemText';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useCheck } from '../state/use-check';

interface KeptRolesProps {
  kept: ReadonlySet<string>;
  onChange: (kept: ReadonlySet<string>) => void;
}

/** Parts of the build that stay as they are whatever is chosen around them. */
export function KeptRoles({ kept, onChange }: KeptRolesProps) {
  const { context } = useCheck();
  const fittings = context.index.pieces().filter(({ kind }) => kind !== 'cable');
  if (fittings.length === 0) return null;
  return (
    <TextField
      select
      size="small"
      label="Keep as it is"
      value={[...kept]}
      sx={{ minWidth: 190, maxWidth: 320 }}
      slotProps={{
        select: {
          multiple: true,
          displayEmpty: true,
          renderValue: (chosen) =>
            (chosen as string[]).length === 0
              ? 'nothing: all may change'
              : (chosen as string[]).map((id) => context.index.get(id).fitting.name).join(', '),
        },
        inputLabel: { shrink: true },
      }}
      onChange={({ target }) => onChange(new Set(target.value))}
    >
      {fittings.map(({ fitting, part }) => (
        <MenuItem key={fitting.id} value={fitting.id} dense>
          <Checkbox size="small" checked={kept.has(fitting.id)} />
          <ListItemText primary={fitting.name} secondary={part.name} />
        </MenuItem>
      ))}
    </TextField>
  );
}
