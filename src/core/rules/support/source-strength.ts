import type { Source } from '../../power/power-picture';
import { regulatorAmps } from '../../power/regulator-amps';
import type { CheckContext } from '../rule';
import { inputVoltsOf } from './regulator-input';

/** Amps that a regulator really gives on this pack: its label, or what its heat leaves of it. 0 for a pack. */
export function strengthOf(context: Pick<CheckContext, 'picture'>, source: Source): number {
  const { regulator } = source.terminal;
  if (!regulator) return 0;
  const input = inputVoltsOf(context, source);
  return input === undefined
    ? regulator.maxAmps.value
    : regulatorAmps(regulator, input, source.volts.full).value;
}
