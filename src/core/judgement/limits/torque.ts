import { kilogramCentimetre } from '../../base/quantity/constants';
import type { MechanismLoad } from '../../reading/circuit/mechanism-load';
import { atLeast, type Limit } from './limit';

type Message = 'tooWeak' | 'weak' | 'wedged';

/**
 * What a mechanism asks may be off by so much, with its size told and without: below this share of it a servo is
 * surely too weak, or worth a word.
 */
const surelyTold = 0.6;
const surelyGuessed = 0.5;

/** Whether what hangs on a servo was told, and not guessed from the kind of model. */
const isLoadTold = (load: MechanismLoad): boolean => load.terms[0]?.provenance === 'stated';

/** Torque that comes to a mechanism, in N·m, against what it asks. */
export function torqueLimit(load: MechanismLoad, there: number): Limit<Message> {
  const { newtonMetres, wedgedNewtonMetres = 0 } = load;
  const against = (needed: number, share: number, message: Message): Limit<Message> => ({
    ...atLeast(there / kilogramCentimetre, (share * needed) / kilogramCentimetre, 'kg·cm', message),
    limit: needed / kilogramCentimetre,
  });
  const isTold = isLoadTold(load);
  const kept = against(newtonMetres, isTold ? 1 : surelyGuessed, 'weak');
  const grave = isTold ? against(newtonMetres, surelyTold, 'tooWeak') : kept;
  const wedged = against(wedgedNewtonMetres, 1, 'wedged');
  return [grave, kept, wedged].find(({ passed }) => passed) ?? kept;
}
