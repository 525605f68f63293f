import { movedPast, movedTo } from '../../core/desk/loom/nudge';
import { useBuildStore } from '../state/build-store';
import { useLoomLayout } from './use-loom-layout';

/** Moves parts of the wiring picture up and down their columns. @param folded ids of the groups drawn as one box each */
export function useReorder(folded: readonly string[]) {
  const { layout } = useLoomLayout(folded);
  const build = useBuildStore((state) => state.build);
  const apply = useBuildStore((state) => state.apply);
  const order = build?.pictureOrder ?? [];
  const reorder = (id: string, next: string[] | undefined) => {
    const title = layout?.nodes.find((node) => node.id === id)?.title;
    if (next && title !== undefined)
      apply(`move ${title} in the picture`, [{ type: 'setPictureOrder', order: next }]);
  };
  return {
    /** Past its neighbour. */
    step: (id: string, way: 'up' | 'down') => layout && reorder(id, movedPast(layout, order, id, way)),
    /** To where it lies now, and some of the picture's own pixels further down. */
    shift: (id: string, by: number) => {
      const node = layout?.nodes.find((each) => each.id === id);
      if (layout && node) reorder(id, movedTo(layout, order, id, node.y + node.height / 2 + by));
    },
  };
}
