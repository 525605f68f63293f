import type { CheckContext } from '../findings/context';
import { channelTable, type ChannelRow } from '../radio/channel-table';
import { formatQuantity } from '../quantity/format';
import { capital, nameList } from '../words/sentences';
import type { Step } from './step';

/** What is to be set in the transmitter that a fresh memory of it has not: a step for the memory, and one a channel. */
export function radioSteps(context: CheckContext): Step[] {
  const [transmitter] = context.index.ofKind('transmitter');
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
    ...channelTable(context)
      .filter(({ words, setting }) => words.length > 0 || setting.failSafe !== undefined)
      .map((row) => step(`channel:${row.channel}`, titleOf(row), linesOf(row, part.throwMicros?.value))),
  ];
}

const titleOf = ({ channel, inputs }: ChannelRow): string =>
  `Set channel ${channel} in the transmitter: ${nameList(inputs.map((input) => input.function.name.toLowerCase()))}`;

function linesOf({ words, failSafe, pulses }: ChannelRow, throwMicros: number | undefined): string[] {
  const { low, centre, high } = pulses;
  return [
    ...(words.length > 0 ? [`${capital(words.join('; '))}.`] : []),
    ...(failSafe === 'not set' ? [] : [`Fail-safe: ${failSafe}.`]),
    `Pulses by the plan: ${low.toFixed(0)}, ${centre.toFixed(0)}, ${high.toFixed(0)} µs${throwMicros === undefined ? ', if 100 % is 500 µs as with most' : ''}.`,
  ];
}
