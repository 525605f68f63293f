import { MenuButton } from '../loom/MenuButton';
import { pictureForms, savePicture, type PictureForm } from './save-picture';

/** Saves a picture as it is drawn, under a name. */
export function SavePicture({ svg, name }: { svg: SVGSVGElement | null; name: string }) {
  return (
    <MenuButton
      label="Save picture"
      options={pictureForms}
      onChoose={(form) => {
        if (svg) void savePicture(svg, name, form as PictureForm);
      }}
    />
  );
}
