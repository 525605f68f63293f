import type { Reading } from '../build-reading/reading';
import type { ModelFunction } from '../../model/plan/model-function';
import { homeChannel, hostedChannels } from './channel-inputs';
import { radioOfFunction } from './radios';

/**
 * The channel that a part of a function is meant to listen to, as it is wired: parts that hang on one port, by a
 * Y-lead, listen to one channel, however many their function has. `undefined` where the function has none.
 */
export function wiredHome(
  { build, survey }: Pick<Reading, 'build' | 'survey'>,
  modelFunction: ModelFunction,
  device: string,
): number | undefined {
  const radio = radioOfFunction({ build, survey }, modelFunction);
  const path = survey.signalOf(device);
  const port = path?.port;
  const isShared =
    port?.channel !== undefined &&
    modelFunction.devices.some((each) => {
      const other = each === device ? undefined : survey.signalOf(each);
      return other?.receiver.fitting.id === path?.receiver.fitting.id && other?.port.id === port.id;
    });
  return isShared && hostedChannels(radio, modelFunction).includes(port.channel!)
    ? port.channel
    : homeChannel(radio, modelFunction, device);
}
