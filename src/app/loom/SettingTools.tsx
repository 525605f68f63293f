import { brakeModes, runningModes } from '../../core/parts/controller';
import { terminalsOf } from '../../core/kinds';
import type { Fitting } from '../../core/plan/fitting';
import type { Fitted } from '../../core/survey/build-index';
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

/** What a part can be set to: BEC volts, link, cut-off, running mode and brake. */
export function SettingTools({ fitted }: { fitted: Fitted }) {
  const apply = useBuildStore((state) => state.apply);
  const { fitting, part } = fitted;
  const regulator = terminalsOf(part).gives?.regulator;
  const set = (what: string, change: Partial<Fitting>) =>
    apply(`${what} of the ${fitting.name}`, [{ type: 'setFitting', fitting: fitting.id, change }]);
  return (
    <>
      {regulator && (
        <MenuButton
          label="BEC volts"
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
          label="Link"
          values={part.protocols}
          words={(one) => one}
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
            label="Cut-off"
            values={[...(part.cutoffModes ?? []), 'off' as const]}
            words={(one) => (one === 'off' ? 'off' : `for ${one}`)}
            onChoose={(cutoff) => set('cut-off', { cutoff })}
          />
          <Settings
            label="Running mode"
            values={runningModes.filter((one) => part.modes?.includes(one))}
            words={(one) => modeWords[one]}
            onChoose={(running) => set('running mode', { running })}
          />
          <Settings
            label="Brake"
            values={[...brakeModes.filter((one) => part.modes?.includes(one)), 'off' as const]}
            words={(one) => modeWords[one]}
            onChoose={(brake) => set('brake', { brake })}
          />
          <Settings
            label="Direction"
            values={['as wired', 'turned round'] as const}
            words={(one) => one}
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
      options={values.map((one) => ({ id: one, text: words(one) }))}
      onChoose={(id) => {
        const chosen = values.find((one) => one === id);
        if (chosen) onChoose(chosen);
      }}
    />
  );
}
