// @vitest-environment jsdom
import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import type { Build } from '../../core/model/plan/build';
import { readingOf } from '../../core/reading/build-reading/reading';
import { elkGraph, type ElkGraph } from '../../core/desk/loom/elk-graph';
import { loomModel } from '../../core/desk/loom/loom-model';
import { readBuildFile } from '../../core/model/file/read-file';
import { keepPositions, keptPositions } from './kept-layout';
import { keepShipped } from './shipped-picture';

const graphOf = (build: Build) => elkGraph(loomModel(readingOf(build, [])));
const tug = graphOf(tub());
const point = { x: 1, y: 2 };
const laid: ElkGraph = {
  ...tug,
  width: 900,
  height: 400,
  children: tug.children.map((box, n) => ({
    ...box,
    x: n,
    y: 2 * n,
    ports: box.ports.map((port) => ({ ...port, ...point })),
  })),
  edges: tug.edges.map((edge) => ({ ...edge, sections: [{ startPoint: point, endPoint: point }] })),
};

beforeEach(() => localStorage.clear());

describe('a wiring picture that was laid out before', () => {
  it('is there at once for the very same wiring, and for no other', () => {
    expect(keptPositions(tug)).toBeUndefined();
    keepPositions(tug, laid);
    expect(keptPositions(graphOf(tub()))).toEqual(laid);
    expect(keptPositions(graphOf(tub({ without: ['rudder.lead'] })))).toBeUndefined();
    expect(keptPositions({ ...tug, edges: tug.edges.slice(1) })).toBeUndefined();
  });

  it('ships with the demo that a first visit opens, and never takes the place of one’s own', () => {
    const demo = readBuildFile(readFileSync('demo/harbour-tug-as-planned.dryhull.json', 'utf8'));
    keepShipped();
    expect(demo.ok && keptPositions(graphOf(demo.value))).toHaveProperty('children');
    keepPositions(tug, laid);
    keepShipped();
    expect(keptPositions(tug)).toEqual(laid);
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

  it.each<[string, (spoilt: ElkGraph) => unknown]>([
    [
      'a box without a place',
      ({ children: [first, ...rest], ...all }) => ({ ...all, children: [{ ...first, x: 'left' }, ...rest] }),
    ],
    ['a box too few', ({ children, ...all }) => ({ ...all, children: children.slice(1) })],
    [
      'a port without a place',
      ({ children, ...all }) => ({ ...all, children: children.map((box) => ({ ...box, ports: [] })) }),
    ],
    [
      'a line without a way',
      ({ edges: [first, ...rest], ...all }) => ({ ...all, edges: [{ ...first, sections: [{}] }, ...rest] }),
    ],
    ['no size', (all) => ({ ...all, width: null })],
    ['a word', () => 'a picture'],
  ])('is laid out again where somebody wrote %s into the store', (_, spoil) => {
    const asked = JSON.stringify(tug);
    localStorage.setItem('dry-hull-wiring-picture', JSON.stringify({ asked, positions: laid }));
    expect(keptPositions(tug)).toEqual(laid);
    localStorage.setItem('dry-hull-wiring-picture', JSON.stringify({ asked, positions: spoil(laid) }));
    expect(keptPositions(tug)).toBeUndefined();
  });
});
