import type { Build } from '../../model/plan/build';
import type { ModelFunction } from '../../model/plan/model-function';
import { channelsOf, isWithoutChannel } from '../radio/channel-inputs';
import { radioHeardBy, radioOfFunction } from '../radio/radios';
import { wiredHome } from '../radio/wired-home';
import type { SignalPath } from '../survey/signals';
import { nameList } from '../../base/words/sentences';
import type { Reading } from '../build-reading/reading';

/** How far a function is served: from the thumb to the part. */
export interface FunctionChain {
  function: ModelFunction;
  parts: string[];
  control: string | undefined;
  /** Its channels: its own first, then those that it is mixed into. */
  channels: number[];
  /** The receiver port its parts are really plugged into. */
  port: string | undefined;
  /** The first thing still open, in words; `undefined` when served. */
  open: string | undefined;
}

/** The chain of every function: control, channel, port, part. */
export function functionChains(context: Reading): FunctionChain[] {
  const { build, index, survey } = context;
  return build.functions.map((modelFunction) => {
    const radio = radioOfFunction(context, modelFunction);
    const parts = modelFunction.devices.map((id) => index.get(id).fitting.name);
    const control = radio.transmitter?.part.controls.find(
      (candidate) => candidate.id === modelFunction.control,
    )?.name;
    const heard = survey.signals.filter((path) => modelFunction.devices.includes(path.device.fitting.id));
    const ports = [...new Set(heard.map((path) => path.port.name))];
    return {
      function: modelFunction,
      parts,
      control,
      channels: channelsOf(radio, modelFunction),
      port: ports.length === 0 ? undefined : nameList(ports),
      open: firstOpen(context, modelFunction, parts, control, heard),
    };
  });
}

function firstOpen(
  context: Reading,
  modelFunction: ModelFunction,
  parts: string[],
  control: string | undefined,
  heard: readonly SignalPath[],
): string | undefined {
  if (parts.length === 0) return 'no part yet';
  if (control === undefined) return 'no control yet';
  if (isWithoutChannel(radioOfFunction(context, modelFunction), modelFunction)) return 'no channel yet';
  if (heard.length === 0) return 'not plugged in yet';
  for (const { device, port, receiver } of heard) {
    if (radioHeardBy(context, receiver).owner !== radioOfFunction(context, modelFunction).owner)
      return 'its receiver hears another transmitter';
    const home = wiredHome(context, modelFunction, device.fitting.id);
    if (port.channel !== undefined && home !== undefined && port.channel !== home)
      return `in ${port.name}, wants channel ${home}`;
  }
  return undefined;
}

/** An id for a new function that the build does not have. */
export function freshFunctionId(build: Build, wanted: string): string {
  const taken = new Set(build.functions.map((modelFunction) => modelFunction.id));
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? wanted : `${wanted}-${n}`;
    if (!taken.has(id)) return id;
  }
}
