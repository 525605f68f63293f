import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import type { Build } from '../../core/model/plan/build';
import { useBuildStore } from '../state/build-store';
import { repository } from '../state/saving';

/** The builds an outing can be compared with: this one before its last change, and those stored here. */
export function useVariants(): { id: string; name: string; build: Build }[] {
  const recordKey = useBuildStore((state) => state.recordKey);
  const past = useStore(useBuildStore.temporal, (state) => state.pastStates);
  const stored = useQuery({
    queryKey: ['variants', recordKey],
    queryFn: () => repository.listWithBuilds(),
    staleTime: 5_000,
  });
  return useMemo(() => {
    const before = past.at(-1)?.build;
    return [
      ...(before ? [{ id: 'before', name: 'before the last change', build: before }] : []),
      ...(stored.data ?? [])
        .filter(({ record, problem }) => !problem && record.key !== recordKey)
        .map(({ record }) => ({ id: record.key, name: record.name, build: record.build })),
    ];
  }, [past, stored.data, recordKey]);
}

interface CompareWithProps {
  variants: readonly { id: string; name: string }[];
  chosen: string;
  onChoose: (id: string) => void;
  label?: string;
}

export function CompareWith({ variants, chosen, onChoose, label = 'Compare with' }: CompareWithProps) {
  return (
    <TextField
      select
      size="small"
      label={label}
      value={variants.some((variant) => variant.id === chosen) ? chosen : ''}
      sx={{ width: 168 }}
      onChange={({ target }) => onChoose(target.value)}
    >
      <MenuItem value="">nothing</MenuItem>
      {variants.map((variant) => (
        <MenuItem key={variant.id} value={variant.id}>
          {variant.name}
        </MenuItem>
      ))}
    </TextField>
  );
}
