import { describe, expect, it } from 'vitest';
import { layoutOf } from '../../tests/kit/berthed';
import { demoBuild } from '../../tests/kit/demo-builds';
import { readBuildFile } from '../core/model/file/read-file';
import { placeCommand } from './place-command';

describe('hull place', () => {
  it('writes a build in which every part lies somewhere, that the same program reads', () => {
    const { inside: _, ...build } = demoBuild('field-tractor');
    const { text, exitCode } = placeCommand({
      ...build,
      fittings: build.fittings.map(({ place: __, ...fitting }) => fitting),
    });
    expect(exitCode).toBe(0);
    const read = readBuildFile(text);
    if (!read.ok) throw new Error(read.problem.why);
    const { laid, loose, inside } = layoutOf(read.value);
    expect(inside?.form).toBe('ladder frame');
    expect(loose).toEqual([]);
    expect(laid.length).toBeGreaterThan(6);
  });

  it('says by its exit code that there is no room', () => {
    const build = demoBuild('harbour-tug');
    const { exitCode } = placeCommand({
      ...build,
      inside: { form: 'open hull', length: 0.12, beam: 0.05, depth: 0.03 },
    });
    expect(exitCode).toBe(1);
  });
});
