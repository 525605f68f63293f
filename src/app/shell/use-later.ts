import { useDeferredValue } from 'react';

/**
 * Whether the rest of a screen may be drawn: its head is seen first, so that a station answers at once, and what takes
 * longer comes with the next frames.
 */
export const useLater = (): boolean => useDeferredValue(true, false);
