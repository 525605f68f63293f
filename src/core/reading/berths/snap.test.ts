import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { berthed, layoutOf } from '../../../../tests/kit/berthed';
import { applyEdits } from '../../model/plan/edits';
import { freshRoomId, withMovedRoom, withShelf } from './room-edits';
import { draggedEdges, edgesOf, planMarks, snappedPlace, wholeBox, type Grip } from './snap';

const free = { marks: { x: [], y: [] }, within: 0.005 };
const box = { x: [0.1, 0.2], y: [-0.05, 0.05] } as const;
const foreCorner: Grip = { x: [false, true], y: [false, true] };

describe('a box dragged from above', () => {
  it('goes as far as the hand, whole or by a corner, to the millimetre', () => {
    expect(draggedEdges(box, wholeBox, { x: 0.0504, y: 0 }, free)).toEqual({
      x: [0.15, 0.25],
      y: [-0.05, 0.05],
    });
    expect(draggedEdges(box, foreCorner, { x: 0.03, y: 0.01 }, free)).toEqual({
      x: [0.1, 0.23],
      y: [-0.05, 0.06],
    });
  });

  it('meets a wall that is near, and passes one that is not', () => {
    const marks = { x: [0.254], y: [0] };
    expect(draggedEdges(box, wholeBox, { x: 0.05, y: 0 }, { marks, within: 0.005 }).x).toEqual([
      0.154, 0.254,
    ]);
    expect(draggedEdges(box, wholeBox, { x: 0.05, y: 0 }, { marks, within: 0.003 }).x).toEqual([0.15, 0.25]);
    // What is not in the hand stays, however near it is to one.
    expect(
      draggedEdges(box, foreCorner, { x: -0.04, y: 0 }, { marks: { x: [0.101], y: [] }, within: 0.005 }).x,
    ).toEqual([0.1, 0.16]);
  });

  it('turns over past its other side, and keeps a least size', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        (x, y) => {
          const { x: along, y: across } = draggedEdges(box, foreCorner, { x, y }, free);
          expect(along[1] - along[0]).toBeGreaterThan(0.0049);
          expect(across[1] - across[0]).toBeGreaterThan(0.0049);
          expect(Math.min(Math.abs(along[0] - 0.1), Math.abs(along[1] - 0.1))).toBeLessThan(0.0051);
        },
      ),
    );
  });
});

describe('a part dragged in its room', () => {
  const layout = layoutOf(berthed());
  const { place, box: lies } = layout.laidAt('rx')!;

  it('comes to lie at the wall that it is brought near to, and in the middle', () => {
    const wall = 0.3;
    const away = place.x - lies.x[0];
    const near = snappedPlace(layout, 'rx', { ...place, x: wall + away + 0.003 }, 0.005);
    expect(near.x - away).toBeCloseTo(wall, 3);
    expect(snappedPlace(layout, 'rx', { ...place, y: 0.002 }, 0.005).y).toBe(0);
    expect(snappedPlace(layout, 'rx', { ...place, y: 0.002 }, 0).y).toBe(0.002);
    expect(planMarks(layout, 'rx').x).not.toContain(lies.x[0]);
  });
});

describe('rooms drawn in the plan', () => {
  it('are added where they were drawn, moved with their heights kept, and told with the holes between them', () => {
    const build = berthed();
    const { inside } = layoutOf(build);
    const drawn = withShelf(inside!, { x: [0.4, 0.55], y: [0, 0.06] });
    expect(drawn.berths!.at(-1)).toMatchObject({ x: 0.4, y: 0, long: 0.15, wide: 0.06, high: 0.04 });
    expect(drawn.passages).toEqual([...inside!.passages]);
    const { id } = drawn.berths!.at(-1)!;
    expect(id).toBe(freshRoomId(inside!.berths, 'berth'));
    const after = layoutOf(applyEdits(build, [{ type: 'setInside', inside: drawn }])).inside!;
    const shelf = after.berths.find((berth) => berth.id === id)!;
    const moved = withMovedRoom(after, id, { x: [0.3, 0.4], y: [-0.1, 0] });
    expect(moved.berths!.at(-1)).toEqual({ ...shelf, x: 0.3, y: -0.1, long: 0.1, wide: 0.1 });
    expect(edgesOf(moved.berths!.at(-1)!)).toEqual({ x: [0.3, 0.4], y: [-0.1, 0] });
  });

  it('moves what is built in as well, and leaves the rooms alone', () => {
    const wall = {
      id: 'tank',
      name: 'tank',
      x: 0.5,
      y: 0,
      z: 0,
      long: 0.05,
      wide: 0.05,
      high: 0.05,
      isSwept: false,
      isMetal: false,
    };
    const { inside } = layoutOf(berthed({ inside: { obstacles: [wall] } }));
    const moved = withMovedRoom(inside!, 'tank', { x: [0.6, 0.7], y: [0, 0.05] });
    expect(moved.obstacles).toEqual([{ ...wall, x: 0.6, long: 0.1 }]);
    expect(moved.berths).toEqual([...inside!.berths]);
  });
});
