import type { LabelSpot } from '../../core/reading/berths/label-spots';
import type { Laid, Layout } from '../../core/reading/berths/layout';
import { isShort } from '../../core/reading/berths/lead-routes';
import type { Outline } from '../../core/reading/berths/outline';
import { exitSpot, roomBox } from '../../core/reading/berths/exits';
import { formatLength } from '../../core/base/quantity/format';
import { useSettings } from '../state/settings-store';
import { GuidePicture } from './GuidePicture';
import { MassMark } from './MassMark';
import type { PictureScale } from './picture-scale';
import type { ShortTag } from './short-tags';
import styles from './BerthsPicture.module.css';

interface PlanViewProps {
  layout: Layout;
  scale: PictureScale;
  outline: Outline;
  chosen: string | undefined;
  /** Ids that the finding in hand points at. */
  pointed: ReadonlySet<string>;
  /** Ids of parts that do not fit. */
  bad: ReadonlySet<string>;
  names: readonly LabelSpot[];
  tags: readonly ShortTag[];
  /** Only to be looked at: nothing in it is moved. */
  isStill?: boolean;
}

/** The model from above: rooms, passages, parts, and leads the way they would lie. */
export function PlanView({
  layout,
  scale,
  outline,
  chosen,
  pointed,
  bad,
  names,
  tags,
  isStill = false,
}: PlanViewProps) {
  const { inside, laid, routes, balance } = layout;
  const units = useSettings((state) => state.units);
  if (!inside) return null;
  const path = (points: readonly (readonly [number, number])[]) =>
    `M${points.map(([x, y]) => `${scale.x(x)} ${scale.planY(y)}`).join('L')}Z`;
  const box = (each: { x: number; y: number; long: number; wide: number }) => ({
    x: scale.x(each.x),
    y: scale.planY(each.y + each.wide),
    width: each.long * scale.perMetre,
    height: each.wide * scale.perMetre,
  });
  return (
    <g data-plan>
      <clipPath id="berths-hull">
        {outline.plan.map((points) => (
          <path key={path(points)} d={path(points)} />
        ))}
        {inside.form === 'twin hull' && inside.berths.map((berth) => <rect key={berth.id} {...box(berth)} />)}
      </clipPath>
      {outline.wheels.map(({ x, y, long, wide }) => (
        <rect
          key={`${x} ${y}`}
          x={scale.x(x - long / 2)}
          y={scale.planY(y + wide / 2)}
          width={long * scale.perMetre}
          height={wide * scale.perMetre}
          rx={4}
          className={styles.wheel}
        />
      ))}
      {outline.plan.map((points) => (
        <path key={path(points)} d={path(points)} className={styles.hull} />
      ))}
      <GuidePicture
        guide={inside.told.guide?.under === 'plan' ? inside.told.guide : undefined}
        scale={scale}
        top={scale.planTop}
        height={scale.planHeight}
      />
      <g clipPath="url(#berths-hull)">
        {inside.berths.map((berth) => (
          <rect key={berth.id} {...box(berth)} className={styles.berth}>
            <title>{berth.name}</title>
          </rect>
        ))}
      </g>
      {inside.obstacles.map((obstacle) => (
        <rect
          key={obstacle.id}
          {...box(obstacle)}
          className={obstacle.isSwept ? styles.swept : styles.obstacle}
        >
          <title>{obstacle.name}</title>
        </rect>
      ))}
      {inside.passages.map(({ id, x, y, name, across, slotHigh }) =>
        across === undefined ? null : (
          <circle
            key={id}
            cx={scale.x(x)}
            cy={scale.planY(y)}
            r={Math.max((across / 2) * scale.perMetre, 3)}
            className={styles.passage}
          >
            <title>
              {name}: {formatLength(across, units)}
              {slotHigh === undefined ? ' across' : ` × ${formatLength(slotHigh, units)}`}
            </title>
          </circle>
        ),
      )}
      {routes.map((route) => (
        <polyline
          key={route.run.leads[0]?.id}
          points={route.spots.map(({ x, y }) => `${scale.x(x)},${scale.planY(y)}`).join(' ')}
          className={styles.lead}
          data-short={isShort(route)}
          data-chosen={
            [route.run.from.fitting, route.run.to.fitting].includes(chosen ?? '') ||
            route.run.leads.some(({ id }) => pointed.has(id))
          }
        />
      ))}
      {laid.map((each) => (
        <PlanPart
          key={each.fitted.fitting.id}
          laid={each}
          layout={layout}
          scale={scale}
          isChosen={each.fitted.fitting.id === chosen}
          isPointed={pointed.has(each.fitted.fitting.id)}
          isBad={bad.has(each.fitted.fitting.id)}
          isStill={isStill}
        />
      ))}
      {names.map(({ id, text, x, y, leader }) => (
        <g key={id}>
          {leader && (
            <path
              d={`M${leader[0].x} ${leader[0].y}L${leader[1].x} ${leader[1].y}`}
              className={styles.leader}
            />
          )}
          <text x={x} y={y} textAnchor="middle" className={styles.name}>
            {text}
          </text>
        </g>
      ))}
      {tags.map(({ id, words, rect }) => (
        <g key={id} className={styles.shortTag}>
          <rect {...rect} rx={3} />
          <text x={rect.x + rect.width / 2} y={rect.y + 13} textAnchor="middle">
            {words}
          </text>
        </g>
      ))}
      {balance && laid.length > 0 && (
        <>
          {balance.afloat && (
            <circle
              cx={scale.x(balance.afloat.levelX)}
              cy={scale.planY(0)}
              r={9}
              className={styles.levelRing}
            >
              <title>Floats level with its weight here</title>
            </circle>
          )}
          <MassMark x={scale.x(balance.at.x)} y={scale.planY(balance.at.y)} />
        </>
      )}
    </g>
  );
}

interface PlanPartProps {
  laid: Laid;
  layout: Layout;
  scale: PictureScale;
  isChosen: boolean;
  isPointed: boolean;
  isBad: boolean;
  isStill: boolean;
}

function PlanPart({ laid, layout, scale, isChosen, isPointed, isBad, isStill }: PlanPartProps) {
  const { fitted, box, berth, place } = laid;
  const { id, name } = fitted.fitting;
  const rect = (each: Laid['box']) => ({
    x: scale.x(each.x[0]),
    y: scale.planY(each.y[1]),
    width: (each.x[1] - each.x[0]) * scale.perMetre,
    height: (each.y[1] - each.y[0]) * scale.perMetre,
  });
  const across = Math.round(place.y * 1000);
  const where = `${Math.round(place.x * 1000)} mm along, ${
    across === 0 ? 'in the middle' : `${Math.abs(across)} mm to ${across > 0 ? 'port' : 'starboard'}`
  }, ${Math.round(place.z * 1000)} mm up`;
  return (
    <g
      data-part={id}
      className={styles.part}
      data-chosen={isChosen}
      data-pointed={isPointed}
      data-bad={isBad}
      {...(!isStill && {
        role: 'button',
        tabIndex: 0,
        'aria-label': `${name}, ${berth?.name ?? 'in no berth'}, ${where}${isBad ? ', does not fit' : ''}. Arrow keys move it, R turns it.`,
      })}
    >
      {isChosen &&
        layout
          .clearances(fitted)
          .map(({ side, metres }) => (
            <rect key={side} {...rect(roomBox(box, side, place.turn, metres))} className={styles.room} />
          ))}
      {/* Small parts get a larger place for a finger. */}
      <rect {...grown(rect(box))} fill="transparent" stroke="none" />
      <rect
        {...rect(box)}
        rx={fitted.kind === 'motor' ? 8 : 2}
        className={styles.body}
        data-kind={fitted.kind}
      />
      {layout.clearances(fitted).map(({ side }) => {
        const { x, y } = exitSpot(box, side, place.turn);
        return side === 'below' ? null : (
          <circle key={side} cx={scale.x(x)} cy={scale.planY(y)} r={2.2} className={styles.exit} />
        );
      })}
      <title>{`${name}: ${where}`}</title>
    </g>
  );
}

const least = 24;
const grown = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) => {
  const [dx, dy] = [Math.max(0, (least - width) / 2), Math.max(0, (least - height) / 2)];
  return { x: x - dx, y: y - dy, width: width + 2 * dx, height: height + 2 * dy };
};
