import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import type { ChannelRow } from '../../core/reading/radio/channel-table';
import {
  curvePoints,
  failSafes,
  type ChannelSetting,
  type StickShape,
} from '../../core/model/plan/channel-setting';
import type { ModelFunction } from '../../core/model/plan/model-function';
import { displayOf } from '../../core/reading/radio/pulse';
import { rangeOf } from '../../core/reading/radio/pulse-range';
import { capital } from '../../core/base/words/sentences';
import { ChainSelect } from '../brief/ChainSelect';
import { NumberField } from '../brief/NumberField';
import { Explained } from '../help/Explained';
import { useBuildStore } from '../state/build-store';
import { LinkageEditor } from './LinkageEditor';
import { PulseCurve } from './PulseCurve';
import styles from './ChannelEditor.module.css';

const failSafeNames: Record<(typeof failSafes)[number], string> = {
  hold: 'hold',
  off: 'send no pulses',
  position: 'go to a position',
};

/** What is set on a channel, with the pulse that comes of it. */
export function ChannelEditor({ row }: { row: ChannelRow }) {
  const apply = useBuildStore((state) => state.apply);
  const { radio, channel, setting, inputs } = row;
  const set = (words: string, change: Partial<Omit<ChannelSetting, 'channel' | 'transmitter'>>) =>
    apply(`channel ${channel}: ${words}`, [
      { type: 'setChannel', channel, transmitter: radio.owner, change },
    ]);
  const number = (
    key: 'subTrim' | 'lowEnd' | 'highEnd' | 'slowSeconds' | 'failSafePercent',
    label: string,
    least: number,
    most: number,
    usual?: string,
  ) => (
    <NumberField
      label={label}
      value={setting[key]}
      least={least}
      most={most}
      {...(usual !== undefined && { estimated: usual })}
      onTake={(value) => set(label.toLowerCase(), { [key]: value })}
    />
  );
  const measured = (key: 'low' | 'centre' | 'high', label: string) => (
    <NumberField
      label={label}
      value={setting.measured?.[key]}
      least={500}
      most={2500}
      onTake={(value) => {
        const { [key]: _, ...others } = setting.measured ?? {};
        const next = value === undefined ? others : { ...others, [key]: value };
        set(label.toLowerCase(), { measured: Object.keys(next).length > 0 ? next : undefined });
      }}
    />
  );
  const range = rangeOf(radio.transmitter);
  const reads = (micros: number) => `${displayOf(micros, range).toFixed(0).replace('-', '−')} %`;
  const main = inputs[0];
  return (
    <section className={styles.editor} aria-label={`Channel ${channel}`}>
      <div className={styles.picture}>
        <h2 className={styles.title}>
          Channel {channel}: {inputs.map((input) => input.function.name).join(' and ')}
        </h2>
        {main && <PulseCurve key={channel} row={row} functionId={main.function.id} />}
        <p className={styles.hint}>
          Pulses {row.pulses.low.toFixed(0)}, {row.pulses.centre.toFixed(0)}, {row.pulses.high.toFixed(0)} µs;
          the transmitter shows {reads(row.pulses.low)}, {reads(row.pulses.centre)}, {reads(row.pulses.high)}.
        </p>
        {row.arming.map(({ fitting, words }) => (
          <p key={fitting} className={styles.hint}>
            {capital(words)}.
          </p>
        ))}
      </div>
      <div className={styles.fields}>
        <FormControlLabel
          control={
            <Checkbox
              size="small"
              checked={setting.isReversed ?? false}
              onChange={(_, on) =>
                set(on ? 'reversed' : 'not reversed', { isReversed: on ? true : undefined })
              }
            />
          }
          label="Reversed"
        />
        <FormControlLabel
          control={
            <Checkbox
              size="small"
              checked={setting.isRead ?? false}
              onChange={(_, on) => set(on ? 'read off it' : 'planned', { isRead: on ? true : undefined })}
            />
          }
          label="Copied from my transmitter"
        />
        <div className={styles.row}>
          {number('lowEnd', 'End point, short pulses, %', 0, 150, '100')}
          {number('highEnd', 'End point, long pulses, %', 0, 150, '100')}
        </div>
        <div className={styles.row}>
          {number('subTrim', 'Sub-trim, µs', -250, 250, '0')}
          {number('slowSeconds', 'Seconds from end to end', 0, 30, '0')}
        </div>
        <div className={styles.row}>
          <div className={styles.choice}>
            <Explained text="Fail-safe" />
            <ChainSelect
              label="When the link is lost"
              value={setting.failSafe ?? ''}
              empty="not set"
              options={failSafes.map((value) => ({ value, text: failSafeNames[value] }))}
              onChoose={(value) =>
                set('fail-safe', {
                  failSafe: value as ChannelSetting['failSafe'],
                  failSafePercent: value === 'position' ? (setting.failSafePercent ?? 0) : undefined,
                })
              }
            />
          </div>
          {setting.failSafe === 'position' && number('failSafePercent', 'It goes to, %', -150, 150)}
        </div>
        <Shares row={row} onSet={set} />
        {inputs.map((input) => (
          <Shape key={input.function.id} modelFunction={input.function} />
        ))}
        <h3 className={styles.small}>Measured on the port, µs</h3>
        <div className={styles.row}>
          {measured('low', 'Shortest')}
          {measured('centre', 'Centre')}
          {measured('high', 'Longest')}
        </div>
      </div>
      {row.devices.map(
        (device) => device.kind === 'servo' && <LinkageEditor key={device.fitting.id} servo={device} />,
      )}
    </section>
  );
}

interface SharesProps {
  row: ChannelRow;
  onSet: (words: string, change: Partial<Omit<ChannelSetting, 'channel' | 'transmitter'>>) => void;
}

/** How much of each function a mixed channel has. */
function Shares({ row, onSet }: SharesProps) {
  const { inputs, setting } = row;
  const mix = setting.mix ?? [];
  if (mix.length === 0) return null;
  return (
    <>
      <h3 className={styles.small}>Mixed from</h3>
      <div className={styles.row}>
        {inputs.map((input) => {
          const { id, name } = input.function;
          return (
            <NumberField
              key={id}
              label={`${name}, %`}
              value={input.percent}
              least={-150}
              most={150}
              onTake={(percent = 0) =>
                onSet(`share of ${name}`, {
                  mix: [...mix.filter((each) => each.function !== id), { function: id, percent }],
                })
              }
            />
          );
        })}
      </div>
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={setting.isShared ?? false}
            onChange={(_, on) => onSet('how the sum is cut', { isShared: on ? true : undefined })}
          />
        }
        label="At full, share out instead of cutting off: a turn survives full throttle"
      />
    </>
  );
}

/** How a function follows its control, on whatever channels it is. */
function Shape({ modelFunction }: { modelFunction: ModelFunction }) {
  const apply = useBuildStore((state) => state.apply);
  const { id, name, shape = {} } = modelFunction;
  const set = (words: string, change: Partial<StickShape>) => {
    const next = Object.fromEntries(
      Object.entries({ ...shape, ...change }).filter(([, value]) => value !== undefined),
    );
    apply(`${name}: ${words}`, [
      {
        type: 'setFunction',
        function: id,
        change: { shape: Object.keys(next).length > 0 ? next : undefined },
      },
    ]);
  };
  const straight = Array.from({ length: curvePoints }, (_, n) => (200 * n) / (curvePoints - 1) - 100);
  return (
    <>
      <h3 className={styles.small}>{name} follows its control</h3>
      <div className={styles.row}>
        <NumberField
          label="Rate, %"
          value={shape.rate}
          estimated="100"
          least={5}
          most={125}
          onTake={(rate) => set('rate', { rate })}
        />
        <NumberField
          label="Exponential, %"
          value={shape.expo}
          estimated="0"
          least={-50}
          most={100}
          onTake={(expo) => set('exponential', { expo })}
        />
      </div>
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={shape.curve !== undefined}
            onChange={(_, on) => set(on ? 'a curve' : 'no curve', { curve: on ? straight : undefined })}
          />
        }
        label="By a curve of five points"
      />
      {shape.curve && (
        <div className={styles.points}>
          {shape.curve.map((value, n) => (
            <NumberField
              key={straight[n]}
              label={`At ${straight[n]} %`}
              value={value}
              least={-100}
              most={100}
              onTake={(typed = 0) => set('curve', { curve: shape.curve!.with(n, typed) })}
            />
          ))}
        </div>
      )}
    </>
  );
}
