import type { BoardSpec, Component, ComponentSpec } from '../kinds/board/board';
import type { PortSpec } from '../parts/port';
import { componentId } from '../fitting/component-id';
import type { Fitting } from '../fitting/fitting';

/** What stands before a net of a board that one of its components has no name of its own for. */
const ofBoard = 'board:';

interface Inside {
  fitting: Fitting;
  part: ComponentSpec;
}

/** What sits on a board, each as a part of its own: its ports are the rows of the board that belong to it. */
export function boardInsides(board: Fitting, part: BoardSpec): Inside[] {
  return part.components.map((component) => {
    const id = componentId(board.id, component.id);
    const settings = board.inside?.find((each) => each.component === component.id);
    const { component: _, ...set } = settings ?? { component: '' };
    const spec = { ...component.part, id: `${part.id}/${component.id}`, ports: rowsOf(part, component) };
    return { fitting: { id, name: `${board.name}’s ${component.name}`, part: spec.id, ...set }, part: spec };
  });
}

/** The rows of a component, their contacts by its own nets. */
function rowsOf(board: BoardSpec, { rows, traces }: Component): PortSpec[] {
  const own = new Map(traces.map((trace) => [trace.net, trace.own]));
  return board.ports
    .filter((port) => rows.includes(port.id))
    .map((port) => ({
      ...port,
      pins: port.pins.map((pin) => ({ ...pin, net: own.get(pin.net) ?? `${ofBoard}${pin.net}` })),
    }));
}

/** The net of the board that a component's net is one with; `undefined` for one that stays inside it. */
export function boardNet(component: Component, own: string): string | undefined {
  if (own.startsWith(ofBoard)) return own.slice(ofBoard.length);
  return component.traces.find((trace) => trace.own === own)?.net;
}
