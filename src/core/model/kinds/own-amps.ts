import type { Figure } from '../../base/validation/figure';
import type { Fitted } from './fitted';
import { defaults } from './defaults';
import type { Estimates } from './estimates';

const guesses = {
  receiver: defaults.receiverAmps,
  load: defaults.loadAmps,
  electronicSwitch: defaults.switchAmps,
} as const;

/** Amps that a part draws by its sheet, or what is usual for its kind. */
export const ownAmps = (
  { fitting }: Fitted,
  figure: Figure | undefined,
  kind: keyof typeof guesses,
  estimates: Estimates,
): number => estimates.take(`${fitting.id}.amps`, `amps of the ${fitting.name}`, figure, guesses[kind]);
