import type { CheckContext } from '../findings/context';
import type { ModelFunction } from '../plan/model-function';
import { homeChannel, hostedChannels } from './channel-inputs';

/**
 * The channel that a part of a function is meant to listen to, as it is wired: parts that hang on one port, by a
 * Y-lead, listen to one channel, however many their function has. `undefined` where the function has none.
 */
export function wiredHome(
  { build, survey }: Pick<CheckContext, 'build' | 'survey'>,
  modelFunction: ModelFunction,
  device: string,
): number | undefined {
  const path = survey.signalOf(device);
  const port = path?.port;
  const isShared =
    port?.channel !== undefined &&
    modelFunction.devices.some((each) => {
      const other = each === device ? undefined : survey.signalOf(each);
      return other?.receiver.fitting.id === path?.receiver.fitting.id && other?.port.id === port.id;
    });
  return isShared && hostedChannels(build, modelFunction).includes(port.channel!)
    ? port.channel
    : homeChannel(build, modelFunction, device);
}
