import type { Well, WellReport } from '../../core/judgement/findings/wells';

import { counted } from '../../core/base/words/sentences';

/** What a well says of itself: `flooded · 2 stops, 1 warning` and its worst figure; and in short, `flooded 3`. */
export function wellWords(well: Well, report: WellReport): { state: string; figure: string; short: string } {
  const { state, stop, mind, note, open, accepted, unknown, headline } = report;
  if (state === 'hatched') {
    return {
      state: well === 'space' && unknown === 0 ? 'not laid out yet' : 'facts missing',
      figure: unknown > 0 ? `${unknown} unknown` : '',
      short: unknown > 0 ? `${unknown} unknown` : 'not yet',
    };
  }
  if (state === 'open')
    return {
      state: `open · ${counted(open, 'verdict')}`,
      figure: headline ?? '',
      short: 'open',
    };
  const counts = [
    stop > 0 ? counted(stop, 'stop') : '',
    mind > 0 ? counted(mind, 'warning') : '',
    accepted > 0 ? `${accepted} accepted` : '',
    // Beside what must be done a note is not worth its room.
    note > 0 && stop + mind === 0 ? counted(note, 'note') : '',
  ].filter(Boolean);
  const word = state === 'damp' && stop + mind === 0 ? 'damp, known' : state;
  return {
    state: counts.length > 0 ? `${word} · ${counts.join(', ')}` : word,
    figure: headline ?? (unknown > 0 ? `${unknown} unknown` : state === 'dry' ? 'no problems' : ''),
    short: stop + mind > 0 ? `${state} ${stop + mind}` : state,
  };
}
