import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { rememberedAlone } from '../../core/base/remembered';
import { finderOf } from '../../core/base/words/finder';
import type { BuildIndex } from '../../core/model/plan/build-index';
import { kinds } from '../../core/model/kinds';
import { capital } from '../../core/base/words/sentences';
import { useCheck } from '../state/use-check';

const finderOfPieces = rememberedAlone((index: BuildIndex) =>
  finderOf(
    index.pieces().map(({ fitting, part }) => ({
      id: fitting.id,
      name: fitting.name,
      also: `${part.name} ${kinds[part.kind].words.one}`,
    })),
  ),
);

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
      filterOptions={(all, { inputValue }) => {
        if (inputValue.trim() === '') return all;
        const ids = finderOfPieces(context.index)(inputValue);
        return ids.flatMap((id) => all.find(({ fitting }) => fitting.id === id) ?? []);
      }}
      clearOnBlur
      getOptionLabel={({ fitting }) => capital(fitting.name)}
      getOptionKey={({ fitting }) => fitting.id}
      onChange={(_, chosen) => chosen && onFind(chosen.fitting.id)}
      renderInput={(params) => <TextField {...params} label="Find a part" />}
    />
  );
}
