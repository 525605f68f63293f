import { drag, type D3DragEvent } from 'd3-drag';
import { scaleLinear } from 'd3-scale';
import { select } from 'd3-selection';
import { useEffect, useMemo, useRef, useState } from 'react';
import { antennaEnd } from '../../core/reading/berths/antenna';
import { misfits } from '../../core/reading/berths/fit';
import { labelSpots, type Rect } from '../../core/reading/berths/label-spots';
import type { Laid, Layout } from '../../core/reading/berths/layout';
import { outlineOf } from '../../core/reading/berths/outline';
import { toMillimetre } from '../../core/reading/berths/inside-sizes';
import { snappedPlace } from '../../core/reading/berths/snap';
import type { Placement } from '../../core/model/fitting/placement';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { useWidth } from '../loom/use-width';
import { useSettings } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { PlanView } from './PlanView';
import { RoomGrips } from './RoomGrips';
import { SideView } from './SideView';
import { pictureScale } from './picture-scale';
import { shortTags } from './short-tags';
import type { Draft } from './use-draft';
import { snapPixels, useDragRooms, type RoomDraft } from './use-drag-rooms';
import { usePartKeys } from './use-part-keys';
import styles from './BerthsPicture.module.css';

interface BerthsPictureProps {
  layout: Layout;
  chosen: string | undefined;
  draft: Draft | undefined;
  onChoose: (fitting: string | undefined) => void;
  onDraft: (draft: Draft | undefined) => void;
  onPut: (fitting: string, place: Placement) => void;
  onSvg: (svg: SVGSVGElement | null) => void;
  /** Where rooms are worked on and not parts: whether one is drawn, and what is done with it. */
  rooms?: { isDrawing: boolean; onDrawn: (draft: RoomDraft) => void };
}

/** The model from above and from the side, to one scale; parts are dragged, or moved with the arrow keys. */
export function BerthsPicture(props: BerthsPictureProps) {
  const { layout, chosen, onChoose, onSvg, rooms } = props;
  const [frame, width] = useWidth();
  const { findings, context } = useCheck();
  const { findingId } = usePanel();
  const units = useSettings((state) => state.units);
  const unit = units.length;
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const { inside } = layout;
  const scale = inside && pictureScale(inside, width);
  const outline = useMemo(() => inside && outlineOf(inside, context.build), [inside, context]);
  useDragParts(rooms ? null : svg, props, scale?.perMetre ?? 1);
  const drawn = useDragRooms(svg, rooms && { layout, scale, ...rooms });
  const onKeyDown = usePartKeys(layout, props.onPut);
  // The frame is there from the start: its width is what the scale comes from.
  if (!inside || !scale || !outline) return <div ref={frame} className={styles.frame} />;
  const finding = findings.find(({ id }) => id === findingId);
  const pointed = new Set(finding?.subjects.map(({ id }) => id));
  const bad = misfits(layout);
  const ticks = scaleLinear([0, inside.length * unitRatio('m', unit)], [scale.x(0), scale.x(inside.length)]);
  const rectOf = ({ box }: Laid): Rect => ({
    x: scale.x(box.x[0]),
    y: scale.planY(box.y[1]),
    width: (box.x[1] - box.x[0]) * scale.perMetre,
    height: (box.y[1] - box.y[0]) * scale.perMetre,
  });
  const tags = shortTags(layout.routes, scale, units);
  const names = labelSpots(
    [...layout.laid]
      .sort((a, b) => Number(b.fitted.fitting.id === chosen) - Number(a.fitted.fitting.id === chosen))
      .map((laid) => ({ id: laid.fitted.fitting.id, text: laid.fitted.fitting.name, rect: rectOf(laid) })),
    { x: 0, y: scale.planTop, width, height: scale.planHeight },
    tags.map(({ rect }) => rect),
  );
  const receiver = layout.laid.find(({ fitted }) => fitted.kind === 'receiver');
  return (
    <div ref={frame} className={styles.frame}>
      <svg
        ref={(element) => {
          setSvg(element);
          onSvg(element);
        }}
        width={width}
        height={scale.height}
        viewBox={`0 0 ${width} ${scale.height}`}
        className={styles.picture}
        role="group"
        aria-label="The model from above and from the side"
        onKeyDown={onKeyDown}
        data-drawing={rooms?.isDrawing ?? false}
        onClick={(event) => {
          const id = (event.target as Element).closest<SVGElement>('[data-part]')?.dataset.part;
          onChoose(id);
        }}
      >
        <g className={styles.axis}>
          <line x1={scale.x(0)} x2={scale.x(inside.length)} y1={18} y2={18} />
          {ticks.ticks(8).map((tick) => (
            <g key={tick} transform={`translate(${ticks(tick)} 0)`}>
              <line y1={14} y2={22} />
              <text y={11} textAnchor="middle">
                {tick}
              </text>
            </g>
          ))}
          <text x={width - 4} y={11} textAnchor="end">
            {unit}
          </text>
        </g>
        <PlanView
          layout={layout}
          scale={scale}
          outline={outline}
          chosen={chosen}
          pointed={pointed}
          bad={bad}
          names={names}
          tags={tags}
          isStill={rooms !== undefined}
        />
        <SideView
          layout={layout}
          scale={scale}
          outline={outline}
          chosen={chosen}
          bad={bad}
          antenna={receiver && antennaEnd(inside, receiver.box)}
        />
        {rooms && <RoomGrips inside={inside} scale={scale} draft={drawn} isDrawing={rooms.isDrawing} />}
      </svg>
    </div>
  );
}

type Drag = D3DragEvent<SVGSVGElement, unknown, { id: string; place: Placement; x: number; y: number }>;

/** Lets parts be dragged in the plan, to the millimetre, and onto walls and neighbours; let go, they are put there. */
function useDragParts(element: SVGSVGElement | null, props: BerthsPictureProps, perMetre: number): void {
  const now = useRef({ ...props, perMetre });
  useEffect(() => {
    now.current = { ...props, perMetre };
  });
  useEffect(() => {
    if (!element) return undefined;
    const partOf = (target: EventTarget | null) =>
      target instanceof Element
        ? target.closest<SVGElement>('[data-plan] [data-part]')?.dataset.part
        : undefined;
    let moved: Draft | undefined;
    const behaviour = drag<SVGSVGElement, unknown>()
      .filter((event: MouseEvent) => !event.button && partOf(event.target) !== undefined)
      .container(() => element)
      .clickDistance(4)
      .subject((event: Drag) => {
        const id = partOf((event.sourceEvent as Event).target) ?? '';
        return { id, place: now.current.layout.laidAt(id)?.place, x: event.x, y: event.y };
      })
      .on('drag', (event: Drag) => {
        const { id, place, x, y } = event.subject;
        const metres = now.current.perMetre;
        const free = {
          ...place,
          x: toMillimetre(place.x + (event.x - x) / metres),
          y: toMillimetre(place.y - (event.y - y) / metres),
        };
        // With Alt held, it goes where the hand goes.
        const within = (event.sourceEvent as MouseEvent).altKey ? 0 : snapPixels / metres;
        moved = { fitting: id, place: snappedPlace(now.current.layout, id, free, within) };
        now.current.onDraft(moved);
        now.current.onChoose(id);
      })
      .on('end', () => {
        if (moved) now.current.onPut(moved.fitting, moved.place);
        moved = undefined;
      });
    const selection = select(element).call(behaviour);
    return () => {
      selection.on('.drag', null);
    };
  }, [element]);
}
