import type { Spot } from '../../core/model/fitting/spot';
import { isHull } from '../../core/reading/berths/inside-sizes';
import { fitsInside, labelSpots } from '../../core/reading/berths/label-spots';
import type { Layout } from '../../core/reading/berths/layout';
import { waterAt, type Outline } from '../../core/reading/berths/outline';
import { formatLength } from '../../core/base/quantity/format';
import { useSettings } from '../state/settings-store';
import { GuidePicture } from './GuidePicture';
import { MassMark } from './MassMark';
import type { PictureScale } from './picture-scale';
import styles from './BerthsPicture.module.css';

interface SideViewProps {
  layout: Layout;
  scale: PictureScale;
  outline: Outline;
  chosen: string | undefined;
  bad: ReadonlySet<string>;
  antenna: { tip: Spot; root: Spot } | undefined;
}

/** The model from starboard, as it floats or stands: water tilted by the trim, and how high water may stand inside. */
export function SideView({ layout, scale, outline, chosen, bad, antenna }: SideViewProps) {
  const { inside, laid, balance } = layout;
  const units = useSettings((state) => state.units);
  if (!inside) return null;
  const { length, lid, wetLine, clearance, depth } = inside;
  const afloat = laid.length > 0 ? balance?.afloat : undefined;
  const at = (x: number, z: number) => `${scale.x(x)} ${scale.sideY(z)}`;
  const [left, right] = [-0.02 * length, 1.02 * length];
  const receiver = laid.find(({ fitted }) => fitted.kind === 'receiver');
  const rectOf = ({ box }: (typeof laid)[number]) => ({
    x: scale.x(box.x[0]),
    y: scale.sideY(box.z[1]),
    width: (box.x[1] - box.x[0]) * scale.perMetre,
    height: (box.z[1] - box.z[0]) * scale.perMetre,
  });
  // Parts behind each other share a place here: the one that is chosen is named, and what has room in itself.
  const names = labelSpots(
    laid
      .map((each) => ({ id: each.fitted.fitting.id, text: each.fitted.fitting.name, rect: rectOf(each) }))
      .sort((a, b) => Number(b.id === chosen) - Number(a.id === chosen))
      .filter((each) => each.id === chosen || fitsInside(each)),
    { x: 0, y: scale.sideY(lid), width: scale.x(length), height: lid * scale.perMetre },
  );
  const low = afloat?.low === 'bow' ? length : 0;
  return (
    <g data-side>
      {afloat && (
        <path
          d={`M${at(left, waterAt(afloat, left))}L${at(right, waterAt(afloat, right))}L${at(right, -0.008)}L${at(left, -0.008)}Z`}
          className={styles.water}
        />
      )}
      {!isHull(inside.form) && (
        <line
          x1={scale.x(left)}
          x2={scale.x(right)}
          y1={scale.sideY(-clearance)}
          y2={scale.sideY(-clearance)}
          className={styles.ground}
        />
      )}
      {outline.wheels.map(({ x, y, z, radius, long }) => (
        <rect
          key={`${x} ${y}`}
          x={scale.x(x - long / 2)}
          y={scale.sideY(z + radius)}
          width={long * scale.perMetre}
          height={2 * radius * scale.perMetre}
          rx={radius * scale.perMetre}
          className={styles.wheel}
        />
      ))}
      <path d={`M${outline.side.map(([x, z]) => at(x, z)).join('L')}Z`} className={styles.hullSide} />
      <GuidePicture
        guide={inside.told.guide?.under === 'side' ? inside.told.guide : undefined}
        scale={scale}
        top={scale.planTop + scale.planHeight}
        height={scale.height - scale.planTop - scale.planHeight}
      />
      {inside.berths.map((berth) => (
        <rect
          key={berth.id}
          x={scale.x(berth.x)}
          y={scale.sideY(berth.z + berth.high)}
          width={berth.long * scale.perMetre}
          height={berth.high * scale.perMetre}
          className={styles.berthSide}
        >
          <title>{berth.name}</title>
        </rect>
      ))}
      <line
        x1={scale.x(length * 0.12)}
        x2={scale.x(length * 0.82)}
        y1={scale.sideY(lid)}
        y2={scale.sideY(lid)}
        className={styles.lid}
      >
        <title>As high as parts may stand under the lid or the body</title>
      </line>
      {wetLine > 0 && (
        <>
          <line
            x1={scale.x(0.02 * length)}
            x2={scale.x(0.94 * length)}
            y1={scale.sideY(wetLine)}
            y2={scale.sideY(wetLine)}
            className={styles.wet}
          />
          <text x={scale.x(left)} y={scale.sideY(wetLine) - 4} className={styles.wetWords}>
            wet to here
          </text>
        </>
      )}
      {laid.map((each) => {
        const { id, name } = each.fitted.fitting;
        return (
          <g
            key={id}
            data-part={id}
            className={styles.part}
            data-chosen={id === chosen}
            data-bad={bad.has(id)}
          >
            <rect {...rectOf(each)} rx={2} className={styles.body} data-kind={each.fitted.kind} />
            <title>{name}</title>
          </g>
        );
      })}
      {antenna && receiver && (
        <g className={styles.antenna}>
          <path
            d={`M${at(antennaFoot(receiver.box.x), receiver.box.z[1])}L${at(antenna.root.x, antenna.root.z)}`}
          />
          <path
            d={`M${at(antenna.root.x, antenna.root.z)}L${at(antenna.tip.x, antenna.tip.z)}`}
            className={styles.antennaEnd}
          />
          <title>Antenna: its last 31 mm receive, and are to be straight and clear</title>
        </g>
      )}
      {names.map(({ id, text, x, y }) => (
        <text key={id} x={x} y={y} textAnchor="middle" className={styles.name}>
          {text}
        </text>
      ))}
      {afloat && (
        <>
          <path
            d={`M${at(left, waterAt(afloat, left))}L${at(right, waterAt(afloat, right))}`}
            className={styles.waterline}
          />
          <g className={styles.freeboard}>
            <path d={`M${at(low, waterAt(afloat, low))}L${at(low, depth)}`} />
            <text
              x={scale.x(low) + (low > 0 ? -6 : 6)}
              y={scale.sideY(depth * 1.12) - 7}
              textAnchor={low > 0 ? 'end' : 'start'}
            >
              freeboard {formatLength(afloat.freeboard, units)}
            </text>
          </g>
        </>
      )}
      {balance && laid.length > 0 && <MassMark x={scale.x(balance.at.x)} y={scale.sideY(balance.at.z)} />}
    </g>
  );
}

const antennaFoot = ([aft, fore]: readonly [number, number]): number => (aft + fore) / 2;
