import type { Supply } from '../../../reading/survey/power';

/** Whether a part takes its power straight from a pack, with no regulator between. */
export const isRawFed = (supply: Supply): boolean => supply.sources[0]?.fitted.kind === 'pack';
