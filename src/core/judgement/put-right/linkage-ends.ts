import type { LinkageReading } from '../../reading/linkage/linkage-reading';
import type { Patch } from '../../model/plan/patch';

/** End points at which the mechanism just meets its stops. */
export function offerEnds({ channel, radio, low, high }: LinkageReading): Patch[] {
  const [lowEnd, highEnd] = [low, high].map(({ stopPercent }) =>
    stopPercent === undefined ? undefined : Math.floor(stopPercent),
  );
  const isUsable = [lowEnd, highEnd].every((end) => end !== undefined && end <= 150);
  if (channel === undefined || !isUsable) return [];
  const names = (radio?.functions ?? []).filter((each) => each.channel === channel).map(({ name }) => name);
  return [
    {
      id: `linkage-ends:${channel}`,
      label: `Set the end points of channel ${channel}${names.length > 0 ? `, ${names.join(' and ')}` : ''} to ${lowEnd} % and ${highEnd} %, where the stops are met`,
      edits: [{ type: 'setChannel', channel, transmitter: radio?.owner, change: { lowEnd, highEnd } }],
    },
  ];
}
