import Add from '@mui/icons-material/Add';
import FitScreen from '@mui/icons-material/FitScreen';
import Remove from '@mui/icons-material/Remove';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import type { KeyboardEvent } from 'react';
import type { Focus } from '../../core/desk/loom/focus';
import { foldedGroup } from '../../core/desk/loom/fold';
import { columnHeads } from '../../core/desk/loom/column-heads';
import type { PlacedLead, PlacedNode } from '../../core/desk/loom/loom-layout';
import { LoadTags } from './LoadTags';
import { useCheck } from '../state/use-check';
import { FreePortSpot } from './FreePortSpot';
import { LoomHeads, viewBoxWithHeads } from './LoomHeads';
import { LoomLead } from './LoomLead';
import { LoomNode } from './LoomNode';
import { badgesOf } from './badges';
import type { Trace } from './trace';
import { useDragPart } from './use-drag-part';
import { useLoomLayout } from './use-loom-layout';
import { useReorder } from './use-reorder';
import { joinKey, portOf, usePlugging } from './use-plugging';
import { JoinDialog } from '../drawing/JoinDialog';
import { useDragJoin } from '../drawing/use-drag-join';
import { useStable } from '../drawing/use-stable';
import type { Zoom } from '../drawing/use-zoom';
import styles from './LoomPicture.module.css';

interface LoomPictureProps {
  focus: Focus | undefined;
  trace: Trace;
  onTrace: (trace: Trace) => void;
  svg: SVGSVGElement | null;
  onSvg: (svg: SVGSVGElement | null) => void;
  zoom: Zoom;
  /** Whether the leads say what they carry. */
  hasLoads: boolean;
  /** Ids of the groups that are drawn as one box each, which opens again when it is pressed. */
  folded: readonly string[];
  onUnfold: (group: string) => void;
}

/** The wiring as a picture: parts with their pins, leads wire by wire in their true colours. */
export function LoomPicture({
  focus,
  trace,
  onTrace,
  svg,
  onSvg,
  zoom,
  hasLoads,
  folded,
  onUnfold,
}: LoomPictureProps) {
  const { layout, failure } = useLoomLayout(folded);
  const check = useCheck();
  const { findings } = check;
  const { transform, zoomBy, fit } = zoom;
  const badges = badgesOf(findings, layout?.nodes ?? []);
  const tracedLead = trace?.kind === 'lead' ? trace.id : undefined;
  const tracedNode = trace?.kind === 'part' ? trace.id : undefined;
  const { step, shift } = useReorder(folded);
  const moved = useDragPart(svg, shift);
  const { roleOf, tap, join, asked, take, leave } = usePlugging(trace, onTrace);
  const line = useDragJoin(
    svg,
    (from, to) => join(portOf(from), portOf(to)),
    (from) => {
      if (from === undefined) return;
      const { fitting, port } = portOf(from);
      onTrace({ kind: 'port', id: fitting, port });
    },
  );

  const follow = (next: Trace) =>
    onTrace(next?.kind === trace?.kind && next?.id === trace?.id ? undefined : next);
  const followLead = useStable((id: string) => follow({ kind: 'lead', id }));
  const followPart = useStable((id: string) => {
    const group = foldedGroup(id);
    if (group === undefined) follow({ kind: 'part', id });
    else onUnfold(group);
  });
  const stepPart = useStable(step);
  const tapPort = useStable((key: string) => tap(portOf(key)));
  const isTracing = trace !== undefined && trace.kind !== 'port';
  const isLitLead = (lead: PlacedLead) => {
    if (isTracing) return lead.id === tracedLead || touches(lead, tracedNode);
    return focus?.leads.has(lead.id) ?? false;
  };
  const lit = layout?.leads.filter(isLitLead) ?? [];
  const isLitNode = (node: PlacedNode) => {
    if (isTracing) return node.id === tracedNode || lit.some((lead) => touches(lead, node.id));
    return focus?.nodes.has(node.id) ?? false;
  };
  const isDimming = isTracing || (focus !== undefined && (focus.nodes.size > 0 || focus.leads.size > 0));

  if (failure)
    return (
      <p className={styles.failure}>
        The picture could not be laid out ({failure.message}). The table shows the same leads.
      </p>
    );
  if (!layout) return <div className={styles.frame} aria-busy="true" />;
  if (layout.nodes.length === 0)
    return <p className={styles.failure}>No parts are in this build yet. The Brief is where they come in.</p>;
  const heads = columnHeads(check);
  return (
    <div className={styles.frame}>
      <svg
        ref={onSvg}
        className={styles.picture}
        viewBox={viewBoxWithHeads(layout, heads)}
        preserveAspectRatio="xMidYMin meet"
        role="group"
        aria-label="Wiring picture"
        onClick={(event) => event.target === event.currentTarget && onTrace(undefined)}
        onKeyDown={(event: KeyboardEvent) => event.key === 'Escape' && onTrace(undefined)}
      >
        <g transform={transform.toString()} data-zoom="">
          <LoomHeads heads={heads} nodes={layout.nodes} />
          {layout.tray && (
            <text x={layout.tray.x} y={layout.tray.y} className={styles.tray}>
              Not plugged in yet
            </text>
          )}
          {layout.leads.map((lead) => (
            <LoomLead
              key={lead.id}
              lead={lead}
              isLit={isLitLead(lead)}
              isDim={isDimming && !isLitLead(lead)}
              onFollow={followLead}
            />
          ))}
          {layout.nodes.map((node) => (
            <LoomNode
              key={node.id}
              node={node}
              {...badges.get(node.id)}
              isLit={isLitNode(node)}
              isDim={isDimming && !isLitNode(node)}
              movedBy={moved?.id === node.id ? moved.by : 0}
              onFollow={followPart}
              onMove={stepPart}
              isMovable={node.id === tracedNode && !node.isLoose}
            />
          ))}
          {hasLoads && <LoadTags layout={layout} />}
          {layout.nodes.flatMap((node) =>
            node.ports.map((port) => {
              const ref = port.stands ?? { fitting: node.id, port: port.id };
              return (
                <FreePortSpot
                  key={joinKey(ref)}
                  port={port}
                  label={`${node.title}, ${port.label}`}
                  role={roleOf(ref)}
                  joinKey={joinKey(ref)}
                  onTap={tapPort}
                />
              );
            }),
          )}
        </g>
        {line && (
          <line
            x1={line.start.x}
            y1={line.start.y}
            x2={line.at.x}
            y2={line.at.y}
            className={styles.dragged}
          />
        )}
      </svg>
      {asked && (
        <JoinDialog
          title={asked.ways.length > 0 ? 'They do not go together as they are' : 'That does not go'}
          {...(asked.why !== undefined && { why: asked.why })}
          ways={asked.ways}
          onTake={take}
          onLeave={leave}
        />
      )}
      <div className={styles.tools}>
        <ZoomButton title="Closer" onClick={() => zoomBy(1.4)} icon={<Add fontSize="small" />} />
        <ZoomButton title="Further" onClick={() => zoomBy(1 / 1.4)} icon={<Remove fontSize="small" />} />
        <ZoomButton title="Whole picture" onClick={fit} icon={<FitScreen fontSize="small" />} />
      </div>
    </div>
  );
}

const touches = (lead: PlacedLead, node: string | undefined): boolean =>
  node !== undefined && (lead.source.node === node || lead.target.node === node);

function ZoomButton({ title, icon, onClick }: { title: string; icon: React.ReactNode; onClick: () => void }) {
  return (
    <Tooltip title={title}>
      <IconButton size="small" aria-label={title} onClick={onClick}>
        {icon}
      </IconButton>
    </Tooltip>
  );
}
