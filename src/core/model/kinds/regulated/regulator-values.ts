import type { BuckValues } from '../../../physics/network/devices/buck';
import type { Regulator } from '../../parts/regulator';
import type { Fitted } from '../fitted';
import { regulatorChoices, regulatorName } from './regulator-choices';
import type { Conditions } from '../conditions';
import { defaults } from '../defaults';
import type { Estimates } from '../estimates';

/** What a regulator does, without the nodes it stands between. */
export type RegulatorFigures = Omit<BuckValues, 'id' | 'from' | 'to' | 'ground'>;

/** Amps that stand for no limit: what is asked of a regulator, whatever it can give. */
const withoutLimit = 1e4;

/** Volts that a regulator's input must stand above its output. */
export const dropoutVolts = (fitted: Fitted, regulator: Regulator, estimates: Estimates): number =>
  estimates.take(
    `${fitted.fitting.id}.dropoutVolts`,
    `dropout volts of the ${regulatorName(fitted)}`,
    regulator.dropoutVolts,
    usualDropouts[regulator.type],
  );

const usualDropouts = { linear: defaults.linearDropout, switching: defaults.switchingDropout };

/** Volts that a regulator of such a sheet needs above its output. */
export const usualDropout = ({ dropoutVolts: stated, type }: Regulator): number =>
  stated?.value ?? usualDropouts[type].value;

/**
 * A regulator's figures. Where nobody has set its volts, the highest choice stands for what is asked of it and the
 * lowest for what parts are left with at cut-off.
 */
export function regulatorFigures(
  fitted: Fitted,
  regulator: Regulator,
  { charge, isUnlimited }: Pick<Conditions, 'charge' | 'isUnlimited'>,
  estimates: Estimates,
): RegulatorFigures {
  const { fitting } = fitted;
  const of = `of the ${regulatorName(fitted)}`;
  const isLinear = regulator.type === 'linear';
  const choices = regulatorChoices(fitting, regulator);
  const maxAmps = estimates.take(`${fitting.id}.becAmps`, `most amps ${of}`, regulator.maxAmps, {
    value: regulator.maxAmps.value,
    least: 0.8,
    most: 1.2,
    note: 'its sheet calls it an estimate',
  });
  const setVolts = (isUnlimited && charge !== 'cutoff' ? choices.at(-1) : choices[0]) ?? 5;
  return {
    setVolts,
    maxAmps: isUnlimited ? withoutLimit : maxAmps,
    dropoutVolts: dropoutVolts(fitted, regulator, estimates),
    efficiency: isLinear
      ? 1
      : estimates.take(
          `${fitting.id}.efficiency`,
          `efficiency ${of}`,
          regulator.efficiency,
          defaults.switchingEfficiency,
        ),
    quiescentAmps: isLinear ? 0.006 : 0.012,
    outOhms: estimates.take(`${fitting.id}.outOhms`, `ohms ${of}`, undefined, defaults.regulatorOhms),
  };
}
