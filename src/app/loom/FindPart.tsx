import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { capital } from '../../core/base/words/sentences';
import { useCheck } from '../state/use-check';

/** Shows where a part is by a few letters of its name. */
export function FindPart({ onFind }: { onFind: (fittingId: string) => void }) {
  const { context } = useCheck();
  const parts = context.index.pieces().filter(({ part }) => part.ports.length > 0);
  return (
    <Autocomplete
      size="small"
      sx={{ width: 170 }}
      options={parts}
      value={null}
      blurOnSelect
      clearOnBlur
      getOptionLabel={({ fitting }) => capital(fitting.name)}
      getOptionKey={({ fitting }) => fitting.id}
      onChange={(_, chosen) => chosen && onFind(chosen.fitting.id)}
      renderInput={(params) => <TextField {...params} label="Find a part" />}
    />
  );
}
