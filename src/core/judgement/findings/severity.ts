/**
 * `stop`: damages, fails or hurts. `mind`: works, but weak or to be watched. `open`: one or the other, or nothing, by a
 * figure that nobody told. `note`: good to know.
 */
export type Severity = 'stop' | 'mind' | 'open' | 'note';

/** What a person reads of each: the plain word. */
export const severityNames: Record<Severity, string> = {
  stop: 'stop',
  mind: 'warning',
  open: 'open',
  note: 'note',
};
