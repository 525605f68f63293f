import Autocomplete from '@mui/material/Autocomplete';
import ListItemText from '@mui/material/ListItemText';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { rememberedAlone } from '../../core/base/remembered';
import { finderOf } from '../../core/base/words/finder';

/** Options that a list shows before it is one to be searched. */
const mostListed = 12;

/** Options that are shown of those found. */
const mostShown = 150;

interface Choice {
  value: string;
  text: string;
  note?: string;
}

interface ChainSelectProps {
  label: string;
  value: string;
  options: readonly Choice[];
  /** Shown while nothing is chosen. */
  empty?: string;
  /** Whether the words shown stand for something chosen. */
  isSet?: boolean;
  onChoose: (value: string) => void;
}

/** A choice in a row: as quiet as text until it is used; a long list is searched by a few letters. */
export function ChainSelect(props: ChainSelectProps) {
  return props.options.length > mostListed ? <SearchedSelect {...props} /> : <ListedSelect {...props} />;
}

const words = ({ text, note }: Choice) => (note ? <ListItemText primary={text} secondary={note} /> : text);

const emptyColour = (isSet: boolean) => (isSet ? 'var(--ink)' : 'var(--brass)');

function ListedSelect({ label, value, options, empty = '', isSet = false, onChoose }: ChainSelectProps) {
  return (
    <Select
      variant="standard"
      displayEmpty
      fullWidth
      value={options.some((option) => option.value === value) ? value : ''}
      inputProps={{ 'aria-label': label }}
      renderValue={(shown) =>
        shown === '' ? (
          <span style={{ color: emptyColour(isSet) }}>{empty}</span>
        ) : (
          options.find((option) => option.value === shown)?.text
        )
      }
      sx={{ fontSize: 13, minWidth: 0 }}
      onChange={({ target }) => onChoose(target.value)}
    >
      {options.map((option) => (
        <MenuItem key={option.value} value={option.value} dense>
          {words(option)}
        </MenuItem>
      ))}
    </Select>
  );
}

const finderOfChoices = rememberedAlone((options: readonly Choice[]) =>
  finderOf(options.map(({ value: id, text: name, note: also = '' }) => ({ id, name, also }))),
);

function SearchedSelect({ label, value, options, empty = '', isSet = false, onChoose }: ChainSelectProps) {
  const chosen = options.find((option) => option.value === value) ?? null;
  const found = (asked: string): readonly Choice[] => {
    if (asked.trim() === '') return options.slice(0, mostShown);
    const ids = finderOfChoices(options)(asked).slice(0, mostShown);
    return ids.map((id) => options.find((option) => option.value === id)!);
  };
  // Where a choice is not kept here, nothing of it stays in the field.
  const [typed, setTyped] = useState<string>();
  return (
    <Autocomplete
      fullWidth
      options={options}
      value={chosen}
      inputValue={typed ?? chosen?.text ?? ''}
      blurOnSelect
      clearOnBlur
      handleHomeEndKeys
      forcePopupIcon
      disableClearable={chosen !== null}
      filterOptions={(_, { inputValue }) => [...found(inputValue)]}
      getOptionLabel={({ text }) => text}
      getOptionKey={(option) => option.value}
      isOptionEqualToValue={(option, other) => option.value === other.value}
      noOptionsText="Nothing of that name here"
      onInputChange={(_, text, reason) => setTyped(reason === 'input' ? text : undefined)}
      onChange={(_, option) => option && onChoose(option.value)}
      slotProps={{ popper: { sx: { minWidth: 320 }, placement: 'bottom-start' } }}
      renderOption={({ key, ...item }, option) => (
        <li key={key} {...item}>
          {words(option)}
        </li>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          variant="standard"
          placeholder={empty}
          sx={{
            '& input': { fontSize: 13, textOverflow: 'ellipsis' },
            '& input::placeholder': { color: emptyColour(isSet), opacity: 1 },
          }}
          slotProps={{
            ...params.slotProps,
            htmlInput: { ...params.slotProps.htmlInput, 'aria-label': label },
          }}
        />
      )}
    />
  );
}
