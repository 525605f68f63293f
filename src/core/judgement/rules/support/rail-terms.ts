import type { Share } from '../../../reading/circuit/loads';
import type { Term } from '../../../base/quantity/term';
import { fittingSubject, type Missing } from '../../findings/report';
import type { Fitted } from '../../../model/kinds/fitted';

/** The amps that each part takes, as terms. */
export const shareTerms = (shares: readonly Share[]): Term[] =>
  shares.map((share) => ({
    name: `${share.fitted.fitting.name}${share.isStalled ? ', stalled' : share.fitted.kind === 'motor' ? ', full throttle' : ''}`,
    value: share.amps,
    unit: 'A',
    provenance: share.provenance,
  }));

/** Parts whose sheets do not say what they draw. */
export const missingAmps = (unknown: readonly { fitted: Fitted; words: string }[]): Missing[] =>
  unknown.map(({ fitted, words }) => ({ missing: words, subjects: [fittingSubject(fitted.fitting.id)] }));
