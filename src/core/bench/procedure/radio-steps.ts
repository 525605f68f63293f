import type { Reading } from '../../reading/build-reading/reading';
import { channelRows, type ChannelRow } from '../../reading/radio/channel-table';
import { radiosOf, type Radio } from '../../reading/radio/radios';
import { formatQuantity } from '../../base/quantity/format';
import { capital, nameList } from '../../base/words/sentences';
import type { Step } from './step';

/** What is to be set in the transmitter that a fresh memory of it has not: a step for the memory, and one a channel. */
export const radioSteps = (context: Reading): Step[] =>
  radiosOf(context).flatMap((radio) => stepsOf(context, radio));

function stepsOf(context: Reading, radio: Radio): Step[] {
  const { transmitter, owner } = radio;
  if (!transmitter) return [];
  const { fitting, part } = transmitter;
  const step = (id: string, title: string, lines: string[]): Step => ({
    id,
    phase: 'prepare',
    title,
    lines,
    cautions: ['radio'],
    needsPower: false,
    isHold: false,
    touches: [fitting.id],
  });
  const { memory, alarmVolts } = fitting;
  const memoryLines = [
    memory === undefined
      ? undefined
      : `Number ${memory}, called “${context.build.name}”. A fresh one, so that nothing of another model is left in it.`,
    alarmVolts === undefined ? undefined : `Set its alarm to ${formatQuantity(alarmVolts, 'V')}.`,
  ].filter((line) => line !== undefined);
  return [
    ...(memoryLines.length > 0
      ? [step(`memory:${fitting.id}`, `A memory of the ${fitting.name} for this model`, memoryLines)]
      : []),
    ...channelRows(context, radio)
      // A fail-safe alone is set and tried on the stand.
      .filter(({ words }) => words.length > 0)
      .map((row) =>
        step(
          `channel:${row.channel}${owner === undefined ? '' : `:${owner}`}`,
          titleOf(row),
          linesOf(row, part.throwMicros?.value),
        ),
      ),
  ];
}

const titleOf = ({ channel, inputs, setting, radio: { owner, transmitter } }: ChannelRow): string =>
  `${setting.isRead ? 'Look at' : 'Set'} channel ${channel} in the ${owner === undefined ? 'transmitter' : transmitter?.fitting.name}: ${nameList(inputs.map((input) => input.function.name.toLowerCase()))}`;

function linesOf(
  { words, failSafe, pulses, setting }: ChannelRow,
  throwMicros: number | undefined,
): string[] {
  const { low, centre, high } = pulses;
  return [
    ...(setting.isRead ? ['It was read off the transmitter: it should still stand so.'] : []),
    ...(words.length > 0 ? [`${capital(words.join('; '))}.`] : []),
    ...(failSafe === 'not set' ? [] : [`Fail-safe: ${failSafe}.`]),
    `Pulses by the plan: ${low.toFixed(0)}, ${centre.toFixed(0)}, ${high.toFixed(0)} µs${throwMicros === undefined ? ', if 100 % is 500 µs as with most' : ''}.`,
  ];
}
