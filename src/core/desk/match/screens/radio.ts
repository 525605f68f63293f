import { radioWith, radioHeardBy, type Radio } from '../../../reading/radio/radios';
import {
  servoPortLimit,
  channelDemand,
  settingLimit,
  mixLimit,
  sharedLinks,
  channelLimit,
} from '../../../judgement/limits/radio';
import { integratedReceiver } from '../../../judgement/rules/integrated-receiver';
import type { Fitted } from '../../../model/kinds/fitted';
import type { ControlKind, TransmitterSpec } from '../../../model/kinds/transmitter/transmitter';
import { channelSettingsRule } from '../../../judgement/rules/channel-settings';
import { mixCount } from '../../../judgement/rules/mix-count';
import { channelCount } from '../../../judgement/rules/channel-count';
import { marginBy, alone, between, rolesOfKind } from './pairs';
import type { Reading } from '../../../reading/build-reading/reading';
import type { ReceiverSpec } from '../../../model/kinds/receiver/receiver';
import { askedMixes, askedSettings } from '../../../reading/radio/asked-settings';
import type { Role, Screen } from '../role';

/** Channels, links and controls: what the Brief's functions ask of each transmitter, and of the receivers that hear it. */
export function radioScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const receivers = rolesOfKind(roles, 'receiver');
  const transmitters = rolesOfKind(roles, 'transmitter');
  const asked = (role: number): number =>
    Math.max(
      ...roles[role]!.fittings.map(
        (id) => channelDemand(context, context.index.get(id) as Fitted<'receiver' | 'transmitter'>).asked,
      ),
    );
  const plain = { isMargin: false };
  const servos = context.index.ofKind('servo').filter(({ part }) => part.wires !== 5).length;
  return [
    ...receivers.flatMap((receiver) => {
      const heard = radioHeardBy(context, context.index.get(roles[receiver]!.id) as Fitted<'receiver'>);
      const own = transmitters.filter((n) =>
        roles[n]!.fittings.some((id) => id === heard.transmitter?.fitting.id),
      );
      const channels = asked(receiver);
      return [
        alone(
          { id: `channels:${receiver}`, words: 'channels of the receiver', ...plain },
          receiver,
          ({ part }) => marginBy(channelCount, channelLimit(part as ReceiverSpec, channels)),
        ),
        alone(
          { id: `ports:${receiver}`, words: 'ports for servos on the receiver', ...plain },
          receiver,
          ({ part }) => marginBy(integratedReceiver, servoPortLimit(part as ReceiverSpec, servos)),
        ),
        ...own.map((transmitter) =>
          between(
            {
              id: `link:${receiver}:${transmitter}`,
              words: 'a link that both ends speak',
              ...plain,
              meets: ({ part }) => (part as ReceiverSpec).protocols.join(),
            },
            [receiver, transmitter],
            (a, b) => {
              const shared = sharedLinks(a.part as ReceiverSpec, b.part as TransmitterSpec);
              return shared && (shared.length > 0 ? 1 : -1);
            },
          ),
        ),
      ];
    }),
    ...transmitters.flatMap((transmitter) => {
      const radio = radioWith(context, roles[transmitter]!.id);
      const channels = asked(transmitter);
      const mixes = askedMixes(radio);
      const settings = [...askedSettings(radio).keys()];
      return [
        alone(
          { id: `channels:${transmitter}`, words: 'channels of the transmitter', ...plain },
          transmitter,
          ({ part }) => marginBy(channelCount, channelLimit(part as TransmitterSpec, channels)),
        ),
        alone(
          {
            id: `controls:${transmitter}`,
            words: 'controls of the kinds that the functions want',
            ...plain,
            isWish: true,
          },
          transmitter,
          ({ part }) => (lacking(part as TransmitterSpec, wantsOf(radio)).length === 0 ? 1 : -1),
        ),
        alone(
          { id: `mixes:${transmitter}`, words: 'free mixes of the transmitter', ...plain },
          transmitter,
          ({ part }) => marginBy(mixCount, mixLimit(part as TransmitterSpec, mixes)),
        ),
        alone(
          { id: `settings:${transmitter}`, words: 'settings that the plan asks of a channel', ...plain },
          transmitter,
          ({ part }) => marginBy(channelSettingsRule, settingLimit(part as TransmitterSpec, settings)),
        ),
      ];
    }),
  ];
}

const wantsOf = ({ functions }: Radio): ControlKind[] => functions.map(({ wants }) => wants);

/** Kinds of control that functions want and a transmitter has not as many of. */
function lacking({ controls }: TransmitterSpec, wants: readonly ControlKind[]): ControlKind[] {
  const free = controls.map(({ kind }) => kind);
  return wants.filter((kind) => {
    const at = free.indexOf(kind);
    if (at >= 0) free.splice(at, 1);
    return at < 0;
  });
}
