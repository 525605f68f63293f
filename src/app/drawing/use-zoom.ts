import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomBehavior } from 'd3-zoom';
import { isOnJoin } from './use-drag-join';
import { useCallback, useEffect, useRef, useState } from 'react';

/** How much larger what was looked for is shown. */
const closeUp = 1.6;

/** Pan and zoom of a picture by wheel, pinch, drag and buttons. @param atFirst how much larger it is shown at first */
export function useZoom(svg: SVGSVGElement | null, atFirst = 1) {
  const [transform, setTransform] = useState(zoomIdentity);
  const behaviour = useRef<ZoomBehavior<SVGSVGElement, unknown>>(null);
  useEffect(() => {
    if (!svg) return undefined;
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.5, 8])
      // What can be dragged onto something else is no place to pan from.
      .filter(
        (event: MouseEvent) =>
          (!event.ctrlKey || event.type === 'wheel') && !event.button && !isOnJoin(event),
      )
      .on('zoom', (event: D3ZoomEvent<SVGSVGElement, unknown>) => setTransform(event.transform));
    behaviour.current = made;
    const selection = select(svg).call(made).on('dblclick.zoom', null);
    // From its left edge, where the power comes from.
    const { x, y } = svg.viewBox.baseVal;
    if (atFirst !== 1) made.scaleTo(selection, atFirst, [x, y]);
    return () => {
      selection.on('.zoom', null);
    };
  }, [svg, atFirst]);
  const zoomBy = useCallback(
    (factor: number) => {
      if (svg && behaviour.current) behaviour.current.scaleBy(select(svg), factor);
    },
    [svg],
  );
  const fit = useCallback(() => {
    if (svg && behaviour.current) behaviour.current.transform(select(svg), zoomIdentity);
  }, [svg]);
  /** Brings a place of the picture into its middle, close enough to be read. */
  const show = useCallback(
    ({ x, y }: { x: number; y: number }) => {
      if (!svg || !behaviour.current) return;
      const selection = select(svg);
      behaviour.current.scaleTo(selection, closeUp);
      behaviour.current.translateTo(selection, x, y);
    },
    [svg],
  );
  return { transform, zoomBy, fit, show };
}

/** The pan and zoom of a picture, and what changes it. */
export type Zoom = ReturnType<typeof useZoom>;
