import type { Severity } from './severity';

/** The five wells, in the order they stand in the hull. */
export const wells = ['voltage', 'current', 'connection', 'control', 'space'] as const;
export type Well = (typeof wells)[number];

export const wellNames: Record<Well, string> = {
  voltage: 'Voltage',
  current: 'Current',
  connection: 'Connection',
  control: 'Control',
  space: 'Space',
};

/**
 * `dry`: nothing wrong. `damp`: works, mind it. `flooded`: would damage, fail or hurt. `open`: dry or not by a figure that
 * is only guessed. `hatched`: facts missing.
 */
export type WellState = 'dry' | 'damp' | 'flooded' | 'open' | 'hatched';

export interface WellReport {
  state: WellState;
  /** Open findings by severity. */
  stop: number;
  mind: number;
  note: number;
  /** Verdicts that a figure which nobody told decides. */
  open: number;
  /** Findings the person lives with. */
  accepted: number;
  /** Facts that some rule needed and nobody stated. */
  unknown: number;
  /** The figure that matters most, in a few words: `0.8 V over`, or of a dry well what it has left. */
  headline: string | undefined;
}

interface Judged {
  well: Well;
  severity: Severity;
  accepted: boolean;
  headline: string;
  margin: number;
  limit: number;
}

/** What stands in each well. Accepted findings leave it damp: known, not gone. */
export function wellReports(
  findings: readonly Judged[],
  unknowns: readonly { well: Well }[],
  surveyed: ReadonlySet<Well>,
  spare: (well: Well) => string | undefined,
): Record<Well, WellReport> {
  const report = (well: Well): WellReport => {
    const here = findings.filter((finding) => finding.well === well);
    const standing = here.filter((judged) => !judged.accepted);
    const count = (severity: Severity) => standing.filter((judged) => judged.severity === severity).length;
    const counts = { stop: count('stop'), mind: count('mind'), note: count('note'), open: count('open') };
    const accepted = here.length - standing.length;
    const unknown = unknowns.filter((candidate) => candidate.well === well).length;
    const state = stateOf({ ...counts, accepted, unknown }, surveyed.has(well));
    const [worst] = standing.filter(({ severity }) => severity !== 'note').sort(worstFirst);
    return {
      state,
      ...counts,
      accepted,
      unknown,
      headline: state === 'dry' ? spare(well) : worst?.headline,
    };
  };
  return Object.fromEntries(wells.map((well) => [well, report(well)])) as Record<Well, WellReport>;
}

function stateOf(
  counts: { stop: number; mind: number; open: number; accepted: number; unknown: number },
  surveyed: boolean,
): WellState {
  if (counts.stop > 0) return 'flooded';
  if (counts.mind > 0 || counts.accepted > 0) return 'damp';
  if (counts.open > 0) return 'open';
  return counts.unknown > 0 || !surveyed ? 'hatched' : 'dry';
}

const severityRank: Record<Severity, number> = { stop: 0, mind: 1, open: 2, note: 3 };

/** Stops before minds, then the margin that is worst in proportion to its limit. */
export function worstFirst(a: Judged, b: Judged): number {
  const share = (judged: Judged) => judged.margin / Math.max(Math.abs(judged.limit), 1e-9);
  return severityRank[a.severity] - severityRank[b.severity] || share(a) - share(b);
}
