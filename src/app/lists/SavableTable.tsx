import Button from '@mui/material/Button';
import { unparse } from 'papaparse';
import { useRef, type ReactNode } from 'react';
import { fileNameOf } from '../../core/base/words/file-name';
import { downloadText } from '../shell/build-files';
import { useBuild } from '../state/shown-build';

/** A table with a button below it that saves it as CSV, as it stands on the screen. */
export function SavableTable({ name, children }: { name: string; children: ReactNode }) {
  const { name: build } = useBuild();
  const frame = useRef<HTMLDivElement>(null);
  const save = () => {
    const rows = [...(frame.current?.querySelectorAll('tr') ?? [])].map((row) =>
      [...row.cells].map(cellText),
    );
    downloadText(
      `${fileNameOf(build)}-${fileNameOf(name)}.csv`,
      unparse(rows, { escapeFormulae: true }),
      'text/csv',
    );
  };
  return (
    <div ref={frame}>
      {children}
      <Button size="small" onClick={save}>
        Save as CSV
      </Button>
    </div>
  );
}

/** What a cell says: what stands in its field with its unit, what is chosen in it, or its words without its buttons'. */
function cellText(cell: HTMLTableCellElement): string {
  const field = cell.querySelector('input');
  if (field?.type === 'checkbox') return field.checked ? 'yes' : '';
  if (field?.ariaHidden === 'true') return field.value;
  const copy = cell.cloneNode(true) as HTMLTableCellElement;
  for (const button of copy.querySelectorAll('button:not([data-inline]), [aria-hidden=true]'))
    button.remove();
  const words = copy.textContent.replaceAll(/\s+/g, ' ').trim();
  return [field?.value, words].filter(Boolean).join(' ');
}
