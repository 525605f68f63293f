// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import type { Build } from '../../core/plan/build';
import { checkContext } from '../../core/check/check-context';
import { elkGraph } from '../../core/loom/elk-graph';
import { loomModel } from '../../core/loom/loom-model';
import { keepPositions, keptPositions } from './kept-layout';

const graphOf = (build: Build) => elkGraph(loomModel(checkContext(build, [])));
const tug = graphOf(tub());
const laid = { ...tug, width: 900, children: tug.children.map((box, n) => ({ ...box, x: n, y: 2 * n })) };

beforeEach(() => localStorage.clear());

describe('a wiring picture that was laid out before', () => {
  it('is there at once for the very same wiring, and for no other', () => {
    expect(keptPositions(tug)).toBeUndefined();
    keepPositions(tug, laid);
    expect(keptPositions(graphOf(tub()))).toEqual(laid);
    expect(keptPositions(graphOf(tub({ without: ['rudder.lead'] })))).toBeUndefined();
    expect(keptPositions({ ...tug, edges: tug.edges.slice(1) })).toBeUndefined();
  });

  it('is laid out again where the store is spoilt or full', () => {
    localStorage.setItem('dry-hull-wiring-picture', '{"asked": ');
    expect(keptPositions(tug)).toBeUndefined();
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    keepPositions(tug, laid);
    full.mockRestore();
    expect(keptPositions(tug)).toBeUndefined();
  });
});
