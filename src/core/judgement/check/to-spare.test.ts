import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { starterLocker } from '../../model/starter/starter-locker';
import { checkBuild } from './check-build';

const headlines = (build = tub()) => {
  const { wells } = checkBuild(build, starterLocker);
  return Object.fromEntries(Object.entries(wells).map(([well, report]) => [well, report.headline]));
};

describe('a dry well', () => {
  it('says what it has left, and never what a note is about', () => {
    expect(headlines()).toMatchObject({
      // A full pack of 12.6 V on a controller that stands 13 V.
      voltage: '0.4 V to spare',
      connection: '5 leads fit',
      control: '5 channels to spare',
    });
    expect(headlines().current).toMatch(/ A to spare$/);
  });

  it('says what is over once it is not dry', () => {
    const hot = tub({
      sheets: {
        'servo-micro-60': (part) => ({ ...part, maxVolts: { value: 5, provenance: 'stated' } }) as never,
      },
    });
    expect(headlines(hot).voltage).toMatch(/over$/);
  });
});
