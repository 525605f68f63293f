import Button from '@mui/material/Button';
import { fileNameOf } from '../../core/words/file-name';
import { SavePicture } from '../drawing/SavePicture';
import type { Zoom } from '../drawing/use-zoom';
import { useBuild } from '../state/build-store';
import { FindPart } from './FindPart';
import type { Trace } from './trace';
import { useLoomLayout } from './use-loom-layout';

interface PictureToolsProps {
  svg: SVGSVGElement | null;
  zoom: Zoom;
  hasLoads: boolean;
  onLoads: (isOn: boolean) => void;
  isFolded: boolean;
  onFold: (isOn: boolean) => void;
  onTrace: (trace: Trace) => void;
}

/** What can be asked of the wiring picture: where a part is, what the leads carry, and the picture as a file. */
export function PictureTools({ svg, zoom, hasLoads, onLoads, isFolded, onFold, onTrace }: PictureToolsProps) {
  const { name } = useBuild();
  const { layout } = useLoomLayout(isFolded);
  const find = (id: string) => {
    const found = layout?.nodes.find((node) => node.id === id);
    // What is folded away is unfolded first: the whole picture shows it lit.
    if (!found) onFold(false);
    else zoom.show({ x: found.x + found.width / 2, y: found.y + found.height / 2 });
    onTrace({ kind: 'part', id });
  };
  return (
    <>
      <FindPart onFind={find} />
      <Button size="small" aria-pressed={hasLoads} onClick={() => onLoads(!hasLoads)}>
        {hasLoads ? 'Hide amps' : 'Volts and amps'}
      </Button>
      <Button size="small" aria-pressed={isFolded} onClick={() => onFold(!isFolded)}>
        {isFolded ? 'Unfold' : 'Fold'}
      </Button>
      <SavePicture svg={svg} name={`${fileNameOf(name)}-wiring`} />
    </>
  );
}
