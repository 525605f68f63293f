import { describe, expect, it } from 'vitest';
import { benchUnits } from '../../base/quantity/unit-choice';
import { starterPart } from '../../model/starter/starter-locker';
import { ruledOutWords } from './ruled-out-words';

const words = (candidate: string, part: string) =>
  ruledOutWords(starterPart(candidate), starterPart(part), 6, benchUnits);

describe('why a part rules itself out', () => {
  it('has both torques of a servo that is too weak', () => {
    expect(words('servo-micro-60', 'servo-strong')).toBe(
      '1.9 kg·cm at 6.0 V, and what stands there gives 16.3 kg·cm',
    );
  });

  it('tells other work apart', () => {
    expect(words('servo-toy', 'servo-standard')).toContain('five wires');
    expect(words('servo-sail', 'servo-micro-60')).toContain('turns');
    expect(words('bec-3a', 'bec-8a')).toBe('it is made for other work');
  });
});
