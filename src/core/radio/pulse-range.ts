import type { BuildIndex } from '../survey/build-index';
import { usualRange, type PulseRange } from './pulse';

/** What the transmitter of a build makes of 100 %: its sheet first, else the usual. */
export function rangeOf(index: BuildIndex): PulseRange {
  const [transmitter] = index.ofKind('transmitter');
  const throwMicros = transmitter?.part.throwMicros?.value;
  if (throwMicros === undefined) return usualRange;
  // At 150 % it sends no more.
  return { throwMicros, least: 1500 - 1.5 * throwMicros, most: 1500 + 1.5 * throwMicros };
}
