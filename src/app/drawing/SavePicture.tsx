import { downloadBlob, downloadText } from '../shell/build-files';
import { MenuButton } from '../loom/MenuButton';
import { pngOf, svgText } from './save-picture';

const forms = [
  { id: 'svg', text: 'SVG, sharp at any size' },
  { id: 'png', text: 'PNG, for a message or a document' },
];

/** Saves a picture as it is drawn, under a name. */
export function SavePicture({ svg, name }: { svg: SVGSVGElement | null; name: string }) {
  const save = async (form: string) => {
    if (!svg) return;
    if (form === 'svg') downloadText(`${name}.svg`, svgText(svg), 'image/svg+xml');
    else downloadBlob(`${name}.png`, await pngOf(svg));
  };
  return <MenuButton label="Save picture" options={forms} onChoose={(form) => void save(form)} />;
}
