import { describe, expect, it } from 'vitest';
import { benchUnits } from '../../base/quantity/unit-choice';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { choiceNote } from './choice-note';
import type { LockerItem } from '../../model/kinds/locker-item';

const item = (id: string, change: Partial<LockerItem> = {}): LockerItem => ({
  part: starterPart(id),
  state: 'catalogue',
  isStarter: true,
  ...change,
});

describe('what stands beside a part in a choice', () => {
  it.each([
    [item('servo-standard'), '4.5 to 6.6 V, 6.9 kg·cm at 6.0 V'],
    [item('servo-standard', { price: 12 }), '4.5 to 6.6 V, 6.9 kg·cm at 6.0 V, 12.00'],
    [item('servo-standard', { price: 12, state: 'own' }), '4.5 to 6.6 V, 6.9 kg·cm at 6.0 V, own'],
    [item('controller-brushed-10'), '4.5 to 9.0 V, 10.0 A, no BEC'],
    [item('bec-8a'), '6.0 to 26.0 V, 5, 6, 7.4 V, 8.0 A'],
    [item('receiver-6-holm'), '3.8 to 8.4 V, holm link'],
  ])('decides between it and others: %#', (one, words) => {
    expect(choiceNote(one, benchUnits)).toBe(words);
  });

  it('never says what no sheet states', () => {
    for (const part of starterLocker)
      expect(choiceNote({ part, state: 'catalogue', isStarter: true }, benchUnits)).not.toMatch(
        /undefined|NaN/,
      );
  });
});
