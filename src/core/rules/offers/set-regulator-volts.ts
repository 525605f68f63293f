import type { Patch } from '../../build/patch';
import type { Rail } from '../../power/rails';
import { formatQuantity } from '../../quantity/format';

/** Sets every regulator on a rail that is above `mostVolts` to its highest choice that is not. */
export function offerLowerVolts(rail: Rail, mostVolts: number): Patch[] {
  const tooHigh = rail.sources.filter((one) => one.volts.full > mostVolts);
  const settings = tooHigh.map((source) => {
    const choices = source.terminal.regulator?.voltsChoices.filter((volts) => volts <= mostVolts) ?? [];
    return { source, volts: Math.max(...choices) };
  });
  if (settings.length === 0 || settings.some((one) => !Number.isFinite(one.volts))) return [];
  return [regulatorPatch(settings.map(({ source, volts }) => ({ ...source.fitted.fitting, volts })))];
}

/** Sets a rail's one regulator to its lowest choice that reaches `leastVolts` and is safe for all. */
export function offerHigherVolts(rail: Rail, leastVolts: number): Patch[] {
  const [source] = rail.sources;
  if (!source?.terminal.regulator || rail.sources.length > 1) return [];
  const ceiling = Math.min(...rail.supplies.map((one) => one.terminal.maxVolts?.value ?? Infinity));
  const fits = source.terminal.regulator.voltsChoices.filter(
    (volts) => volts >= leastVolts && volts <= ceiling,
  );
  if (fits.length === 0) return [];
  return [regulatorPatch([{ ...source.fitted.fitting, volts: Math.min(...fits) }])];
}

function regulatorPatch(settings: { id: string; name: string; volts: number }[]): Patch {
  const words = settings.map((one) => `the BEC of the ${one.name} to ${formatQuantity(one.volts, 'V')}`);
  return {
    id: `set-volts:${settings.map((one) => `${one.id}:${one.volts}`).join('+')}`,
    label: `Set ${words.join(' and ')}`,
    edits: settings.map(({ id, volts }) => ({ type: 'setRegulatorVolts', fitting: id, volts })),
  };
}
