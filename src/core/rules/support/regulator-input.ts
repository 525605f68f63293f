import type { Source } from '../../power/power-picture';
import type { CheckContext } from '../rule';

/** Volts at the input of a regulator with the pack full; `undefined` where nothing feeds it. */
export function inputVoltsOf({ picture }: Pick<CheckContext, 'picture'>, source: Source): number | undefined {
  return picture.supplies.find((one) => one.fitted === source.fitted && one.terminal.id === 'supply')?.volts
    ?.full;
}
