import { presumedOfPack } from './usual-pack';
import { packVolts, packVoltsAt } from '../../packs/pack-volts';
import { changed, describeKind } from '../kind';
import { balancePlugs } from './pack';
import { chemistries } from '../../packs/chemistry';
import { packValues } from './pack-values';
import { numberOptions, openChoice, plainOptions, sheetChoice } from '../sheet-choice';
import { formatQuantity } from '../../../base/quantity/format';

/** A pack whose volts do not give way; its slow part is there all the same, so that the network keeps its shape. */
const withoutOhms = { ohms: 0, r1: 1e-6, c1: 1 };

export const packKind = describeKind<'pack'>({
  kind: 'pack',
  words: { one: 'pack', many: 'Battery packs' },
  terminals: () => ({ consumes: [], gives: { plus: 'plus', minus: 'minus' } }),
  signal: () => undefined,
  fields: () => [
    { path: 'ampHours', label: 'Capacity', unit: 'mAh', scale: 0.001 },
    { path: 'dischargeRate', label: 'Discharge rate', unit: 'C', scale: 1 },
    { path: 'burstRate', label: 'Burst discharge rate', unit: 'C', scale: 1 },
    { path: 'cellOhms', label: 'Internal resistance per cell', unit: 'mΩ', scale: 0.001 },
  ],
  choices: (part) => [
    sheetChoice('cells', 'Cells in series', String(part.cells), numberOptions(1, 14), (value) =>
      changed(part, { cells: Number(value) }),
    ),
    sheetChoice('parallel', 'Side by side', String(part.parallel ?? 1), numberOptions(1, 12), (value) =>
      changed(part, { parallel: Number(value) }),
    ),
    sheetChoice('chemistry', 'Chemistry', part.chemistry, plainOptions(chemistries), (value) =>
      changed(part, { chemistry: chemistries.find((chemistry) => chemistry === value) ?? part.chemistry }),
    ),
    openChoice(part, 'balancePlug', 'Balance plug', balancePlugs),
  ],
  blank: ({ parallel, balancePlug, ...usual }) => usual,
  elements: ({ fitted, node, conditions, estimates }, part) => {
    const { charge, coldFactor } = conditions;
    // Cut-off volts are read under load: what the pack's own ohms take is already off them.
    const { ohms, r1, c1 } = charge === 'cutoff' ? withoutOhms : packValues(fitted, estimates, coldFactor);
    return [
      {
        kind: 'source',
        id: fitted.fitting.id,
        node: node('plus'),
        to: node('minus'),
        volts: typeof charge === 'number' ? packVoltsAt(part, charge) : packVolts(part, charge),
        ohms,
        r1,
        c1,
      },
    ];
  },
  momentKey: ({ charge, coldFactor }) => `${charge}/${coldFactor}`,
  column: 'pack',
  lines: (part, { allowedAmps }) => [
    `${part.cells} ${part.cells === 1 ? 'cell' : 'cells'} ${part.chemistry}${part.parallel && part.parallel > 1 ? `, ${part.parallel} side by side` : ''}`,
    `${part.ampHours ? `${Math.round(part.ampHours.value * 1000)} mAh` : 'capacity unknown'}${part.dischargeRate ? ` ${part.dischargeRate.value} C` : ''}`,
    ...(allowedAmps === undefined ? [] : [`gives ${formatQuantity(allowedAmps, 'A')}`]),
  ],
  chosen: 1,
  seen: 5,
  brief: 'Pack',
  decides: () => [],
  usual: presumedOfPack,
  isDelicate: false,
});
