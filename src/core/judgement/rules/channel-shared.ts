import type { ModelFunction } from '../../model/plan/model-function';
import type { Patch } from '../../model/plan/patch';
import { settingOf, usedChannels } from '../../reading/radio/channel-inputs';
import { transmitterIdOf } from '../../reading/radio/partners';
import { mostChannels, radioOfFunction } from '../../reading/radio/radios';
import { defineRule } from './rule';
import type { Reading } from '../../reading/build-reading/reading';
import { functionSubject } from '../findings/report';
import { plannedTerm } from './support/terms';
import { nameList } from '../../base/words/sentences';

/** Functions that share a channel without meaning to. */
export const channelShared = defineRule({
  meta: {
    id: 'channel-shared',
    well: 'control',
    title: 'Two functions on one channel',
    messages: {
      sharedChannel: {
        severity: 'stop',
        bound: 'most',
        short: '{{actual}} on one channel',
        text: '{{functions}} are planned on channel {{channel}}, and no mix is meant',
        why: 'Both move whenever one is asked to: the horn sounds with the lights, or worse, the winch with the drive.',
      },
    },
  },
  check(context) {
    // A channel is a channel of one transmitter: the camera’s own has a channel 1 too.
    const byChannel = new Map<string, ModelFunction[]>();
    for (const modelFunction of context.build.functions) {
      if (modelFunction.channel === undefined || modelFunction.mixed) continue;
      // Named in the mix of the channel, it is meant.
      const { mix = [] } = settingOf(radioOfFunction(context, modelFunction), modelFunction.channel);
      if (mix.some((input) => input.function === modelFunction.id)) continue;
      const key = `${modelFunction.channel} of ${transmitterIdOf(context, modelFunction) ?? 'none'}`;
      byChannel.set(key, [...(byChannel.get(key) ?? []), modelFunction]);
    }
    return [...byChannel.values()]
      .filter((sharing) => sharing.length > 1)
      .map((sharing) => ({ sharing, channel: sharing[0]!.channel! }))
      .map(({ channel, sharing }) => ({
        messageId: 'sharedChannel' as const,
        data: {
          functions: nameList(sharing.map((modelFunction) => modelFunction.name)),
          channel: String(channel),
        },
        subjects: sharing.map((modelFunction) => functionSubject(modelFunction.id)),
        actual: sharing.length,
        limit: 1,
        unit: 'functions' as const,
        formula: 'functions on the channel that are not marked as mixed',
        terms: [
          plannedTerm(`functions on channel ${channel}`, sharing.length, 'functions'),
          plannedTerm('functions a channel may have', 1, 'functions'),
        ],
        offers: () => [...offerFreeChannel(context, sharing.at(-1)!), ...offerMix(sharing)],
      }));
  },
});

function offerFreeChannel(context: Reading, modelFunction: ModelFunction): Patch[] {
  const radio = radioOfFunction(context, modelFunction);
  const taken = new Set(usedChannels(radio));
  const most = mostChannels(context, radio);
  const free = Array.from({ length: most }, (_, n) => n + 1).find((n) => !taken.has(n));
  if (free === undefined) return [];
  return [
    {
      id: `assign-channel:${modelFunction.id}:${free}`,
      label: `Plan ${modelFunction.name} on channel ${free}`,
      edits: [{ type: 'setFunction', function: modelFunction.id, change: { channel: free } }],
    },
  ];
}

function offerMix(sharing: readonly ModelFunction[]): Patch[] {
  return [
    {
      id: `mean-mix:${sharing.map((modelFunction) => modelFunction.id).join('+')}`,
      label: 'They are meant to move together: a mix',
      edits: sharing.slice(1).map((modelFunction) => ({
        type: 'setFunction',
        function: modelFunction.id,
        change: { mixed: true },
      })),
    },
  ];
}
