import { describe, expect, it } from 'vitest';
import { wiringCases } from '../../../../tests/kit/wiring-builds';
import { checkBuild } from '../../judgement/check/check-build';
import { starterLocker } from '../../model/starter/starter-locker';

describe('wirings that people meet', () => {
  it.each(wiringCases)('$name', ({ build, stops }) => {
    const { findings } = checkBuild(build, starterLocker);
    const said = findings.filter(({ severity }) => severity === 'stop');
    expect(
      [...new Set(said.map(({ rule }) => rule))].sort(),
      said.map(({ text }) => text).join('\n'),
    ).toEqual([...stops].sort());
  });
});
