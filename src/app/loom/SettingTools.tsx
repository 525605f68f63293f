import { brakeModes, runningModes } from '../../core/model/parts/controller-modes';
import { terminalsOf } from '../../core/model/kinds';
import type { Fitting } from '../../core/model/fitting/fitting';
import type { Fitted } from '../../core/model/kinds/fitted';
import { useBuildStore } from '../state/build-store';
import { MenuButton } from './MenuButton';

const modeWords = {
  reverse: 'brake first, then reverse',
  instantReverse: 'reverse at once',
  noReverse: 'forward only',
  brake: 'brakes at the stick',
  dragBrake: 'drag brake at neutral',
  off: 'off',
} as const;

/**
 * What a part can be set to: BEC volts, link, cut-off, running mode and brake.
 * @param ofWhat whether its buttons say whose settings they are, as several parts of a board have the same
 */
export function SettingTools({ fitted, ofWhat = false }: { fitted: Fitted; ofWhat?: boolean }) {
  const apply = useBuildStore((state) => state.apply);
  const { fitting, part } = fitted;
  const regulator = terminalsOf(part).gives?.regulator;
  const called = (label: string) => (ofWhat ? `${label}, ${fitting.name.split('’s ').at(-1)}` : label);
  const set = (what: string, change: Partial<Fitting>) =>
    apply(`${what} of the ${fitting.name}`, [{ type: 'setFitting', fitting: fitting.id, change }]);
  return (
    <>
      {regulator && (
        <MenuButton
          label={called('BEC volts')}
          options={regulator.voltsChoices.map((volts) => ({
            id: String(volts),
            text: `${volts.toFixed(1)} V`,
          }))}
          onChoose={(volts) =>
            apply(`BEC of the ${fitting.name} to ${volts} V`, [
              { type: 'setRegulatorVolts', fitting: fitting.id, volts: Number(volts) },
            ])
          }
        />
      )}
      {part.kind === 'transmitter' && part.protocols.length > 1 && (
        <Settings
          label={called('Link')}
          values={part.protocols}
          words={(text) => text}
          onChoose={(protocol) =>
            apply(`link of the ${fitting.name}: ${protocol}`, [
              { type: 'setProtocol', fitting: fitting.id, protocol },
            ])
          }
        />
      )}
      {part.kind === 'controller' && (
        <>
          <Settings
            label={called('Cut-off')}
            values={[...(part.cutoffModes ?? []), 'off' as const]}
            words={(chemistry) => (chemistry === 'off' ? 'off' : `for ${chemistry}`)}
            onChoose={(cutoff) => set('cut-off', { cutoff })}
          />
          <Settings
            label={called('Running mode')}
            values={runningModes.filter((mode) => part.modes?.includes(mode))}
            words={(mode) => modeWords[mode]}
            onChoose={(running) => set('running mode', { running })}
          />
          <Settings
            label={called('Brake')}
            values={[...brakeModes.filter((mode) => part.modes?.includes(mode)), 'off' as const]}
            words={(mode) => modeWords[mode]}
            onChoose={(brake) => set('brake', { brake })}
          />
          <Settings
            label={called('Direction')}
            values={['as wired', 'turned round'] as const}
            words={(way) => way}
            onChoose={(direction) => set('direction', { isReversed: direction === 'turned round' })}
          />
        </>
      )}
    </>
  );
}

interface SettingsProps<Value extends string> {
  label: string;
  values: readonly Value[];
  words: (value: Value) => string;
  onChoose: (value: Value) => void;
}

function Settings<Value extends string>({ label, values, words, onChoose }: SettingsProps<Value>) {
  return (
    <MenuButton
      label={label}
      options={values.map((value) => ({ id: value, text: words(value) }))}
      onChoose={(id) => {
        const chosen = values.find((value) => value === id);
        if (chosen) onChoose(chosen);
      }}
    />
  );
}
