import type { ModelKind } from '../../core/model/plan/build';
import type { FunctionRole } from '../../core/model/plan/model-function';
import type { FunctionChain } from '../../core/reading/brief/function-chain';
import { useBuild } from '../state/shown-build';
import styles from './ModelOutline.module.css';

/** Side views in a box of 520 by 120, bow or nose to the right. */
const outlines: Record<'hull' | 'sail' | 'wheels' | 'tracks', string> = {
  hull: 'M40 62 L480 54 C470 84 448 98 420 100 L70 100 C52 98 44 84 40 62 Z M170 60 L178 30 L286 28 L296 57 M206 29 L206 12 L236 12 L236 28',
  sail: 'M40 74 L480 70 C462 92 440 98 410 99 L90 100 C62 98 48 90 40 74 Z M250 72 L250 6 M254 10 L400 66 L254 66 M246 18 L140 66 L246 66',
  wheels:
    'M44 70 L70 40 L180 36 L240 14 L340 16 L390 40 L470 48 L478 76 L440 76 M380 76 L160 76 M100 76 L46 76 M130 84 m-28 0 a28 28 0 1 0 56 0 a28 28 0 1 0 -56 0 M410 84 m-28 0 a28 28 0 1 0 56 0 a28 28 0 1 0 -56 0',
  tracks:
    'M70 66 L90 34 L250 30 L270 12 L350 12 L360 34 L440 40 L452 66 M52 88 a22 22 0 0 1 22 -20 L446 68 a21 21 0 0 1 0 42 L74 110 a22 22 0 0 1 -22 -22 Z',
};

const shapeOf: Record<ModelKind, keyof typeof outlines> = {
  boat: 'hull',
  yacht: 'sail',
  car: 'wheels',
  crawler: 'wheels',
  truck: 'wheels',
  'tracked machine': 'tracks',
};

/** Where along the model a function usually sits, and how high. */
const places: Record<FunctionRole, { x: number; y: number }> = {
  steer: { x: 96, y: 88 },
  drive: { x: 160, y: 88 },
  throttle: { x: 190, y: 88 },
  mechanism: { x: 330, y: 46 },
  pump: { x: 400, y: 80 },
  lights: { x: 244, y: 20 },
  sound: { x: 190, y: 44 },
};

/** The model's outline with its functions: a full mark where served, an open one where not. */
export function ModelOutline({ chains }: { chains: readonly FunctionChain[] }) {
  const { model } = useBuild();
  const seen = new Map<FunctionRole, number>();
  const marks = chains.map((chain) => {
    const { role } = chain.function;
    const before = seen.get(role) ?? 0;
    seen.set(role, before + 1);
    const { x, y } = places[role];
    return { chain, x: x + before * 26, y };
  });
  return (
    <svg
      className={styles.outline}
      viewBox="0 0 520 120"
      role="img"
      aria-label={`Outline of the ${model} with its functions`}
    >
      <path d={outlines[shapeOf[model]]} className={styles.line} />
      {marks.map(({ chain, x, y }, n) => (
        <g key={chain.function.id} data-open={chain.open !== undefined}>
          <title>
            {chain.function.name}: {chain.open ?? 'connected'}
          </title>
          <circle cx={x} cy={y} r={9.5} className={styles.mark} />
          <text x={x} y={y + 4} className={styles.number}>
            {n + 1}
          </text>
        </g>
      ))}
    </svg>
  );
}
