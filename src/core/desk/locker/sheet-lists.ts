import { chemistries } from '../../model/packs/chemistry';
import { addComponent } from './components';
import { componentKinds, type BoardSpec, type ComponentKind } from '../../model/kinds/board/board';
import type { ControllerSpec } from '../../model/kinds/controller/controller';
import type { PartSpec } from '../../model/kinds/part-spec';
import { stated } from '../../base/validation/figure';
import { mostCellLimits, mostTurnLimits } from './sheet-rows';

/** What a sheet has several of, each with figures of its own, as one cell of a table. */
export interface SheetList {
  label: string;
  /** Empty where the sheet is silent. */
  text: string;
  /** A copy of the part with what a text says, or why it cannot be read. */
  read: (text: string) => PartSpec | string;
}

const rowsOf = (text: string): string[] =>
  text
    .split(';')
    .map((row) => row.trim())
    .filter((row) => row !== '');

/** `2 cells: 21; 3 cells: 27`, the lowest turns of a motor by cells. */
function turnLimits(controller: ControllerSpec): SheetList {
  return {
    label: 'Turns no fewer than',
    text: (controller.turnLimits ?? [])
      .map(({ cells, turns }) => `${cells} cells: ${turns.value}`)
      .join('; '),
    read: (text) => {
      const limits = rowsOf(text).map((row) =>
        /^(\d+)\s*(?:cells?|S)\s*:?\s*(\d+(?:\.\d+)?)\s*(?:T|turns?)?$/i.exec(row),
      );
      const read = limits.flatMap((found) =>
        found ? [{ cells: Number(found[1]), turns: stated(Number(found[2])) }] : [],
      );
      const isSound =
        read.length > 0 &&
        read.length === limits.length &&
        read.length <= mostTurnLimits &&
        new Set(read.map(({ cells }) => cells)).size === read.length &&
        read.every(({ cells, turns }) => cells >= 1 && cells <= 24 && turns.value >= 1 && turns.value <= 200);
      return isSound
        ? { ...controller, turnLimits: read }
        : 'cells and turns, each cells once: 2 cells: 21; 3 cells: 27';
    },
  };
}

/** `LiPo 2–3; NiMH 6–8`, the cells that it takes by chemistry. */
function cellLimits(controller: ControllerSpec): SheetList {
  return {
    label: 'Takes cells',
    text: (controller.cellLimits ?? [])
      .map(
        ({ chemistry, least, most }) =>
          `${chemistry} ${least === undefined ? `up to ${most}` : least === most ? most : `${least}–${most}`}`,
      )
      .join('; '),
    read: (text) => {
      const limits = rowsOf(text).map((row) => {
        const found = /^(.+?)\s+(?:(up to)\s+(\d+)|(\d+)\s*[–-]\s*(\d+)|(\d+))$/i.exec(row);
        const chemistry = chemistries.find((each) => each.toLowerCase() === found?.[1]?.toLowerCase());
        if (!found || !chemistry) return undefined;
        const [least, most] = found[2]
          ? [undefined, found[3]]
          : found[6]
            ? [found[6], found[6]]
            : [found[4], found[5]];
        return { chemistry, most: Number(most), ...(least !== undefined && { least: Number(least) }) };
      });
      const read = limits.flatMap((limit) => limit ?? []);
      const isSound =
        read.length > 0 &&
        read.length === limits.length &&
        read.length <= mostCellLimits &&
        new Set(read.map(({ chemistry }) => chemistry)).size === read.length &&
        read.every(({ most, least = 1 }) => least >= 1 && least <= most && most <= 24);
      return isSound
        ? { ...controller, cellLimits: read }
        : `chemistry and cells, each chemistry once: LiPo 2–3; NiMH up to 8 (${chemistries.join(', ')})`;
    },
  };
}

/** What people write for a thing that sits on a board, in the words of a table. */
const boardWords: Record<ComponentKind, string> = {
  receiver: 'receiver',
  controller: 'controller',
  electronicSwitch: 'output',
  bec: 'BEC',
  load: 'load',
};

/**
 * `receiver; controller; output; output`, what sits on a board. Figures of each have no room in a cell: read, they wait
 * for the sheet, as on a part that nobody has read yet.
 */
function onBoard(board: BoardSpec): SheetList {
  return {
    label: 'On it',
    text: board.components.map(({ part }) => boardWords[part.kind]).join('; '),
    read: (text) => {
      const kinds = rowsOf(text).map((row) =>
        componentKinds.find((kind) => boardWords[kind].toLowerCase() === row.toLowerCase()),
      );
      let read: BoardSpec = { ...board, components: [], ports: [] };
      for (const kind of kinds) if (kind) read = addComponent(read, kind);
      return kinds.length > 0 && read.components.length === kinds.length
        ? read
        : `what sits on it, one after another, 24 at most: ${Object.values(boardWords).join('; ')}`;
    },
  };
}

/** The lists that sheets of a part's kind have room for. */
export const sheetLists = (part: PartSpec): SheetList[] =>
  part.kind === 'controller'
    ? [...(part.drives === 'brushless' ? [] : [turnLimits(part)]), cellLimits(part)]
    : part.kind === 'board'
      ? [onBoard(part)]
      : [];
