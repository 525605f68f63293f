import { remembered } from '../../base/remembered';
import { kilogramCentimetre } from '../../base/quantity/constants';
import type { PartSpec } from '../../model/parts/part-spec';
import { nameList } from '../../base/words/sentences';
import { formatQuantity } from '../../base/quantity/format';
import type { UnitChoice } from '../../base/quantity/unit-choice';
import type { LockerItem } from '../../model/parts/locker-item';
import { voltSpan } from './volt-ladder';

/** What decides between parts of a kind, in a line: volts, torque, amps, what it costs and whether it lies on the shelf. */
export const choiceNote = remembered(({ part, state, price }: LockerItem, units: UnitChoice): string => {
  const span = part.kind === 'pack' ? undefined : voltSpan(part);
  return [
    span && `${span.least > 0 ? `${span.least.toFixed(1)} to ` : 'up to '}${formatQuantity(span.most, 'V')}`,
    ...strengthOf(part, units),
    state === 'own' ? 'own' : price === undefined ? undefined : price.toFixed(2),
  ]
    .filter(Boolean)
    .join(', ');
});

function strengthOf(part: PartSpec, units: UnitChoice): (string | undefined)[] {
  const amps = (figure: { value: number } | undefined, words: string) =>
    figure && `${formatQuantity(figure.value, 'A')}${words}`;
  switch (part.kind) {
    case 'servo': {
      const best = part.sheet.findLast((point) => point.stallNewtonMetres);
      return [
        best?.stallNewtonMetres &&
          `${formatQuantity(best.stallNewtonMetres.value / kilogramCentimetre, 'kg·cm', units)} at ${formatQuantity(best.volts.value, 'V')}`,
      ];
    }
    case 'controller':
      return [
        amps(part.continuousAmps, ''),
        part.regulator
          ? `BEC ${part.regulator.voltsChoices.join(', ')} V, ${formatQuantity(part.regulator.maxAmps.value, 'A')}`
          : 'no BEC',
      ];
    case 'bec':
      return [`${part.regulator.voltsChoices.join(', ')} V`, amps(part.regulator.maxAmps, '')];
    case 'motor':
      return [amps(part.fullLoadAmps, ' at full load')];
    case 'receiver':
    case 'transmitter':
      return [part.protocols.join(', ')];
    case 'load':
    case 'electronicSwitch':
      return [amps(part.amps, '')];
    case 'board':
      return [nameList(part.components.map(({ name }) => name))];
    case 'pack':
    case 'cable':
      return [];
  }
}
