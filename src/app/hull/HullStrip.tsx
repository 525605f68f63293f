import { wells, wellNames, type Well, type WellReport } from '../../core/judgement/findings/wells';
import { usePreviewStore } from '../state/preview-store';
import { useCheck } from '../state/use-check';
import { usePanel } from '../state/use-panel';
import { bulkheads, hullBox, hullPath, keelPath, waterPath, waterShare } from './hull-shape';
import { wellWords } from './well-words';
import styles from './HullStrip.module.css';

/** The hull with its five wells: level, word and number, and a way to the findings of each. */
export function HullStrip() {
  const { wells: still } = useCheck();
  const underWay = usePreviewStore((state) => state.underWay);
  const reports = underWay ?? still;
  const after = usePreviewStore((state) => state.shown)?.wells;
  const { view, isChosen, showWell } = usePanel();
  return (
    <div className={styles.strip}>
      <svg
        className={styles.hull}
        viewBox={`0 0 ${hullBox.width} ${hullBox.height}`}
        preserveAspectRatio="none"
        aria-hidden
      >
        <defs>
          <clipPath id="hull-inside">
            <path d={hullPath} />
          </clipPath>
          <pattern
            id="hatching"
            width="9"
            height="9"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <line x1="0" y1="0" x2="0" y2="9" className={styles.hatch} />
          </pattern>
        </defs>
        <path d={hullPath} className={styles.inside} />
        <g clipPath="url(#hull-inside)">
          {wells.map((well, n) => (
            <WellWater key={well} n={n} report={reports[well]} preview={after?.[well]} />
          ))}
          {bulkheads.slice(1, -1).map((x) => (
            <line key={x} x1={x} x2={x} y1={0} y2={80} className={styles.bulkhead} />
          ))}
        </g>
        <path d={hullPath} className={styles.outline} />
        <path d={keelPath} className={styles.keel} />
      </svg>
      <div className={styles.wells} role="group" aria-label="The five wells">
        {wells.map((well) => (
          <WellButton
            key={well}
            well={well}
            report={reports[well]}
            isCurrent={isChosen && view === well}
            onClick={() => showWell(well)}
          />
        ))}
      </div>
    </div>
  );
}

function WellWater({
  n,
  report,
  preview,
}: {
  n: number;
  report: WellReport;
  preview: WellReport | undefined;
}) {
  const left = bulkheads[n]!;
  const right = bulkheads[n + 1]!;
  const levelOf = (wellReport: WellReport) =>
    hullBox.height - hullBox.height * waterShare(wellReport.state, wellReport.stop);
  if (report.state === 'hatched' || report.state === 'open')
    return (
      <rect
        x={left}
        y={0}
        width={right - left}
        height={88}
        fill="url(#hatching)"
        opacity={report.state === 'open' ? 0.45 : 1}
      />
    );
  const isDifferent = preview && levelOf(preview) !== levelOf(report);
  return (
    <>
      {report.state !== 'dry' && (
        <path d={waterPath(left, right, levelOf(report))} className={styles.water} />
      )}
      {isDifferent && (
        <line
          x1={left + 4}
          x2={right - 4}
          y1={levelOf(preview) - 3}
          y2={levelOf(preview) - 3}
          className={styles.promise}
        />
      )}
    </>
  );
}

interface WellButtonProps {
  well: Well;
  report: WellReport;
  isCurrent: boolean;
  onClick: () => void;
}

function WellButton({ well, report, isCurrent, onClick }: WellButtonProps) {
  const { state, figure, short } = wellWords(well, report);
  return (
    <button
      type="button"
      className={styles.well}
      data-state={report.state}
      aria-pressed={isCurrent}
      onClick={onClick}
    >
      <span className={styles.name}>{wellNames[well]}</span>
      <span className={styles.state}>{state}</span>
      <span className={styles.short}>{short}</span>
      <span className={`figure ${styles.figure}`}>{figure}</span>
    </button>
  );
}
