import type { Build } from '../../model/plan/build';
import type { ChannelSetting } from '../../model/plan/channel-setting';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Fitted } from '../../model/kinds/fitted';
import type { Survey } from '../survey/survey';
import { remembered } from '../../base/remembered';
import { transmitterIdOf, transmitterOf } from './partners';

/** A transmitter with the functions on it and what is set on its channels: two radios have a channel 1 each. */
export interface Radio {
  /** None where the build has no transmitter yet. */
  transmitter: Fitted<'transmitter'> | undefined;
  /** Id of the transmitter by which settings are kept; `undefined` for the first one, whose they are unless it is said. */
  owner: string | undefined;
  functions: readonly ModelFunction[];
  channels: readonly ChannelSetting[];
}

interface Wired {
  build: Build;
  survey: Survey;
}

const worked = remembered((build: Build, survey: Survey): Radio[] => {
  const { functions, channels = [] } = build;
  const transmitters = survey.index.ofKind('transmitter');
  const [first, ...others] = transmitters;
  if (others.length === 0) return [{ transmitter: first, owner: undefined, functions, channels }];
  const homes = functions.map(
    (each) => [each, transmitterIdOf({ survey, index: survey.index }, each)] as const,
  );
  return transmitters.map((transmitter) => {
    const { id } = transmitter.fitting;
    return {
      transmitter,
      owner: transmitter === first ? undefined : id,
      functions: homes.flatMap(([each, home]) => (home === id ? [each] : [])),
      channels: channels.filter((setting) => (setting.transmitter ?? first!.fitting.id) === id),
    };
  });
});

/** Every radio of a build, the first transmitter's before all others; one without a transmitter where there is none. */
export const radiosOf = ({ build, survey }: Wired): readonly Radio[] => worked(build, survey);

/** The radio of a transmitter. */
export const radioWith = (wired: Wired, transmitter: string | undefined): Radio => {
  const radios = radiosOf(wired);
  return radios.find((radio) => radio.transmitter?.fitting.id === transmitter) ?? radios[0]!;
};

/** The radio that a function is on. */
export function radioOfFunction(wired: Wired, { id }: Pick<ModelFunction, 'id'>): Radio {
  const radios = radiosOf(wired);
  return radios.find(({ functions }) => functions.some((each) => each.id === id)) ?? radios[0]!;
}

/** The radio that a receiver is meant to hear. */
export function radioHeardBy(wired: Wired, receiver: Fitted<'receiver'>): Radio {
  return radioWith(wired, transmitterOf(wired.survey.index, receiver)?.fitting.id);
}

/** The radio whose channel a part listens to; `undefined` where no signal reaches it. */
export function radioAt(wired: Wired, device: string): Radio | undefined {
  const path = wired.survey.signalOf(device);
  return path && radioHeardBy(wired, path.receiver);
}

/** Channels that a radio has from the thumb to its receivers; 0 where neither end is there. */
export function mostChannels(wired: Wired, radio: Radio): number {
  const receivers = wired.survey.index
    .ofKind('receiver')
    .filter((each) => radioHeardBy(wired, each).owner === radio.owner);
  const ends = [...receivers, ...(radio.transmitter ? [radio.transmitter] : [])];
  return ends.length === 0 ? 0 : Math.min(...ends.map(({ part }) => part.channels));
}
