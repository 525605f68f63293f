import SaveAltOutlined from '@mui/icons-material/SaveAltOutlined';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { fileNameOf } from '../../core/base/words/file-name';
import { useBuild } from '../state/shown-build';
import { pictureForms, savePicture, type PictureForm } from './save-picture';

/** In the caption of a figure: saves the picture that stands in it, with the caption over it. */
export function SaveFigure({ name }: { name: string }) {
  const { name: build } = useBuild();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const save = (form: PictureForm) => {
    setAnchor(null);
    const pictures = anchor?.closest('figure')?.querySelectorAll('svg') ?? [];
    // The button's own sign is a picture too.
    const picture = [...pictures].find((svg) => svg.closest('figcaption, button') === null);
    if (picture) void savePicture(picture, `${fileNameOf(build)}-${fileNameOf(name)}`, form);
  };
  return (
    <>
      <IconButton
        size="small"
        sx={{ position: 'absolute', top: -4, right: 0, fontSize: 15 }}
        aria-label={`Save the picture: ${name}`}
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        <SaveAltOutlined fontSize="inherit" />
      </IconButton>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => setAnchor(null)}
        slotProps={{ list: { dense: true } }}
      >
        {pictureForms.map(({ id, text }) => (
          <MenuItem key={id} onClick={() => save(id)}>
            {text}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
