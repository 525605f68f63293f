import { controllerOf } from '../power/pack-load';
import { offerSwaps } from './offers/swap-part';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

/** Headroom a controller should have over its motor's amps at full load: rule of thumb. */
const headroom = 1.25;

type Message = 'overloaded' | 'littleHeadroom';

/** Controller amps against the motor it drives. */
export const controllerAmps = defineRule({
  meta: {
    id: 'controller-amps',
    well: 'current',
    title: 'Controller amps against its motor',
    messages: {
      overloaded: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{motor}} asks more at full load than the {{controller}} stands',
        why: 'The controller overheats and cuts out, or burns, at the first long run at full throttle.',
      },
      littleHeadroom: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{controller}} has little headroom over the {{motor}}',
        why: 'Weed round the screw or a steep climb asks more than full load; a warm controller cuts out.',
      },
    },
  },
  check(context) {
    const { index, picture } = context;
    return index.ofKind('motor').flatMap((motor): (Report<Message> | Missing)[] => {
      const controller = controllerOf(index, picture, motor);
      if (!controller) return [];
      const subjects = [fittingSubject(controller.fitting.id), fittingSubject(motor.fitting.id)];
      const { continuousAmps } = controller.part;
      const { fullLoadAmps } = motor.part;
      if (!fullLoadAmps) return [];
      if (!continuousAmps)
        return [{ missing: `continuous amps of the ${controller.fitting.name}`, subjects }];
      const asked = fullLoadAmps.value;
      if (asked * headroom <= continuousAmps.value) return [];
      const isOver = asked > continuousAmps.value;
      return [
        {
          messageId: isOver ? 'overloaded' : 'littleHeadroom',
          data: { motor: motor.fitting.name, controller: controller.fitting.name },
          subjects,
          actual: isOver ? asked : asked * headroom,
          limit: continuousAmps.value,
          unit: 'A',
          formula: `amps at full load${isOver ? '' : ` × ${headroom} (headroom, rule of thumb)`}, against continuous amps`,
          terms: [
            figureTerm(`${motor.fitting.name} at full load`, fullLoadAmps, 'A'),
            figureTerm(`${controller.fitting.name}, continuous`, continuousAmps, 'A'),
            plannedTerm('headroom wanted', 100 * (headroom - 1), '%'),
          ],
          offers: offerSwaps(
            context,
            controller,
            (one) =>
              one.drives === motor.part.motorKind && (one.continuousAmps?.value ?? 0) >= asked * headroom,
          ),
        },
      ];
    });
  },
});
