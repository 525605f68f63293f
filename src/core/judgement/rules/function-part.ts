import type { Edit } from '../../model/plan/edits';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Reading } from '../../reading/build-reading/reading';
import { channelInputs, channelsOf, settingOf } from '../../reading/radio/channel-inputs';
import { radioOfFunction } from '../../reading/radio/radios';
import { functionSubject, type Missing, type Report } from '../findings/report';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'reachesNoTrack';

/** Share of the steering that tracks usually get, in percent. */
const usualShare = 60;

/** Functions that no part works: what is wished for and not planned is not dry. */
export const functionPart = defineRule<Message>({
  meta: {
    id: 'function-part',
    well: 'control',
    title: 'Functions with a part',
    messages: {
      reachesNoTrack: {
        severity: 'stop',
        bound: 'least',
        short: 'not mixed in',
        text: '{{function}} reaches no track: nothing steers the model',
        why: 'A tracked machine turns by its tracks: its steering is mixed into both of them.',
      },
    },
  },
  check: (context) =>
    context.build.functions
      .filter(({ devices }) => devices.length === 0)
      .flatMap((modelFunction): (Report<Message> | Missing)[] => {
        if (isMixedIn(context, modelFunction)) return [];
        const tracks = tracksOf(context);
        const { id, name, role } = modelFunction;
        if (role === 'steer' && tracks.length > 1) return [unsteered(context, modelFunction, tracks)];
        return [{ missing: `which part works the function ${name}`, subjects: [functionSubject(id)] }];
      }),
});

/** Whether a function has a share in a channel that works the parts of another. */
function isMixedIn(context: Reading, modelFunction: ModelFunction): boolean {
  const radio = radioOfFunction(context, modelFunction);
  return channelsOf(radio, modelFunction).some((channel) =>
    channelInputs(radio, channel).some((input) => input.function.devices.length > 0),
  );
}

/** The tracks of a tracked machine that have a part. */
const tracksOf = ({ build }: Reading): ModelFunction[] =>
  build.model === 'tracked machine'
    ? build.functions.filter(({ role, devices }) => role === 'drive' && devices.length > 0)
    : [];

function unsteered(
  context: Reading,
  modelFunction: ModelFunction,
  tracks: readonly ModelFunction[],
): Report<Message> {
  const [left, right] = tracks as [ModelFunction, ModelFunction];
  return {
    messageId: 'reachesNoTrack',
    data: { function: modelFunction.name },
    subjects: [functionSubject(modelFunction.id), functionSubject(left.id), functionSubject(right.id)],
    actual: 0,
    limit: 2,
    unit: 'channels',
    formula: 'channels of tracks that the steering has a share in, against the two that turn the model',
    terms: [
      plannedTerm('channels that follow the steering', 0, 'channels'),
      plannedTerm('tracks', tracks.length, 'channels'),
    ],
    offers: () => {
      const edits = [mixInto(context, left, modelFunction, 1), mixInto(context, right, modelFunction, -1)];
      return edits.some((edit) => edit === undefined)
        ? []
        : [
            {
              id: `mix-steering:${modelFunction.id}`,
              label: `Mix ${modelFunction.name} into ${left.name} and ${right.name}, ${usualShare} % each, one against the other`,
              edits: edits as Edit[],
            },
          ];
    },
  };
}

/** The steering in the channel of a track; `undefined` where the track has none yet. */
function mixInto(
  context: Reading,
  track: ModelFunction,
  steering: ModelFunction,
  way: 1 | -1,
): Edit | undefined {
  const { channel } = track;
  if (channel === undefined) return undefined;
  const radio = radioOfFunction(context, track);
  const { mix = [] } = settingOf(radio, channel);
  return {
    type: 'setChannel',
    channel,
    ...(radio.owner !== undefined && { transmitter: radio.owner }),
    change: { mix: [...mix, { function: steering.id, percent: way * usualShare }] },
  };
}
