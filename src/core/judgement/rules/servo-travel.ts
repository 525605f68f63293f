import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, functionSubject, type Report } from '../findings/report';
import type { ModelFunction } from '../../model/plan/model-function';
import { settingOf } from '../../reading/radio/channel-inputs';
import { wiredHome } from '../../reading/radio/wired-home';
import { displayOf, pulseOf } from '../../reading/radio/pulse';
import { rangeOf } from '../../reading/radio/pulse-range';
import type { Fitted } from '../../model/kinds/fitted';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';
import { radioOfFunction } from '../../reading/radio/radios';

type Message = 'beyondTravel' | 'hardlyMoves';

/** Percent beyond which most servos stand against their own stop; a rule of thumb. */
const mostPercent = 130;
/** Percent below which a gear or a lock is left half engaged; a rule of thumb. */
const leastPercent = 40;

/** Pulses at the end points of a channel, against what a servo and a mechanism can use. */
export const servoTravel = defineRule<Message>({
  meta: {
    id: 'servo-travel',
    well: 'control',
    title: 'End points against what a servo and its mechanism can use',
    messages: {
      beyondTravel: {
        severity: 'mind',
        bound: 'most',
        text: 'the end points of channel {{channel}} take the {{servo}} to its own stop',
        why: 'It stands against it at full draw, buzzes and burns out. Servos differ: its sheet goes first.',
      },
      hardlyMoves: {
        severity: 'mind',
        bound: 'least',
        text: 'the end points of channel {{channel}} hardly move the {{servo}}',
        why: 'A gear or a lock is left half engaged, and grinds. Sound only where the linkage is made for it.',
      },
    },
  },
  check(context) {
    return context.build.functions.flatMap((modelFunction) =>
      modelFunction.devices.flatMap((id): Report<Message>[] => {
        const fitted = context.index.get(id);
        const channel = wiredHome(context, modelFunction, id);
        return fitted.kind === 'servo' && channel !== undefined
          ? travelOf(context, modelFunction, fitted, channel)
          : [];
      }),
    );
  },
});

function travelOf(
  context: Reading,
  modelFunction: ModelFunction,
  { fitting }: Fitted<'servo'>,
  channel: number,
): Report<Message>[] {
  const radio = radioOfFunction(context, modelFunction);
  const setting = settingOf(radio, channel);
  if (setting.lowEnd === undefined && setting.highEnd === undefined && setting.subTrim === undefined)
    return [];
  const range = rangeOf(radio.transmitter);
  const percents = [-1, 1].map((told) => Math.abs(displayOf(pulseOf(told, setting, range), range)));
  const widest = Math.max(...percents);
  const narrowest = Math.min(...percents);
  const messageId: Message | undefined =
    widest > mostPercent
      ? 'beyondTravel'
      : modelFunction.role === 'mechanism' && narrowest < leastPercent
        ? 'hardlyMoves'
        : undefined;
  if (!messageId) return [];
  const isWide = messageId === 'beyondTravel';
  const [actual, limit] = isWide ? [widest, mostPercent] : [narrowest, leastPercent];
  return [
    {
      messageId,
      data: { channel: String(channel), servo: fitting.name },
      subjects: [fittingSubject(fitting.id), functionSubject(modelFunction.id)],
      actual,
      limit,
      unit: '%',
      formula: 'end point with sub-trim, in percent of the usual way, against a rule of thumb',
      terms: [
        plannedTerm(`end point of channel ${channel}, with sub-trim`, actual, '%'),
        {
          name: isWide ? 'most that servos turn' : 'least that moves a gear or a lock through',
          value: limit,
          unit: '%',
          provenance: 'estimated',
          note: 'rule of thumb',
        },
      ],
      offers: () => [
        {
          id: `end-points:${channel}:100`,
          label: `Set the end points of channel ${channel} to 100 % both ways, to be pulled in at the bench`,
          edits: [
            {
              type: 'setChannel',
              channel,
              transmitter: radio.owner,
              change: { lowEnd: undefined, highEnd: undefined, subTrim: undefined },
            },
          ],
        },
      ],
    },
  ];
}
