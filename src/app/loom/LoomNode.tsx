import { memo, type KeyboardEvent } from 'react';
import { counted } from '../../core/base/words/sentences';
import { loomSizes } from '../../core/desk/loom/loom-model';
import type { PlacedNode, PlacedPort } from '../../core/desk/loom/loom-layout';
import styles from './LoomNode.module.css';

const pinGlyphs: Record<string, string> = { signal: 'S', plus: '+', minus: '−', a: '~', b: '~', c: '~' };

interface LoomNodeProps {
  node: PlacedNode;
  /** Open findings on it. */
  stops?: number;
  minds?: number;
  isLit: boolean;
  isDim: boolean;
  /** Without it the part is only drawn. */
  onFollow?: (id: string) => void;
  /** Moves it past its neighbour in its column. */
  onMove?: (id: string, way: 'up' | 'down') => void;
  /** Whether it can be dragged up and down, and by how much it is dragged just now. */
  isMovable?: boolean;
  movedBy?: number;
}

/** Keys that move a part, with Alt. */
const ways: Partial<Record<string, 'up' | 'down'>> = { ArrowUp: 'up', ArrowDown: 'down' };

/** A part with its facts and its pins. */
export const LoomNode = memo(function LoomNode({
  node,
  stops = 0,
  minds = 0,
  isLit,
  isDim,
  onFollow,
  onMove,
  isMovable = false,
  movedBy = 0,
}: LoomNodeProps) {
  const { x, y, width, height, title, lines, column } = node;
  const isInline = column === 'inline';
  const onKeyDown = (event: KeyboardEvent) => {
    const way = event.altKey ? ways[event.key] : undefined;
    if (way) {
      event.preventDefault();
      onMove?.(node.id, way);
      return;
    }
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    onFollow?.(node.id);
  };
  return (
    <g
      className={styles.node}
      data-lit={isLit}
      data-dim={isDim}
      data-node={node.id}
      {...(isMovable && { 'data-movable': node.id })}
      {...(movedBy !== 0 && { transform: `translate(0,${movedBy})` })}
      {...(onFollow && {
        role: 'button',
        tabIndex: 0,
        'aria-label': [title, ...lines, badgeWords(stops, minds)].filter(Boolean).join(', '),
        onClick: () => onFollow(node.id),
        onKeyDown,
      })}
    >
      <rect x={x} y={y} width={width} height={height} rx={4} className={styles.box} data-stop={stops > 0} />
      {isInline ? (
        <text
          transform={`translate(${x + width / 2 + 4},${y + height / 2}) rotate(-90)`}
          className={styles.inline}
        >
          {shortened(title, height)}
        </text>
      ) : (
        <>
          <text
            x={x + 9}
            y={y + 16}
            className={styles.title}
            {...(title.length > lettersIn(width) && {
              textLength: width - 16,
              lengthAdjust: 'spacingAndGlyphs',
            })}
          >
            {shortTitle(title, width)}
          </text>
          {lines.map((line, n) => (
            <text key={line} x={x + 9} y={y + 16 + (n + 1) * loomSizes.lineHeight} className={styles.line}>
              {line}
            </text>
          ))}
        </>
      )}
      {node.ports.map((port) => (
        <Pins key={port.id} port={port} hasLabel={node.keepsOrder} />
      ))}
      {stops + minds > 0 && <BadgeMark x={x + width - 4} y={y} stops={stops} minds={minds} />}
    </g>
  );
});

function Pins({ port, hasLabel }: { port: PlacedPort; hasLabel: boolean }) {
  const half = loomSizes.pinSize / 2;
  const middle = port.contacts[Math.floor((port.contacts.length - 1) / 2)]!;
  const side = port.side === 'left' ? 1 : -1;
  return (
    <>
      {port.contacts.map((contact, n) => (
        <g key={port.pins[n]?.name}>
          <rect
            x={contact.x - half}
            y={contact.y - half}
            width={half * 2}
            height={half * 2}
            className={styles.pin}
          />
          <text x={contact.x} y={contact.y + 2.1} className={styles.glyph}>
            {pinGlyphs[port.pins[n]?.name ?? '']}
          </text>
        </g>
      ))}
      {hasLabel && (
        <text
          x={middle.x + side * 9}
          y={middle.y + 4}
          className={styles.portLabel}
          textAnchor={port.side === 'left' ? 'start' : 'end'}
        >
          {port.label}
        </text>
      )}
    </>
  );
}

function BadgeMark({ x, y, stops, minds }: { x: number; y: number; stops: number; minds: number }) {
  const isStop = stops > 0;
  return (
    <g className={styles.badge} data-stop={isStop}>
      <circle cx={x} cy={y} r={8.5} />
      <text x={x} y={y + 4}>
        {isStop ? stops : minds}
      </text>
    </g>
  );
}

const badgeWords = (stops: number, minds: number): string =>
  [stops > 0 ? counted(stops, 'stop') : '', minds > 0 ? counted(minds, 'warning') : '']
    .filter(Boolean)
    .join(', ');

/** Letters that a part's name has room for. */
const lettersIn = (width: number): number => Math.floor((width - 15) / loomSizes.titlePitch);

/** A name that is a little too long is drawn closer, a much longer one is cut. */
const shortTitle = (title: string, width: number): string =>
  title.length > 1.5 * lettersIn(width) ? `${title.slice(0, 1.5 * lettersIn(width))}…` : title;

/** Inline parts are narrow: their name runs along them as far as it goes. */
function shortened(title: string, length: number): string {
  const most = Math.floor((length - 8) / loomSizes.titlePitch);
  return title.length <= most ? title : `${title.slice(0, Math.max(most - 1, 1))}…`;
}
