import Button from '@mui/material/Button';
import { fileNameOf } from '../../core/base/words/file-name';
import { SavePicture } from '../drawing/SavePicture';
import type { Zoom } from '../drawing/use-zoom';
import { useBuild } from '../state/shown-build';
import { FindPart } from './FindPart';
import { MenuButton } from './MenuButton';
import type { Trace } from './trace';
import { useLoomLayout } from './use-loom-layout';

interface PictureToolsProps {
  svg: SVGSVGElement | null;
  zoom: Zoom;
  hasLoads: boolean;
  onLoads: (isOn: boolean) => void;
  /** Ids of the groups that are drawn as one box each. */
  folded: readonly string[];
  onFold: (folded: readonly string[]) => void;
  onTrace: (trace: Trace) => void;
}

/** The choice that unfolds whatever is folded. */
const all = 'all';

/** What can be asked of the wiring picture: where a part is, what the leads carry, and the picture as a file. */
export function PictureTools({ svg, zoom, hasLoads, onLoads, folded, onFold, onTrace }: PictureToolsProps) {
  const { name } = useBuild();
  const { layout, groups } = useLoomLayout(folded);
  const find = (id: string) => {
    const found = layout?.nodes.find((node) => node.id === id);
    // What is folded away is unfolded first: the whole picture shows it lit.
    if (!found) onFold([]);
    else zoom.show({ x: found.x + found.width / 2, y: found.y + found.height / 2 });
    onTrace({ kind: 'part', id });
  };
  return (
    <>
      <FindPart onFind={find} />
      <Button size="small" aria-pressed={hasLoads} onClick={() => onLoads(!hasLoads)}>
        {hasLoads ? 'Hide amps' : 'Volts and amps'}
      </Button>
      <MenuButton
        label="Fold"
        options={[
          ...groups.map(({ id, name, parts }) => ({
            id,
            text: `${folded.includes(id) ? 'Unfold' : 'Fold'}: ${name}`,
            note: `${parts.length} parts`,
          })),
          ...(folded.length > 0 ? [{ id: all, text: 'Unfold all' }] : []),
        ]}
        onChoose={(id) =>
          onFold(
            id === all ? [] : folded.includes(id) ? folded.filter((each) => each !== id) : [...folded, id],
          )
        }
      />
      <SavePicture svg={svg} name={`${fileNameOf(name)}-wiring`} />
    </>
  );
}
