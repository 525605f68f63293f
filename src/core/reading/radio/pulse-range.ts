import type { Fitted } from '../../model/kinds/fitted';
import { usualRange, type PulseRange } from './pulse';

/** What a transmitter makes of 100 %: its sheet first, else the usual. */
export function rangeOf(transmitter: Fitted<'transmitter'> | undefined): PulseRange {
  const throwMicros = transmitter?.part.throwMicros?.value;
  if (throwMicros === undefined) return usualRange;
  // At 150 % it sends no more.
  return { throwMicros, least: 1500 - 1.5 * throwMicros, most: 1500 + 1.5 * throwMicros };
}
