import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import { BuildIndex } from '../../model/plan/build-index';
import { freshId } from '../../model/plan/fresh-id';
import { shortestWay } from './shortest-way';

describe('shortestWay', () => {
  it('goes through the parts between, from the far end back', () => {
    const index = new BuildIndex(tub());
    expect(shortestWay(index, 'pack', 'motor').map((lead) => lead.id)).toEqual([
      'esc-motor--motor-motor',
      'adapter-out--esc-power',
      'pack-out--adapter-in',
    ]);
  });

  it('takes the way with fewer leads where there are two', () => {
    const index = new BuildIndex(demoBuild('harbour-tug-as-planned'));
    const way = shortestWay(index, 'receiver', 'port-rudder').map((lead) => lead.id);
    expect(way).toHaveLength(2);
    expect(way.at(-1)).toContain('receiver-1');
  });

  it('is empty where nothing joins the two, and from a part to itself', () => {
    const index = new BuildIndex(tub({ without: ['pack.out'] }));
    expect(shortestWay(index, 'pack', 'motor')).toEqual([]);
    expect(shortestWay(index, 'motor', 'motor')).toEqual([]);
  });
});

describe('freshId', () => {
  it('counts on from what fittings and leads are called', () => {
    const build = tub();
    expect(freshId(build, 'bec')).toBe('bec');
    expect(freshId(build, 'pack')).toBe('pack-2');
    const more = { ...build, fittings: [...build.fittings, { id: 'pack-2', name: 'x', part: 'y' }] };
    expect(freshId(more, 'pack')).toBe('pack-3');
    expect(freshId(build, build.leads[0]!.id)).toBe(`${build.leads[0]!.id}-2`);
  });
});
