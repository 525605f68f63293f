import { canDrive } from '../../model/kinds/controller/controller';
import { blinkAmps } from '../../model/kinds/controller/usual-controller';
import { jamLoad } from '../limits/amps';
import { atMost } from '../limits/limit';
import type { Fitted } from '../../model/kinds/fitted';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

type Message = 'stallsAbove' | 'stallsFarAbove';

/** Amps of a jammed motor on a full pack against its controller. */
export const motorStall = defineRule<Message>({
  meta: {
    id: 'motor-stall',
    well: 'current',
    title: 'Amps of a jammed motor against its controller',
    messages: {
      stallsAbove: {
        severity: 'note',
        bound: 'most',
        numbers: '{{actual}} jammed, ESC carries {{limit}}',
        text: 'the {{motor}}, jammed, draws more than the {{controller}} carries for long',
        why: 'A wheel wedged or a screw fouled: let go of the throttle at once, or the controller cuts out.',
      },
      stallsFarAbove: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} jammed, ESC carries {{limit}}',
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
      if (!packs || !controller || !most) return [];
      if (part.motorKind === 'brushless') return brushlessJam(context, motor, controller, packs.volts.full);
      if (!part.stallAmps) return [];
      const jammed = (part.stallAmps.value * packs.volts.full) / packs.volts.nominal;
      const { passed } = jamLoad(jammed, most.value);
      if (!passed) return [];
      return [
        {
          messageId: passed,
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
                controllerSpec.continuousAmps !== undefined &&
                jamLoad(jammed, controllerSpec.continuousAmps.value).passed !== 'stallsFarAbove',
            ),
        },
      ];
    });
  },
});

/** A jammed brushless motor pulls what its windings let through; most controllers notice in a blink, and cut out. */
function brushlessJam(
  context: Reading,
  { fitting, part }: Fitted<'motor'>,
  controller: Fitted<'controller'>,
  fullVolts: number,
): Report<Message>[] {
  const blink = blinkAmps(controller.part);
  if (!part.windingOhms || blink === undefined) return [];
  const jammed = fullVolts / part.windingOhms.value;
  const { passed } = atMost(jammed, blink, 'A', 'stallsAbove' as const);
  if (!passed) return [];
  return [
    {
      messageId: passed,
      data: { motor: fitting.name, controller: controller.fitting.name },
      subjects: [fittingSubject(fitting.id), fittingSubject(controller.fitting.id)],
      actual: jammed,
      limit: blink,
      unit: 'A',
      formula:
        'full volts of the pack ÷ ohms of the windings, against what the controller carries for a moment',
      terms: [
        plannedTerm('volts of the pack, full', fullVolts, 'V'),
        figureTerm(`windings of the ${fitting.name}`, part.windingOhms, 'Ω'),
        plannedTerm(`${controller.fitting.name}, for a moment`, blink, 'A'),
      ],
      offers: () =>
        offerSwaps(
          context,
          controller,
          (other) => canDrive(other, 'brushless') && (blinkAmps(other) ?? 0) >= jammed,
        ),
    },
  ];
}
