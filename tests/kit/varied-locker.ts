import { randomLcg } from 'd3-random';
import type { LockerItem } from '../../src/core/model/kinds/locker-item';
import type { PartSpec } from '../../src/core/model/kinds/part-spec';
import type { Figure } from '../../src/core/base/validation/figure';
import { starterLocker } from '../../src/core/model/starter/starter-locker';

/** A locker of made-up parts: the starter's, each varied in its figures and priced, the same for the same seed. */
export function variedLocker(count: number, seed: number): LockerItem[] {
  const random = randomLcg(((seed + 1) * 0.618033989) % 1);
  for (let n = 0; n < 8; n += 1) random();
  // Neither cables, boards nor capacitors are chosen for a role.
  const base = starterLocker.filter(
    (part) =>
      part.kind !== 'cable' && part.kind !== 'board' && !(part.kind === 'load' && part.form === 'capacitor'),
  );
  const cables = starterLocker.filter((part) => part.kind === 'cable');
  const vary = (figure: Figure | undefined): Figure | undefined =>
    figure && { ...figure, value: figure.value * (0.8 + 0.4 * random()) };
  const items = Array.from({ length: count }, (_, n): LockerItem => {
    const part = base[Math.floor(random() * base.length)]!;
    const varied = Object.fromEntries(
      Object.entries(part).map(([key, value]) => [
        key,
        ['continuousAmps', 'ampHours', 'dischargeRate', 'kilograms', 'fullLoadAmps'].includes(key)
          ? vary(value as Figure)
          : value,
      ]),
    ) as unknown as PartSpec;
    return {
      part: { ...varied, id: `made-${n}`, name: `${part.name}, number ${n}` },
      state: random() < 0.2 ? 'own' : 'catalogue',
      price: Math.round(100 * (3 + 60 * random())) / 100,
      isStarter: false,
    };
  });
  return [...items, ...cables.map((part): LockerItem => ({ part, state: 'own', isStarter: true }))];
}
