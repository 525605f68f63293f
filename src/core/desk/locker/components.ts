import { kinds } from '../../model/kinds';
import { blankPart } from './blank-part';
import type { BoardSpec, Component, ComponentKind, ComponentSpec } from '../../model/kinds/board/board';
import { wireCount } from '../../model/kinds/controller/controller';
import type { PinName } from '../../model/parts/port';
import { motorNets } from '../../model/parts/terminals';
import { placeComponent } from '../../model/board/place-component';
import { mostRows } from '../../model/board/rows';

/** Most components that a board has room for. */
const mostComponents = 24;

/** Most rows that one component brings. */
const rowsOfOne = 3;

/** What can be put on a board, in the order that people meet it. */
export const componentWords: Record<ComponentKind, string> = {
  receiver: 'a receiver',
  controller: 'a speed controller',
  electronicSwitch: 'a switched output',
  bec: 'a BEC',
  load: 'lamps or sound of its own',
};

/** The board with one more component, nothing of whose sheet is known yet, and the rows that it wants. */
export function addComponent(board: BoardSpec, kind: ComponentKind): BoardSpec {
  if (board.components.length >= mostComponents || board.ports.length + rowsOfOne > mostRows) return board;
  const taken = new Set(board.components.map(({ id }) => id));
  const stem = kind === 'electronicSwitch' ? 'output' : kind;
  let id: string = stem;
  for (let n = 2; taken.has(id); n += 1) id = `${stem}-${n}`;
  const same = board.components.filter(({ part }) => part.kind === kind).length;
  const word = kind === 'electronicSwitch' ? 'output' : kinds[kind].words.one;
  const name = same === 0 && kind !== 'electronicSwitch' ? word : `${word} ${same + 1}`;
  const { maker, protection, ...part } = blankPart(kind, id) as ComponentSpec;
  return placeComponent(board, { id, name, part: { ...part, name } });
}

/** The board without a component and the rows that are its own. */
export function removeComponent(board: BoardSpec, id: string): BoardSpec {
  const gone = board.components.find((component) => component.id === id);
  return {
    ...board,
    components: board.components.filter((component) => component !== gone),
    ports: board.ports.filter((port) => !gone?.rows.includes(port.id)),
  };
}

/** The board with another sheet, or name, for one of its components; a motor's row keeps to what its controller drives. */
export function changeComponent(
  board: BoardSpec,
  id: string,
  change: Partial<Pick<Component, 'part' | 'name'>>,
): BoardSpec {
  const now = board.components.find((component) => component.id === id);
  if (!now) return board;
  const part = { ...(change.part ?? now.part), ports: [] } as ComponentSpec;
  const name = change.name?.trim().slice(0, 40) || now.name;
  const names: readonly PinName[] = ['a', 'b', 'c'];
  const phases = part.kind === 'controller' ? wireCount(part.drives) : 0;
  const pins = names.slice(0, phases).map((pin, n) => ({ name: pin, net: `${id} ${motorNets[n]!}` }));
  return {
    ...board,
    components: board.components.map((component) =>
      component === now ? { ...component, name, part } : component,
    ),
    ports: board.ports.map((port) =>
      port.use === 'motor' && now.rows.includes(port.id) ? { ...port, pins } : port,
    ),
  };
}
