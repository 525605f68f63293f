import type { Fitted } from '../../build/build-index';
import type { Regulator } from '../../parts/regulator';
import type { BuckValues } from '../../network/devices/buck';
import { regulatorAmps } from '../../power/regulator-amps';
import type { Estimates } from '../estimates';

/** What a regulator does, without the nodes it stands between. */
export type RegulatorFigures = Omit<BuckValues, 'id' | 'from' | 'to' | 'ground'>;

/**
 * A regulator's figures; what sheets hardly ever state is taken as usual for its type (rules of thumb).
 * @param inputVolts nominal volts at its input, where something feeds it
 */
export function regulatorFigures(
  { fitting }: Fitted,
  regulator: Regulator,
  setVolts: number,
  inputVolts: number | undefined,
  estimates: Estimates,
): RegulatorFigures {
  const isLinear = regulator.type === 'linear';
  const of = `of the BEC of the ${fitting.name}`;
  const label = estimates.take(`${fitting.id}.becAmps`, `most amps ${of}`, regulator.maxAmps, {
    value: regulator.maxAmps.value,
    least: 0.8,
    most: 1.2,
    note: 'its sheet calls it an estimate',
  });
  // A linear one shuts its amps down to what its heat allows: min(maxAmps, maxWatts/(Vin − Vout)).
  const shed =
    inputVolts === undefined
      ? label
      : regulatorAmps({ ...regulator, maxAmps: { ...regulator.maxAmps, value: label } }, inputVolts, setVolts)
          .value;
  return {
    setVolts,
    maxAmps: shed,
    dropoutVolts: estimates.take(
      `${fitting.id}.dropoutVolts`,
      `dropout volts ${of}`,
      regulator.dropoutVolts,
      {
        value: isLinear ? 1.1 : 0.8,
        least: 0.5,
        most: 1.6,
        note: `usual for a ${regulator.type} BEC, rule of thumb`,
      },
    ),
    efficiency: isLinear
      ? 1
      : estimates.take(`${fitting.id}.efficiency`, `efficiency ${of}`, regulator.efficiency, {
          value: 0.85,
          least: 0.9,
          most: 1.08,
          note: 'usual for a switching BEC, rule of thumb',
        }),
    quiescentAmps: isLinear ? 0.006 : 0.012,
    outOhms: estimates.take(`${fitting.id}.outOhms`, `ohms ${of}`, undefined, {
      value: 0.02,
      least: 0.5,
      most: 3,
      note: 'how far its volts give way under load, rule of thumb',
    }),
  };
}
