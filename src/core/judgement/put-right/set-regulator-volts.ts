import { railRange } from '../limits/volts';
import type { Patch } from '../../model/plan/patch';
import { formatQuantity } from '../../base/quantity/format';
import { regulatorChoices, regulatorName } from '../../model/kinds/regulated/regulator-choices';
import type { Rail } from '../../reading/survey/rails';

/** Sets every regulator on a rail that is above `mostVolts`, or may be, to its highest choice that all on the rail stand. */
export function offerLowerVolts(rail: Rail, mostVolts: number): Patch[] {
  const tooHigh = rail.sources.filter((source) => source.volts.full > mostVolts);
  const most = Math.min(mostVolts, railRange(rail).most);
  const settings = tooHigh.map((source) => {
    const choices = source.terminal.regulator?.voltsChoices.filter((volts) => volts <= most) ?? [];
    return { source, volts: Math.max(...choices) };
  });
  if (settings.length === 0 || settings.some((setting) => !Number.isFinite(setting.volts))) return [];
  return [
    regulatorPatch(
      settings.map(({ source, volts }) => ({
        id: source.fitted.fitting.id,
        name: regulatorName(source.fitted),
        volts,
      })),
    ),
  ];
}

/** Sets a rail's one regulator to its lowest choice that reaches `leastVolts` and is safe for all. */
export function offerHigherVolts(rail: Rail, leastVolts: number): Patch[] {
  const [source] = rail.sources;
  if (!source?.terminal.regulator || rail.sources.length > 1) return [];
  const { most: ceiling } = railRange(rail);
  const now = regulatorChoices(source.fitted.fitting, source.terminal.regulator);
  const fits = source.terminal.regulator.voltsChoices.filter(
    (volts) => volts >= leastVolts && volts <= ceiling && !(now.length === 1 && now[0] === volts),
  );
  if (fits.length === 0) return [];
  return [
    regulatorPatch([
      { id: source.fitted.fitting.id, name: regulatorName(source.fitted), volts: Math.min(...fits) },
    ]),
  ];
}

function regulatorPatch(settings: { id: string; name: string; volts: number }[]): Patch {
  const words = settings.map((setting) => `the ${setting.name} to ${formatQuantity(setting.volts, 'V')}`);
  return {
    id: `set-volts:${settings.map((setting) => `${setting.id}:${setting.volts}`).join('+')}`,
    label: `Set ${words.join(' and ')}`,
    edits: settings.map(({ id, volts }) => ({ type: 'setRegulatorVolts', fitting: id, volts })),
  };
}
