import { controllerOf } from '../power/pack-load';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { figureTerm, plannedTerm } from './support/terms';
import { offerSwaps } from './offers/swap-part';

/** Turns of a brushed motor against the lowest its controller drives at this cell count. */
export const brushedTurns = defineRule({
  meta: {
    id: 'brushed-turns',
    well: 'current',
    title: 'Brushed turns against the controller’s limit at this cell count',
    messages: {
      tooFewTurns: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{motor}} has fewer turns than the {{controller}} drives on {{cells}} cells',
        why: 'Fewer turns draw more current: the controller gets hot within a minute and shuts down or burns.',
      },
    },
  },
  check(context) {
    const { index, picture } = context;
    return index.ofKind('motor').flatMap((motor): (Report<'tooFewTurns'> | Missing)[] => {
      const controller = controllerOf(index, picture, motor);
      const limits = controller?.part.turnLimits;
      const supply = picture.supplies.find(
        (one) => one.fitted === controller && one.terminal.id === 'supply',
      );
      const pack = supply?.sources[0]?.fitted.part;
      if (!controller || !limits || motor.part.motorKind !== 'brushed' || pack?.kind !== 'pack') return [];
      const subjects = [fittingSubject(motor.fitting.id), fittingSubject(controller.fitting.id)];
      const limit = limits.find((one) => one.cells === pack.cells);
      const { turns } = motor.part;
      if (!turns) return [{ missing: `turns of the ${motor.fitting.name}`, subjects }];
      if (!limit)
        return [
          { missing: `lowest turns of the ${controller.fitting.name} on ${pack.cells} cells`, subjects },
        ];
      if (turns.value >= limit.turns.value) return [];
      return [
        {
          messageId: 'tooFewTurns',
          data: { motor: motor.fitting.name, controller: controller.fitting.name, cells: String(pack.cells) },
          subjects,
          actual: turns.value,
          limit: limit.turns.value,
          unit: 'turns',
          formula: 'turns of the motor, against the lowest on the controller’s sheet for this cell count',
          terms: [
            figureTerm(`turns of the ${motor.fitting.name}`, turns, 'turns'),
            figureTerm(`lowest for the ${controller.fitting.name}`, limit.turns, 'turns'),
            plannedTerm('cells of the pack', pack.cells, 'cells'),
          ],
          offers: offerSwaps(context, motor, (one) => (one.turns?.value ?? 0) >= limit.turns.value),
        },
      ];
    });
  },
});
