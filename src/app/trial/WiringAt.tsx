import { useMemo } from 'react';
import { instantAt } from '../../core/desk/trial/snapshots';
import type { TrialResult } from '../../core/desk/trial/trial-result';
import { wiringInstant } from '../../core/reading/circuit/wiring-instant';
import { Figure } from '../drawing/Figure';
import { LoomHeads, viewBoxWithHeads } from '../loom/LoomHeads';
import { LoomLead } from '../loom/LoomLead';
import { LeadTag } from '../loom/LeadTag';
import { LoomNode } from '../loom/LoomNode';
import { useLoomLayout } from '../loom/use-loom-layout';
import { columnHeads } from '../../core/desk/loom/column-heads';
import { useCheck } from '../state/use-check';
import { useTimeView } from './time-view';
import styles from './WiringAt.module.css';

/** The wiring at one instant of the outing: volts at each part, amps in each lead. */
export function WiringAt({ result }: { result: TrialResult }) {
  const { layout } = useLoomLayout();
  const check = useCheck();
  const { context } = check;
  const { cursor, seconds } = useTimeView();
  const time = cursor ?? result.figures.railMinAt;
  const slice = Math.min(Math.floor((time / seconds) * result.slices), result.slices - 1);
  const instant = useMemo(
    () => wiringInstant(context.survey, instantAt(result.snapshots, slice)),
    [context, result, slice],
  );
  if (!layout) return null;
  const heads = columnHeads(check);
  return (
    <Figure
      name="wiring at an instant"
      caption={
        <>
          At <b className="figure">{time.toFixed(2)} s</b>
          {cursor === undefined ? ', where the receiver has least' : ''}: volts at each part, amps in each
          lead. Move over the strip above for another instant.
        </>
      }
    >
      <svg
        className={styles.picture}
        viewBox={viewBoxWithHeads(layout, heads)}
        role="img"
        aria-label={`Wiring at ${time.toFixed(2)} seconds`}
      >
        <LoomHeads heads={heads} nodes={layout.nodes} />
        {layout.leads.map((lead) => (
          <LoomLead key={lead.id} lead={lead} isLit={false} isDim={false} />
        ))}
        {layout.nodes.map((node) => {
          const volts = instant.volts.get(node.id);
          const isLow = volts !== undefined && volts.isLow;
          return (
            <g key={node.id}>
              <LoomNode
                node={{
                  ...node,
                  lines: node.lines.map((line, n) => (n === 0 && volts ? volts.words : line)),
                }}
                isLit={isLow}
                isDim={false}
              />
            </g>
          );
        })}
        {layout.leads.map((lead) => {
          const amps = instant.amps.get(lead.id);
          if (amps === undefined || Math.abs(amps) < 0.005) return null;
          const words = `${Math.abs(amps).toFixed(Math.abs(amps) < 1 ? 2 : 1)} A`;
          return <LeadTag key={lead.id} lead={lead} lines={[words]} />;
        })}
      </svg>
    </Figure>
  );
}
