import { isJoined, type PortRef } from '../../core/model/plan/lead';
import type { PortSpec } from '../../core/model/parts/port';
import { useCheck } from '../state/use-check';
import { wireColourValues } from '../theme/tokens';
import styles from './LeadStrip.module.css';

const pinNames: Record<string, string> = {
  signal: 'signal',
  plus: '+',
  minus: '−',
  a: 'wire 1',
  b: 'wire 2',
  c: 'wire 3',
};

const rowHeight = 34;
const left = 150;
const right = 410;

/** One lead, large: which colour goes from which contact to which. */
export function LeadStrip({ leadId }: { leadId: string }) {
  const { context } = useCheck();
  const { index } = context;
  const lead = index.build.leads.find((candidate) => candidate.id === leadId);
  if (!lead) return null;
  const [from, to] = [index.port(lead.from), index.port(lead.to)];
  const rows = Math.max(from.pins.length, to.pins.length);
  const pinY = (port: PortSpec, pin: string) =>
    54 + port.pins.findIndex((pinSpec) => pinSpec.name === pin) * rowHeight;
  return (
    <svg className={styles.strip} viewBox={`0 0 560 ${rows * rowHeight + 46}`} aria-hidden>
      <End name={name(lead.from)} port={from} x={left} anchor="end" />
      <End name={name(lead.to)} port={to} x={right} anchor="start" />
      {lead.conductors.map((conductor) => {
        const [y1, y2] = [pinY(from, conductor.from), pinY(to, conductor.to)];
        const isOut = !isJoined(conductor);
        const stop = isOut ? right - 70 : right;
        const path = `M${left + 9},${y1}C${left + 100},${y1} ${stop - 100},${y2} ${stop - 9},${isOut ? y2 - 14 : y2}`;
        return (
          <g key={conductor.from}>
            <path d={path} className={styles.casing} />
            <path d={path} className={styles.wire} stroke={wireColourValues[conductor.colour]} />
            {conductor.state !== 'whole' && (
              <text x={stop - 2} y={y2 - 10} className={styles.pin}>
                {conductor.state}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );

  function name(ref: PortRef) {
    return { part: index.get(ref.fitting).fitting.name, port: index.port(ref).name };
  }
}

interface EndProps {
  name: { part: string; port: string };
  port: PortSpec;
  x: number;
  anchor: 'start' | 'end';
}

function End({ name, port, x, anchor }: EndProps) {
  const isLeft = anchor === 'end';
  const out = isLeft ? -14 : 14;
  return (
    <g>
      <text y={14} className={styles.part} textAnchor={isLeft ? 'start' : 'end'}>
        <tspan x={isLeft ? 0 : 560}>{name.part}</tspan>
        <tspan x={isLeft ? 0 : 560} dy={17} className={styles.port}>
          {name.port}
        </tspan>
      </text>
      {port.pins.map((pin, n) => (
        <g key={pin.name}>
          <rect x={x - 9} y={45 + n * rowHeight} width={18} height={18} className={styles.contact} />
          <text x={x + out} y={59 + n * rowHeight} textAnchor={anchor} className={styles.pin}>
            {pinNames[pin.name]}
          </text>
        </g>
      ))}
    </g>
  );
}
