import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { ChannelRow } from '../../core/reading/radio/channel-table';
import { endFor, pulseCurve } from '../../core/reading/radio/pulse-curve';
import { centreMicros, degreesPerMicro } from '../../core/reading/radio/pulse';
import { rangeOf } from '../../core/reading/radio/pulse-range';
import type { ChannelSetting } from '../../core/model/plan/channel-setting';
import { useBuildStore } from '../state/build-store';
import { Figure } from '../drawing/Figure';
import { ValueGrid } from '../drawing/ValueGrid';
import styles from './PulseCurve.module.css';

const box = { width: 380, height: 226, left: 48, right: 44, top: 10, bottom: 34 };
/** Room at both sides, so that no handle lies on the figures. */
const inset = 14;
/** µs that a press of a key moves a handle. */
const keyStep = 5;

interface Handle {
  id: string;
  label: string;
  stick: number;
  micros: number;
  /** What is set where the handle is put at a pulse. */
  change: (micros: number) => Partial<ChannelSetting>;
}

/** Stick, pulse and angle of a channel as a curve, whose ends and centre can be dragged. */
export function PulseCurve({ row, functionId }: { row: ChannelRow; functionId: string }) {
  const apply = useBuildStore((state) => state.apply);
  /** A handle on its way: what would be set if it were let go. */
  const [moved, setMoved] = useState<Partial<ChannelSetting>>();
  const { channel, radio } = row;
  const range = rangeOf(radio.transmitter);
  const setting = { ...row.setting, ...moved };
  const shown = {
    functions: radio.functions,
    channels: [...radio.channels.filter((each) => each.channel !== channel), setting],
  };
  const points = pulseCurve(shown, channel, functionId, range);
  const x = scaleLinear()
    .domain([-1, 1])
    .range([box.left + inset, box.width - box.right - inset]);
  const y = scaleLinear()
    .domain([range.least, range.most])
    .range([box.height - box.bottom, box.top]);
  const path = line<(typeof points)[number]>()
    .x((point) => x(point.stick))
    .y((point) => y(point.micros))(points);
  const [first, last] = [points[0]!, points.at(-1)!];
  const centre = centreMicros + (setting.subTrim ?? 0);
  const end = (stick: -1 | 1, { micros }: { micros: number }): Handle => ({
    id: String(stick),
    label: `End point, control at ${stick < 0 ? '−100' : '100'} %`,
    stick,
    micros,
    change: (to) => endFor(to, micros > centre || (micros === centre && stick > 0), setting, range),
  });
  const handles: Handle[] = [
    end(-1, first),
    {
      id: 'centre',
      label: 'Sub-trim',
      stick: 0,
      micros: centre,
      change: (to) => {
        const subTrim = Math.round(Math.min(Math.max(to - centreMicros, -250), 250));
        return { subTrim: subTrim === 0 ? undefined : subTrim };
      },
    },
    end(1, last),
  ];
  const set = (change: Partial<ChannelSetting>) => {
    setMoved(undefined);
    apply(`channel ${channel}: by its curve`, [
      { type: 'setChannel', channel, transmitter: radio.owner, change },
    ]);
  };
  const microsAt = (event: PointerEvent<SVGElement>): number => {
    const picture = event.currentTarget.ownerSVGElement!;
    const bounds = picture.getBoundingClientRect();
    return y.invert(((event.clientY - bounds.top) / bounds.height) * box.height);
  };
  const [servo] = row.devices.filter((device) => device.kind === 'servo');
  const perMicro = servo && degreesPerMicro(servo.part.travelDegrees?.value);
  return (
    <Figure name={`pulse of channel ${channel}`} caption={`Pulse of channel ${channel}, µs`}>
      <svg
        viewBox={`0 0 ${box.width} ${box.height}`}
        className={styles.picture}
        role="group"
        aria-label={`Pulse of channel ${channel} against its control`}
      >
        <ValueGrid y={y} left={box.left} right={box.width - box.right} count={6} />
        {perMicro !== undefined &&
          y.ticks(6).map((tick) => (
            <text key={tick} x={box.width - box.right + 6} y={y(tick) + 4} className={styles.tick}>
              {((tick - centreMicros) * perMicro).toFixed(0).replace('-', '−')}°
            </text>
          ))}
        {[-1, 0, 1].map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={box.height - box.bottom + 16}
            textAnchor="middle"
            className={styles.tick}
          >
            {(tick * 100).toFixed(0).replace('-', '−')} %
          </text>
        ))}
        <text x={box.left - 40} y={box.height - 4} className={styles.tick}>
          µs against the control
        </text>
        {path && <path d={path} className={styles.curve} />}
        {handles.map((handle) => (
          <circle
            key={handle.id}
            cx={x(handle.stick)}
            cy={y(handle.micros)}
            r={8}
            className={styles.handle}
            role="slider"
            tabIndex={0}
            aria-label={handle.label}
            aria-valuenow={Math.round(handle.micros)}
            aria-valuemin={range.least}
            aria-valuemax={range.most}
            aria-valuetext={`${Math.round(handle.micros)} µs`}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={(event) =>
              event.currentTarget.hasPointerCapture(event.pointerId) &&
              setMoved(handle.change(microsAt(event)))
            }
            onPointerUp={() => moved && set(moved)}
            onKeyDown={(event: KeyboardEvent) => {
              const step = { ArrowUp: keyStep, ArrowDown: -keyStep }[event.key];
              if (step === undefined) return;
              event.preventDefault();
              set(handle.change(handle.micros + step));
            }}
          >
            <title>{`${handle.label}: ${Math.round(handle.micros)} µs. Drag it, or use the arrow keys.`}</title>
          </circle>
        ))}
      </svg>
    </Figure>
  );
}
