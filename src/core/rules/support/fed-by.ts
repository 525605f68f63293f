import type { Supply } from '../../power/power-picture';

/** Whether a part takes its power straight from a pack, with no regulator between. */
export const isRawFed = (supply: Supply): boolean => supply.sources[0]?.fitted.part.kind === 'pack';

/** Whether a part takes its power from a regulator. */
export const isRegulated = (supply: Supply): boolean => supply.sources[0]?.terminal.regulator !== undefined;
