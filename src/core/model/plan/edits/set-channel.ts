import { defineEdit } from './edit';
import { canonicalText } from '../../../base/canonical';
import type { ChannelSetting } from '../channel-setting';
import { plain } from './draft';

/** Sets something on a channel; what is `undefined` stands as in a fresh memory again. */
export interface SetChannel {
  type: 'setChannel';
  channel: number;
  /** Whose channel it is, where it is not the first transmitter's. */
  transmitter?: string | undefined;
  change: Partial<Omit<ChannelSetting, 'channel' | 'transmitter'>>;
}

export const setChannel = defineEdit<SetChannel>({
  apply: (build, { channel, transmitter, change: to }) => {
    const known = (build.channels ?? []).find(
      (setting) => setting.channel === channel && setting.transmitter === transmitter,
    );
    const key = { channel, ...(transmitter !== undefined && { transmitter }) };
    const merged = Object.fromEntries(
      Object.entries({ ...(known && plain(known)), ...to, ...key }).filter(
        ([, value]) => value !== undefined,
      ),
    ) as unknown as ChannelSetting;
    const others = (build.channels ?? []).filter((setting) => setting !== known).map(plain);
    const isFresh = Object.keys(merged).length === Object.keys(key).length;
    if (canonicalText(known ?? key) === canonicalText(merged)) return;
    build.channels = [...others, ...(isFresh ? [] : [merged])].sort(
      (a, b) => (a.transmitter ?? '').localeCompare(b.transmitter ?? '') || a.channel - b.channel,
    );
  },
  words: ({ channel, transmitter, change }, say) =>
    `Channel ${channel}${transmitter === undefined ? '' : ` of the ${say.name(transmitter)}`}: ${say.changes(change)}`,
});
