import ArrowDownward from '@mui/icons-material/ArrowDownward';
import ArrowUpward from '@mui/icons-material/ArrowUpward';
import Button from '@mui/material/Button';
import { useReorder } from './use-reorder';

/** Moves the part that is followed up or down in the picture, for a finger or a key in the place of a drag. */
export function MoveTools({ id, folded }: { id: string; folded: readonly string[] }) {
  const { step } = useReorder(folded);
  return (
    <>
      <Button size="small" startIcon={<ArrowUpward />} onClick={() => step(id, 'up')}>
        Move it up
      </Button>
      <Button size="small" startIcon={<ArrowDownward />} onClick={() => step(id, 'down')}>
        Move it down
      </Button>
    </>
  );
}
