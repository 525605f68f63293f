import { shortestWay } from '../../reading/survey/shortest-way';
import { defineRule } from './rule';
import type { Reading } from '../../reading/build-reading/reading';
import type { ModelFunction } from '../../model/plan/model-function';
import { channelInputs, settingOf } from '../../reading/radio/channel-inputs';
import { radioHeardBy } from '../../reading/radio/radios';
import type { SignalPath } from '../../reading/survey/signals';
import { nameList } from '../../base/words/sentences';
import { fittingSubject, functionSubject, type Report } from '../findings/report';
import { plannedTerm } from './support/terms';

type Message = 'mirroredOnOneSignal' | 'turnTheSameWay';

const fight = 'Both turn the same way and fight each other through the linkage; one burns out.';

/** Mirrored servos that share one signal, so that neither can be reversed by itself. */
export const mirroredServos = defineRule<Message>({
  meta: {
    id: 'mirrored-servos',
    well: 'control',
    title: 'Mirrored servos, which must turn against each other',
    messages: {
      mirroredOnOneSignal: {
        severity: 'stop',
        bound: 'most',
        short: 'mirrored on one port',
        text: 'the servos of {{function}} stand mirrored but share one port through the {{lead}}',
        why: fight,
      },
      turnTheSameWay: {
        severity: 'stop',
        bound: 'exactly',
        short: 'not reversed',
        text: 'the servos of {{function}} stand mirrored, and channels {{channels}} turn both the same way',
        why: fight,
      },
    },
  },
  check(context) {
    return context.build.functions
      .filter((modelFunction) => modelFunction.mirrored)
      .flatMap((modelFunction): Report<Message>[] => {
        const servos = modelFunction.devices.filter((id) => context.index.get(id).part.kind === 'servo');
        const ports = context.survey.signals.filter((path) => servos.includes(path.device.fitting.id));
        const byPort = new Map(ports.map((path) => [path.port.id, path]));
        if (ports.length < 2) return [];
        if (byPort.size === ports.length) return sameWay(context, modelFunction, ports);
        const yLead = sharedLead(context, servos);
        return [
          {
            messageId: 'mirroredOnOneSignal' as const,
            data: {
              function: modelFunction.name.toLowerCase(),
              lead: yLead ? context.index.get(yLead).fitting.name : 'same lead',
            },
            subjects: [
              functionSubject(modelFunction.id),
              ...servos.map(fittingSubject),
              ...(yLead ? [fittingSubject(yLead)] : []),
            ],
            actual: ports.length,
            limit: byPort.size,
            unit: 'servos' as const,
            formula: 'mirrored servos, against receiver ports that work them',
            terms: [
              plannedTerm('mirrored servos', ports.length, 'servos'),
              plannedTerm('ports that work them', byPort.size, 'ports'),
            ],
            offers: () => offerNotMirrored(modelFunction.id, modelFunction.name),
          },
        ];
      });
  },
});

/** Mirrored servos on channels of their own that all turn one way: one is to be reversed. */
function sameWay(
  context: Reading,
  modelFunction: ModelFunction,
  paths: readonly SignalPath[],
): Report<Message>[] {
  const { id, name } = modelFunction;
  const ways = paths.flatMap(({ device, receiver, port: { channel } }) => {
    if (channel === undefined) return [];
    const radio = radioHeardBy(context, receiver);
    const input = channelInputs(radio, channel).find((each) => each.function.id === id);
    if (!input) return [];
    const { isReversed = false } = settingOf(radio, channel);
    return [{ device, channel, owner: radio.owner, isReversed, isTurned: isReversed !== input.percent < 0 }];
  });
  const [first, last] = [ways[0], ways.at(-1)];
  if (!first || !last || first.channel === last.channel || ways.length < paths.length) return [];
  if (ways.some(({ isTurned }) => isTurned !== first.isTurned)) return [];
  return [
    {
      messageId: 'turnTheSameWay',
      data: {
        function: name.toLowerCase(),
        channels: nameList(ways.map(({ channel }) => String(channel))),
      },
      subjects: [functionSubject(id), ...ways.map(({ device }) => fittingSubject(device.fitting.id))],
      actual: 0,
      limit: 1,
      unit: 'channels',
      formula: 'channels of mirrored servos that turn against the first, against the one that must',
      terms: ways.map(({ channel, isTurned }) =>
        plannedTerm(`channel ${channel}, ${isTurned ? 'turned' : 'as it is'}`, channel, 'channel'),
      ),
      offers: () => [
        {
          id: `reverse:${last.channel}`,
          label: `Reverse channel ${last.channel}`,
          edits: [
            {
              type: 'setChannel',
              channel: last.channel,
              ...(last.owner !== undefined && { transmitter: last.owner }),
              change: { isReversed: last.isReversed ? undefined : true },
            },
          ],
        },
        ...offerNotMirrored(id, name),
      ],
    },
  ];
}

/** The Y-lead between two servos. */
function sharedLead({ index }: Reading, [a, b]: readonly string[]): string | undefined {
  if (a === undefined || b === undefined) return undefined;
  const ends = shortestWay(index, a, b).flatMap((lead) => [lead.from.fitting, lead.to.fitting]);
  return ends.find((id) => index.get(id).kind === 'cable');
}

function offerNotMirrored(id: string, name: string) {
  return [
    {
      id: `same-way-round:${id}`,
      label: `Mount the servos of ${name} the same way round`,
      edits: [{ type: 'setFunction' as const, function: id, change: { mirrored: false } }],
    },
  ];
}
