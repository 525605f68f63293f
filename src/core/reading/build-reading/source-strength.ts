import { lastingAmps } from '../../model/kinds/regulated/regulator-amps';
import type { Reading } from './reading';
import type { Source } from '../survey/power';

/** Amps that a regulator gives for minutes on this pack: its label, or what its heat leaves of it. 0 for a pack. */
export function strengthOf({ survey }: Pick<Reading, 'survey'>, source: Source): number {
  const { regulator } = source.terminal;
  if (!regulator) return 0;
  const input = survey.supplyOf(source.fitted.fitting.id)?.volts?.full;
  return input === undefined
    ? regulator.maxAmps.value
    : lastingAmps(regulator, input, source.volts.full).value;
}
