import { estimated } from '../../base/validation/figure';
import type { LoadForm, LoadSpec } from '../../model/kinds/load/load';

/** Loads that are plain about their volts: they burn dimmer or turn slower. Electronics are not. */
const plain: ReadonlySet<LoadForm> = new Set<LoadForm>(['lamps', 'pump', 'smoke', 'horn', 'fan']);

/** Least and most volts as shares of those printed, as such parts of the starter locker have them. */
const shares = { plain: [0.75, 1.15], electronic: [0.9, 1.05] } as const;

/** The volts that a load works on of which one figure is printed: it is made for about that. @param printed volts */
export function aroundPrinted(
  form: LoadForm,
  printed: number | undefined,
): Pick<LoadSpec, 'minVolts' | 'maxVolts'> {
  if (printed === undefined) return {};
  const [least, most] = shares[plain.has(form) ? 'plain' : 'electronic'];
  const volts = (share: number) =>
    estimated(Number((printed * share).toPrecision(3)), `made for about the ${printed} V that are printed`);
  return { minVolts: volts(least), maxVolts: volts(most) };
}
