import { canDrive } from '../../model/kinds/controller/controller';
import { isOver } from '../../base/quantity/compare';
import { fittingSubject, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

type Message = 'stallsAbove' | 'stallsFarAbove';

/**
 * How far a jammed motor may pull over a controller's label for the blink that it takes to let go, without a word and
 * without danger: rules of thumb.
 */
const ordinary = 1.5;
const blink = 2.5;

/** Stall amps of a brushed motor on a full pack against its controller. */
export const motorStall = defineRule<Message>({
  meta: {
    id: 'motor-stall',
    well: 'current',
    title: 'Stall amps of a brushed motor against its controller',
    messages: {
      stallsAbove: {
        severity: 'note',
        bound: 'most',
        text: 'the {{motor}}, jammed, draws more than the {{controller}} carries for long',
        why: 'A wheel wedged or a screw fouled: let go of the throttle at once, or the controller cuts out.',
      },
      stallsFarAbove: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{motor}}, jammed, draws far more than the {{controller}} carries',
        why: 'The first wedged wheel or fouled screw at full throttle may cost the controller.',
      },
    },
  },
  check(context) {
    const { index, survey } = context;
    return index.ofKind('motor').flatMap((motor): Report<Message>[] => {
      const { fitting, part } = motor;
      const controller = survey.controllerOf(fitting.id);
      const packs = controller && survey.packOf(controller.fitting.id);
      const most = controller?.part.continuousAmps;
      if (!packs || !controller || !most || part.motorKind !== 'brushed' || !part.stallAmps) return [];
      const jammed = (part.stallAmps.value * packs.volts.full) / packs.volts.nominal;
      if (!isOver(jammed, ordinary * most.value, 'A')) return [];
      return [
        {
          messageId: jammed > blink * most.value ? 'stallsFarAbove' : 'stallsAbove',
          data: { motor: fitting.name, controller: controller.fitting.name },
          subjects: [fittingSubject(fitting.id), fittingSubject(controller.fitting.id)],
          actual: jammed,
          limit: most.value,
          unit: 'A',
          formula: 'stall amps × full volts ÷ nominal volts of the pack, against continuous amps',
          terms: [
            figureTerm(`${fitting.name}, stalled`, part.stallAmps, 'A'),
            plannedTerm('volts of the pack, full', packs.volts.full, 'V'),
            plannedTerm('volts of the pack, nominal', packs.volts.nominal, 'V'),
            figureTerm(`${controller.fitting.name}, continuous`, most, 'A'),
          ],
          offers: () =>
            offerSwaps(
              context,
              controller,
              (controllerSpec) =>
                canDrive(controllerSpec, 'brushed') &&
                (controllerSpec.continuousAmps?.value ?? 0) * blink >= jammed,
            ),
        },
      ];
    });
  },
});
