import { motorTurns, turnsOf } from '../limits/motor';
import { canDrive } from '../../model/kinds/controller/controller';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

/** Turns of a brushed motor against the lowest its controller drives at this pack's volts. */
export const brushedTurns = defineRule({
  meta: {
    id: 'brushed-turns',
    well: 'current',
    title: 'Brushed turns against the controller’s limit at these volts',
    messages: {
      tooFewTurns: {
        severity: 'stop',
        bound: 'least',
        short: '{{actual}}, at least {{limit}}',
        text: 'the {{motor}} has fewer turns than the {{controller}} drives on {{packs}}',
        why: 'Fewer turns draw more current: the controller gets hot within a minute and shuts down or burns.',
      },
    },
  },
  check(context) {
    const { index, survey } = context;
    return index.ofKind('motor').flatMap((motor): (Report<'tooFewTurns'> | Missing)[] => {
      const controller = survey.controllerOf(motor.fitting.id);
      const limits = controller?.part.turnLimits;
      const packs = controller && survey.packOf(controller.fitting.id);
      if (!controller || !limits?.length || !packs || motor.part.motorKind !== 'brushed') return [];
      const subjects = [fittingSubject(motor.fitting.id), fittingSubject(controller.fitting.id)];
      const turns = turnsOf(motor.part);
      if (turns === 'notSoldByTurns') return [];
      if (!turns) return [{ missing: `turns of the ${motor.fitting.name}`, subjects }];
      const volts = packs.volts.nominal;
      const row = motorTurns(motor.part, controller.part, volts);
      if (row === 'noRow')
        return [
          {
            missing: `lowest turns of the ${controller.fitting.name} at ${volts.toFixed(1)} V`,
            subjects: [fittingSubject(controller.fitting.id)],
          },
        ];
      if (!row?.limit.passed) return [];
      const { least, limit, cells } = row;
      return [
        {
          messageId: 'tooFewTurns',
          data: { motor: motor.fitting.name, controller: controller.fitting.name, packs: packs.name },
          subjects,
          actual: limit.actual,
          limit: limit.limit,
          unit: limit.unit,
          formula: `turns of the motor, against the lowest on the controller’s sheet for ${cells} LiPo cells`,
          terms: [
            figureTerm(`turns of the ${motor.fitting.name}`, turns, 'turns'),
            figureTerm(`lowest for the ${controller.fitting.name}`, least, 'turns'),
            plannedTerm('nominal volts of the pack', volts, 'V'),
          ],
          offers: () => [
            ...offerSwaps(context, motor, (part) => suits(motorTurns(part, controller.part, volts))),
            ...offerSwaps(context, controller, (part) => canDrive(part, 'brushed')),
          ],
        },
      ];
    });
  },
});

/** Whether a motor is known to have turns enough. */
const suits = (row: ReturnType<typeof motorTurns>): boolean =>
  row !== undefined && row !== 'noRow' && row.limit.passed === undefined;
