import { BuildIndex } from '../build/build-index';
import type { Build } from '../build/build';
import type { Edit } from '../build/edits';
import type { ModelFunction } from '../build/model-function';

/**
 * Channels and controls for functions that have none: the throttle where the receiver's map keeps it, the
 * first steering on 1, the rest in order; a free control of the kind each wants.
 */
export function channelPlan(build: Build): { function: ModelFunction; edit: Edit }[] {
  const index = new BuildIndex(build);
  const [receiver] = index.ofKind('receiver');
  const [transmitter] = index.ofKind('transmitter');
  const channels = Math.min(receiver?.part.channels ?? 32, transmitter?.part.channels ?? 32);
  const throttle = receiver?.part.throttleChannel ?? 3;
  const takenChannels = new Set(build.functions.flatMap((one) => one.channel ?? []));
  const takenControls = new Set(build.functions.flatMap((one) => one.control ?? []));
  const keeps =
    !build.functions.some((one) => one.channel === throttle) &&
    build.functions.some((one) => one.role === 'drive');
  const driveFirst = [...build.functions].sort(
    (a, b) => Number(b.role === 'drive') - Number(a.role === 'drive'),
  );
  return driveFirst.flatMap((one) => {
    const change: Partial<Pick<ModelFunction, 'channel' | 'control'>> = {};
    if (one.channel === undefined) {
      const order = Array.from({ length: channels }, (_, n) => n + 1);
      const wanted =
        one.role === 'drive' && keeps && !takenChannels.has(throttle) ? [throttle, ...order] : order;
      const free = wanted.find(
        (channel) => !takenChannels.has(channel) && (one.role === 'drive' || !keeps || channel !== throttle),
      );
      if (free !== undefined) {
        change.channel = free;
        takenChannels.add(free);
      }
    }
    if (one.control === undefined) {
      const control = transmitter?.part.controls.find(
        ({ id, kind }) => kind === one.wants && !takenControls.has(id),
      );
      if (control) {
        change.control = control.id;
        takenControls.add(control.id);
      }
    }
    if (Object.keys(change).length === 0) return [];
    return [{ function: one, edit: { type: 'setFunction', function: one.id, change } }];
  });
}
