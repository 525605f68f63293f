import type { Reading } from '../../../reading/build-reading/reading';
import type { ReceiverSpec } from '../../../model/parts/receiver';
import type { ControlKind, TransmitterSpec } from '../../../model/parts/transmitter';
import { askedChannels } from '../../../reading/radio/channel-inputs';
import { askedMixes, askedSettings } from '../../../reading/radio/asked-settings';
import { radiosOf, type Radio } from '../../../reading/radio/radios';
import type { Role, Screen } from '../role';
import { alone, between, rolesOfKind } from './pairs';

/** Channels, links and controls: what the Brief's functions ask of a transmitter and a receiver. */
export function radioScreens(context: Reading, roles: readonly Role[]): Screen[] {
  const receivers = rolesOfKind(roles, 'receiver');
  const transmitters = rolesOfKind(roles, 'transmitter');
  // A second radio, a camera's, is chosen by itself.
  const [radio] = radiosOf(context);
  const asked = askedChannels(radio!);
  const mixes = askedMixes(radio!);
  const settings = [...askedSettings(radio!).keys()];
  const plain = { isMargin: false };
  return [
    ...receivers.flatMap((receiver) => [
      alone(
        { id: `channels:${receiver}`, words: 'channels of the receiver', ...plain },
        receiver,
        ({ part }) =>
          (part as ReceiverSpec).channels >= asked && !(part as ReceiverSpec).integrated ? 1 : -1,
      ),
      ...transmitters.map((transmitter) =>
        between(
          {
            id: `link:${receiver}:${transmitter}`,
            words: 'a link that both ends speak',
            ...plain,
            meets: ({ part }) => (part as ReceiverSpec).protocols.join(),
          },
          [receiver, transmitter],
          (a, b) =>
            (a.part as ReceiverSpec).protocols.some((link) =>
              (b.part as TransmitterSpec).protocols.includes(link),
            )
              ? 1
              : -1,
        ),
      ),
    ]),
    ...transmitters.flatMap((transmitter) => [
      alone(
        { id: `channels:${transmitter}`, words: 'channels of the transmitter', ...plain },
        transmitter,
        ({ part }) => ((part as TransmitterSpec).channels >= asked ? 1 : -1),
      ),
      alone(
        { id: `controls:${transmitter}`, words: 'controls of the kinds that the functions want', ...plain },
        transmitter,
        ({ part }) => (lacking(part as TransmitterSpec, wantsOf(radio!)).length === 0 ? 1 : -1),
      ),
      alone(
        { id: `mixes:${transmitter}`, words: 'free mixes of the transmitter', ...plain },
        transmitter,
        ({ part }) =>
          // What a sheet does not say rules nothing out.
          ((part as TransmitterSpec).freeMixes ?? mixes) >= mixes ? 1 : -1,
      ),
      alone(
        { id: `settings:${transmitter}`, words: 'settings that the plan asks of a channel', ...plain },
        transmitter,
        ({ part }) => {
          const { settings: offered } = part as TransmitterSpec;
          return !offered || settings.every((name) => offered.includes(name)) ? 1 : -1;
        },
      ),
    ]),
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
