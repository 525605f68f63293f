import type { FailSafe } from '../../model/plan/channel-setting';
import type { Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import { lostLinks, type LostLink, type Wired } from '../../reading/radio/lost-link';
import { displayWords } from '../../reading/radio/pulse';

/** Sets the fail-safe of a channel to the place at which what it works stands still. */
const failSafeEdit = ({ channel, radio: { owner }, still }: LostLink): Edit => ({
  type: 'setChannel',
  channel,
  ...(owner !== undefined && { transmitter: owner }),
  change: { failSafe: 'position', failSafePercent: still },
});

/** Whether the transmitter sets a place; where its sheet lists no settings, the receiver does, while they are bound. */
const canSet = ({ radio: { transmitter } }: LostLink): boolean =>
  transmitter?.part.settings?.includes('fail-safe') ?? true;

/** Fail-safes that nobody has set, one for each channel. */
export function unsetFailSafes(wired: Wired): { link: LostLink; edit: Edit }[] {
  const seen = new Set<string>();
  return lostLinks(wired).flatMap((link) => {
    const key = `${link.radio.owner ?? ''} ${link.channel}`;
    if (link.outcome !== undefined || !canSet(link) || seen.has(key)) return [];
    seen.add(key);
    return [{ link, edit: failSafeEdit(link) }];
  });
}

/** What an owner may find on the radio: it can be set to the place of rest, sends nothing, or holds. */
export function failSafeAnswers(link: LostLink): Patch[] {
  const { channel, radio, device } = link;
  const change = (id: FailSafe, label: string): Patch => ({
    id: `fail-safe-is:${id}:${radio.owner ?? ''}${channel}`,
    label,
    edits: [
      {
        type: 'setChannel',
        channel,
        ...(radio.owner !== undefined && { transmitter: radio.owner }),
        change: { failSafe: id },
      },
    ],
  });
  const noPulses = device.kind === 'servo' ? [] : [change('off', 'It sends no pulses, as I have tried')];
  return [...offerFailSafe(link), ...noPulses, change('hold', 'It holds the last position')];
}

/** Offers to set the fail-safe of a channel where the part that listens to it stands still. */
export const offerFailSafe = (link: LostLink): Patch[] =>
  canSet(link)
    ? [
        {
          id: `fail-safe:${link.radio.owner ?? ''}${link.channel}`,
          label: `Set the fail-safe of channel ${link.channel} to ${displayWords(link.still)}`,
          edits: [failSafeEdit(link)],
        },
      ]
    : [];
