import type { BoardSpec } from '../kinds/board/board';
import type { PartSpec } from '../kinds/part-spec';
import type { PresumedFigure } from '../kinds/presumed';
import { presumedFigures, withFigures } from '../kinds/usual-sheet';
import type { Build } from './build';

/** Figures that verdicts wait for; what else a sheet may not say is estimated where it is needed, within its own range. */
const judged: ReadonlySet<PresumedFigure['name']> = new Set([
  'kv',
  'fullLoadAmps',
  'stallTorque',
  'stallAmps',
  'minVolts',
  'maxVolts',
  'maxInputVolts',
  'continuousAmps',
  'ampHours',
  'dischargeRate',
  'amps',
]);

/** A figure that is usual and not known, of one sheet of a build. */
export interface OpenFigure {
  /** Stable for the same figure of the same sheet: `typed-servo.stallAmps`. */
  key: string;
  part: PartSpec;
  figure: PresumedFigure;
}

const keyOf = (sheet: string, { name }: PresumedFigure): string => `${sheet}.${name}`;

const sheetsOf = (part: PartSpec): { id: string; part: PartSpec }[] =>
  part.kind === 'board'
    ? part.components.map((component) => ({
        id: `${part.id}/${component.id}`,
        part: component.part,
      }))
    : [{ id: part.id, part }];

/** Every figure that verdicts wait for and that nobody told, with what is usual for it. */
export const openFigures = ({ parts }: Build): OpenFigure[] =>
  parts.flatMap(sheetsOf).flatMap(({ id, part }) =>
    presumedFigures(part)
      .filter(({ name }) => judged.has(name))
      .map((figure) => ({ key: keyOf(id, figure), part, figure })),
  );

/** A copy of a build with each open figure at some value. @param valueOf by the figure's key */
export function presumedBuild(build: Build, valueOf: (key: string, figure: PresumedFigure) => number): Build {
  const fill = (id: string, part: PartSpec): PartSpec =>
    withFigures(part, (figure) => (judged.has(figure.name) ? valueOf(keyOf(id, figure), figure) : undefined));
  const fillBoard = (board: BoardSpec): BoardSpec => ({
    ...board,
    components: board.components.map((component) => ({
      ...component,
      part: fill(`${board.id}/${component.id}`, component.part as PartSpec) as typeof component.part,
    })),
  });
  return {
    ...build,
    parts: build.parts.map((part) => (part.kind === 'board' ? fillBoard(part) : fill(part.id, part))),
  };
}
