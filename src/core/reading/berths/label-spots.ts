/** A rectangle of a picture, from its upper left corner. */
export interface Rect {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Something with a name, and where the name could stand. */
export interface Named {
  id: string;
  text: string;
  rect: Rect;
}

export interface LabelSpot {
  id: string;
  text: string;
  /** The middle of its base line. */
  x: number;
  y: number;
  /** From the name to its thing, where it stands away from it. */
  leader?: readonly [from: { x: number; y: number }, to: { x: number; y: number }];
}

const lineHeight = 14;
/** Width of a letter of the picture's face, in pixels, on average. */
const letter = 6.1;
const gap = 3;
/** How many lines away from its thing a name may stand, joined to it by a line. */
const mostLines = 7;

const meet = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** Whether a name has room in its thing. */
export const fitsInside = ({ text, rect }: Named): boolean =>
  rect.width >= text.length * letter + 6 && rect.height >= lineHeight;

/** Where a name could stand, the nearest first: in its thing, beside it, then line by line farther over and under it. */
function places({ text, rect }: Named): Rect[] {
  const width = text.length * letter;
  const [middle, centre] = [rect.x + rect.width / 2, rect.y + rect.height / 2];
  const at = (x: number, y: number): Rect => ({ x, y, width, height: lineHeight });
  const [over, under] = [rect.y - lineHeight - gap, rect.y + rect.height + gap];
  const level = centre - lineHeight / 2;
  return [
    at(middle - width / 2, level),
    at(middle - width / 2, over),
    at(middle - width / 2, under),
    at(rect.x + rect.width + gap, level),
    at(rect.x - width - gap, level),
    ...Array.from({ length: mostLines }, (_, n) => (n + 1) * lineHeight).flatMap((away) =>
      [over - away, under + away].flatMap((y) =>
        [0, -width / 2, width / 2].map((aside) => at(middle - width / 2 + aside, y)),
      ),
    ),
  ];
}

/**
 * Where names of things in a picture can stand so that none lies on another thing or name. Names for which there is no
 * room are left out. The first come first.
 * @param frame the picture @param blocked rectangles to keep clear besides the things themselves
 */
export function labelSpots(
  things: readonly Named[],
  frame: Rect,
  blocked: readonly Rect[] = [],
): LabelSpot[] {
  const taken: Rect[] = [...blocked];
  const isFree = (box: Rect) =>
    box.x >= frame.x &&
    box.y >= frame.y &&
    box.x + box.width <= frame.x + frame.width &&
    box.y + box.height <= frame.y + frame.height &&
    taken.every((other) => !meet(box, other));
  return things.flatMap((thing): LabelSpot[] => {
    const found = places(thing).find((box, n) =>
      n === 0
        ? fitsInside(thing) && isFree(box)
        : isFree(box) && things.every(({ rect }) => !meet(box, rect)),
    );
    if (!found) return [];
    taken.push(found);
    const { rect } = thing;
    const near = { ...rect, x: rect.x - 6, y: rect.y - 6, width: rect.width + 12, height: rect.height + 12 };
    const isOver = found.y < rect.y;
    return [
      {
        id: thing.id,
        text: thing.text,
        x: found.x + found.width / 2,
        y: found.y + lineHeight - 3,
        ...(!meet(found, near) && {
          leader: [
            { x: found.x + found.width / 2, y: isOver ? found.y + lineHeight : found.y },
            { x: rect.x + rect.width / 2, y: isOver ? rect.y : rect.y + rect.height },
          ] as const,
        }),
      },
    ];
  });
}
