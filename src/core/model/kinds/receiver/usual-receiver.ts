import { leastSoldVolts } from '../least-sold';
import { presumed, type PresumedFigure } from '../presumed';
import type { ReceiverSpec } from './receiver';

/** Volts under which a receiver restarts where its sheet does not say. Engineering notes, section 10. */
export const usualFloor = 3.5;

/** The most that such a floor may be but for old receivers: what a limit is held to where no sheet says. The same source. */
export const cautiousFloor = 4;

/** What is usual of a receiver where its label is silent. The same source. */
export const presumedOfReceiver = (part: ReceiverSpec): PresumedFigure[] => [
  ...(part.minVolts
    ? []
    : [presumed('minVolts', [usualFloor, 3.2, cautiousFloor], 'high', 'usual floor of a receiver')]),
  ...(part.amps ? [] : [presumed('amps', [0.05, 0.03, 0.12], 'high', 'usual for a receiver')]),
  ...(part.maxVolts
    ? []
    : [presumed('maxVolts', [leastSoldVolts(part), 6, 8.4], 'low', 'the least that receivers are sold for')]),
];
