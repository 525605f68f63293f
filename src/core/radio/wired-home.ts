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
  const port = survey.signalOf(device)?.port;
  const isShared =
    port?.channel !== undefined &&
    modelFunction.devices.some((each) => each !== device && survey.signalOf(each)?.port === port);
  return isShared && hostedChannels(build, modelFunction).includes(port.channel!)
    ? port.channel
    : homeChannel(build, modelFunction, device);
}
