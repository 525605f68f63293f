import type { Build } from '../plan/build';
import type { ModelFunction } from '../plan/model-function';
import type { PortSpec } from '../parts/port';
import type { CheckContext } from '../findings/context';

/** How far a function is served: from the thumb to the part. */
export interface FunctionChain {
  function: ModelFunction;
  parts: string[];
  control: string | undefined;
  channel: number | undefined;
  /** The receiver port its parts are really plugged into. */
  port: string | undefined;
  /** The first thing still open, in words; `undefined` when served. */
  open: string | undefined;
}

/** The chain of every function: control, channel, port, part. */
export function functionChains({ build, index, survey }: CheckContext): FunctionChain[] {
  const [transmitter] = index.ofKind('transmitter');
  return build.functions.map((modelFunction) => {
    const parts = modelFunction.devices.map((id) => index.get(id).fitting.name);
    const control = transmitter?.part.controls.find(
      (candidate) => candidate.id === modelFunction.control,
    )?.name;
    const port = survey.signals.find((path) => modelFunction.devices.includes(path.device.fitting.id))?.port;
    return {
      function: modelFunction,
      parts,
      control,
      channel: modelFunction.channel,
      port: port?.name,
      open: firstOpen(modelFunction, parts, control, port),
    };
  });
}

function firstOpen(
  modelFunction: ModelFunction,
  parts: string[],
  control: string | undefined,
  port: PortSpec | undefined,
): string | undefined {
  if (parts.length === 0) return 'no part yet';
  if (control === undefined) return 'no control yet';
  if (modelFunction.channel === undefined) return 'no channel yet';
  if (port === undefined) return 'not plugged in yet';
  const isWrong = port.channel !== undefined && port.channel !== modelFunction.channel;
  return isWrong ? `in ${port.name}, wants channel ${modelFunction.channel}` : undefined;
}

/** An id for a new function that the build does not have. */
export function freshFunctionId(build: Build, wanted: string): string {
  const taken = new Set(build.functions.map((modelFunction) => modelFunction.id));
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? wanted : `${wanted}-${n}`;
    if (!taken.has(id)) return id;
  }
}
