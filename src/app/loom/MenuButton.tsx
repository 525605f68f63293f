import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { previewWords, type PatchPreview } from '../../core/judgement/check/preview';

interface MenuButtonProps {
  label: string;
  options: readonly { id: string; text: string; note?: string }[];
  onChoose: (id: string) => void;
}

/** What a choice would do, once it is worked out. */
export const noteOf = (preview: PatchPreview | undefined): { note?: string } =>
  preview ? { note: previewWords(preview) } : {};

/** A button that opens a list of choices; not there where there is nothing to choose. */
export function MenuButton({ label, options, onChoose }: MenuButtonProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  if (options.length === 0) return null;
  return (
    <>
      <Button size="small" aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {label}…
      </Button>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        slotProps={{ list: { dense: true } }}
      >
        {options.map(({ id, text, note }) => (
          <MenuItem
            key={id}
            onClick={() => {
              setAnchor(null);
              onChoose(id);
            }}
          >
            {text}
            {note && <span style={{ marginLeft: 14, color: 'var(--soft-ink)', fontSize: 12 }}>{note}</span>}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
