import Button from '@mui/material/Button';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { isShort, type Route } from '../../core/reading/berths/lead-routes';
import { formatLength } from '../../core/base/quantity/format';
import type { BuildIndex } from '../../core/model/plan/build-index';
import { useWidth } from '../loom/use-width';
import { useSettings } from '../state/settings-store';
import styles from './ReachBars.module.css';

const few = 5;
const height = 18;
const labels = 190;
const figures = 76;

/** Leads against the way that they have to go: what is needed, and a mark where the lead ends. */
export function ReachBars({ routes, index }: { routes: readonly Route[]; index: BuildIndex }) {
  const [frame, width] = useWidth();
  const [isAll, setAll] = useState(false);
  const units = useSettings((state) => state.units);
  if (routes.length === 0) return null;
  const known = routes.filter(({ has }) => has !== undefined);
  const spare = ({ has = 0, needed }: Route) => has - needed;
  const sorted = [
    ...known.sort((a, b) => spare(a) - spare(b)),
    ...routes.filter(({ has }) => has === undefined).sort((a, b) => b.needed - a.needed),
  ];
  const shown = isAll ? sorted : sorted.slice(0, few);
  const most = Math.max(...shown.flatMap(({ needed, has = 0 }) => [needed, has])) * 1.03;
  const x = scaleLinear([0, most], [labels, Math.max(width - figures, labels)]);
  const mm = (metres: number) => formatLength(metres, units);
  const nameOf = ({ run }: Route) =>
    [run.from, run.to].map(({ fitting }) => index.get(fitting).fitting.name).join(' – ');
  return (
    <section className={styles.reach} aria-label="Leads by reach">
      <h2 className={styles.title}>
        Leads by reach
        <span className={styles.note}>
          {known.length === 0
            ? 'nobody measured one yet: each is taken to be as long as its way, with slack'
            : `${routes.length - known.length} of ${routes.length} not measured: as long as their way, with slack`}
        </span>
      </h2>
      <div ref={frame}>
        {shown.map((route) => {
          const { needed, has } = route;
          const words = `needs ${mm(needed)}`;
          return (
            <svg
              key={route.run.leads[0]?.id}
              width={width}
              height={height + 4}
              role="img"
              aria-label={`${nameOf(route)}: ${words}${has === undefined ? ', not measured' : `, has ${mm(has)}`}`}
            >
              <text x={0} y={13} className={styles.name}>
                {elided(nameOf(route))}
                <title>{nameOf(route)}</title>
              </text>
              <rect
                x={x(0)}
                y={1}
                width={Math.max(x(needed) - x(0), 1)}
                height={height - 2}
                className={styles.need}
                data-short={isShort(route)}
                data-known={has !== undefined}
              />
              <text x={x(0) + 6} y={13.5} className={styles.words} data-known={has !== undefined}>
                {words}
              </text>
              {has !== undefined && (
                <>
                  <line x1={x(has)} x2={x(has)} y1={-1} y2={height + 2} className={styles.has} />
                  <text
                    x={width - figures + 6}
                    y={13.5}
                    className={styles.hasWords}
                    data-short={isShort(route)}
                  >
                    has {Math.round(has * 1000)}
                  </text>
                </>
              )}
            </svg>
          );
        })}
      </div>
      {sorted.length > few && (
        <Button size="small" onClick={() => setAll(!isAll)}>
          {isAll ? 'Show the tightest' : `All ${sorted.length} leads`}
        </Button>
      )}
    </section>
  );
}

const lettersInName = 29;
const elided = (name: string): string =>
  name.length > lettersInName ? `${name.slice(0, lettersInName - 1)}…` : name;
