import type { Edit } from '../plan/edits';
import { defineRule } from './rule';
import { fittingSubject, functionSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** Drive functions against the channel that the receiver's map keeps for the throttle. */
export const throttleChannel = defineRule({
  meta: {
    id: 'throttle-channel',
    well: 'control',
    title: 'Throttle on the channel that the receiver’s map names',
    messages: {
      throttleElsewhere: {
        severity: 'stop',
        bound: 'exactly',
        text: '{{function}} is planned on a channel that the {{receiver}} does not keep for the throttle',
        why: 'The throttle may be 1, 2 or 3. On another channel the fail-safe holds nothing, and {{other}} runs a motor by surprise.',
      },
    },
  },
  check({ build, index }) {
    const drives = build.functions.filter(
      (modelFunction) => modelFunction.role === 'drive' && modelFunction.channel !== undefined,
    );
    const [first] = drives;
    if (!first) return [];
    return index
      .ofKind('receiver')
      .filter(({ part }) => !drives.some((modelFunction) => modelFunction.channel === part.throttleChannel))
      .map(({ fitting, part }) => {
        const other = build.functions.find((modelFunction) => modelFunction.channel === part.throttleChannel);
        const swap: Edit[] = [
          { type: 'setFunction', function: first.id, change: { channel: part.throttleChannel } },
          ...(other
            ? [{ type: 'setFunction', function: other.id, change: { channel: first.channel } } as Edit]
            : []),
        ];
        return {
          messageId: 'throttleElsewhere' as const,
          data: { function: first.name, receiver: fitting.name, other: other?.name ?? 'another control' },
          subjects: [functionSubject(first.id), fittingSubject(fitting.id)],
          actual: first.channel ?? 0,
          limit: part.throttleChannel,
          unit: 'channel' as const,
          formula: 'channel planned for the throttle, against the one in the receiver’s port map',
          terms: [
            plannedTerm(`planned for ${first.name}`, first.channel ?? 0, 'channel'),
            plannedTerm(`throttle by the map of the ${fitting.name}`, part.throttleChannel, 'channel'),
          ],
          offers: () => [
            {
              id: `throttle-channel:${first.id}:${part.throttleChannel}`,
              label: `Plan ${first.name} on channel ${part.throttleChannel}`,
              edits: swap,
            },
          ],
        };
      });
  },
});
