import { movesModel } from '../plan/model-function';
import { isWithoutChannel, usedChannels } from '../radio/channel-inputs';
import { Survey } from '../survey/survey';
import type { Build } from '../plan/build';
import { carrierId } from '../plan/component-id';
import type { Edit } from '../plan/edits';
import type { ModelFunction } from '../plan/model-function';

/**
 * Channels and controls for functions that have none: the throttle where the receiver's map keeps it, the
 * first steering on 1, the rest in order; a free control of the kind each wants.
 */
export function channelPlan(build: Build): { function: ModelFunction; edit: Edit }[] {
  const survey = new Survey(build);
  const { index } = survey;
  const [receiver] = index.ofKind('receiver');
  const [transmitter] = index.ofKind('transmitter');
  const channels = Math.min(receiver?.part.channels ?? 32, transmitter?.part.channels ?? 32);
  const throttle = receiver?.part.throttleChannel ?? 3;
  const takenChannels = new Set(usedChannels(build));
  const takenControls = new Set(build.functions.flatMap((modelFunction) => modelFunction.control ?? []));
  const keeps =
    !takenChannels.has(throttle) && build.functions.some((modelFunction) => movesModel(modelFunction));
  const first = (role: ModelFunction['role']) =>
    [...build.functions].sort((a, b) => Number(b.role === role) - Number(a.role === role));
  const changes = new Map<ModelFunction, Partial<Pick<ModelFunction, 'channel' | 'control'>>>();
  const put = (modelFunction: ModelFunction, change: Partial<Pick<ModelFunction, 'channel' | 'control'>>) =>
    changes.set(modelFunction, { ...changes.get(modelFunction), ...change });
  // What is plugged in, or joined inside a board, says its channel itself.
  const heard = new Map(survey.signals.map(({ device, port }) => [device.fitting.id, port.channel]));
  for (const modelFunction of build.functions) {
    const channel = modelFunction.devices.map((id) => heard.get(id)).find((each) => each !== undefined);
    if (!isWithoutChannel(build, modelFunction) || channel === undefined || takenChannels.has(channel))
      continue;
    put(modelFunction, { channel });
    takenChannels.add(channel);
  }
  for (const { device, port } of survey.signals)
    if (carrierId(device.fitting.id) !== device.fitting.id && port.channel) takenChannels.add(port.channel);
  const drives = build.functions.filter((modelFunction) => movesModel(modelFunction));
  const rest = first('steer').filter((modelFunction) => modelFunction !== drives[0]);
  for (const modelFunction of [...drives.slice(0, 1), ...rest]) {
    if (!isWithoutChannel(build, modelFunction) || changes.get(modelFunction)?.channel) continue;
    const order = Array.from({ length: channels }, (_, n) => n + 1);
    const mayThrottle = movesModel(modelFunction) && keeps && !takenChannels.has(throttle);
    const free = (mayThrottle ? [throttle, ...order] : order).find(
      (channel) =>
        !takenChannels.has(channel) && (movesModel(modelFunction) || !keeps || channel !== throttle),
    );
    if (free === undefined) continue;
    put(modelFunction, { channel: free });
    takenChannels.add(free);
  }
  // Steering has the first choice of sticks.
  for (const modelFunction of first('steer')) {
    const free = transmitter?.part.controls.filter(
      ({ id, kind }) => kind === modelFunction.wants && !takenControls.has(id),
    );
    // Forwards is up: a drive takes a stick that goes that way, steering leaves it to the drive.
    const isUpright = ({ id, name }: { id: string; name: string }) => /-y$|up and down/.test(`${name} ${id}`);
    const control =
      movesModel(modelFunction) || modelFunction.role === 'steer'
        ? (free?.find((each) => isUpright(each) === movesModel(modelFunction)) ?? free?.[0])
        : free?.[0];
    if (modelFunction.control !== undefined || !control) continue;
    put(modelFunction, { control: control.id });
    takenControls.add(control.id);
  }
  return [...changes].map(([modelFunction, change]) => ({
    function: modelFunction,
    edit: { type: 'setFunction', function: modelFunction.id, change },
  }));
}
