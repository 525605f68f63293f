import type { BoardSpec, ComponentSpec } from '../../model/kinds/board/board';
import type { PartSpec } from '../../model/kinds/part-spec';
import { carrierId } from '../../model/fitting/component-id';
import type { Edit } from '../../model/plan/edits';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { changeComponent } from './components';

/** The edit that gives a fitting's part another sheet in this build; what sits on a board is written on the board's. */
export function sheetEdit(index: BuildIndex, { fitting }: Fitted, sheet: PartSpec): Edit {
  const carrier = carrierId(fitting.id);
  if (carrier === fitting.id) return { type: 'changeSheet', sheet };
  const board = index.get(carrier).part as BoardSpec;
  const component = board.components.find(({ id }) => fitting.id === `${carrier}/${id}`);
  const part = { ...(sheet as ComponentSpec), id: component?.part.id ?? sheet.id };
  return { type: 'changeSheet', sheet: changeComponent(board, component?.id ?? '', { part }) };
}
