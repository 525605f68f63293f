import { canDrive } from '../../model/kinds/controller/controller';
import { phaseCount } from '../../model/kinds/motor/motor';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { fittingSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** The kind of each motor against the kind its controller drives. */
export const motorKind = defineRule({
  meta: {
    id: 'motor-kind',
    well: 'connection',
    title: 'Motor kind against controller kind',
    messages: {
      wrongKind: {
        severity: 'stop',
        bound: 'exactly',
        short: 'wrong kind of motor',
        text: 'the {{motor}} is {{motorKind}}, the {{controller}} drives {{drives}} motors',
        why: 'The motor twitches or stands still, and one of the two gets hot and fails.',
      },
    },
  },
  check(context) {
    const { index, survey } = context;
    return index.ofKind('motor').flatMap((motor) => {
      const controller = survey.controllerOf(motor.fitting.id);
      if (!controller) return [];
      const needs = phaseCount[motor.part.motorKind];
      const { drives } = controller.part;
      if (drives === 'both' || canDrive(controller.part, motor.part.motorKind)) return [];
      const gives = phaseCount[drives];
      return [
        {
          messageId: 'wrongKind' as const,
          data: {
            motor: motor.fitting.name,
            motorKind: motor.part.motorKind,
            controller: controller.fitting.name,
            drives,
          },
          subjects: [fittingSubject(motor.fitting.id), fittingSubject(controller.fitting.id)],
          actual: gives,
          limit: needs,
          unit: 'phases' as const,
          formula: 'motor wires the controller drives, against motor wires the motor has',
          terms: [
            plannedTerm(`driven by the ${controller.fitting.name}`, gives, 'phases'),
            plannedTerm(`on the ${motor.fitting.name}`, needs, 'phases'),
          ],
          offers: () => [
            ...offerSwaps(context, controller, (part) => canDrive(part, motor.part.motorKind), 1),
            ...offerSwaps(context, motor, (part) => part.motorKind === drives, 1),
          ],
        },
      ];
    });
  },
});
