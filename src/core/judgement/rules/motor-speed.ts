import { isOfLikeSize } from '../../model/kinds/motor/motor-cans';
import { mostSpeed, motorSpeedLimit, motorVolts } from '../limits/motor';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { packVolts } from '../../model/packs/pack-volts';
import { offerPackSwaps } from '../put-right/swap-pack';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

type Message = 'tooManyVolts' | 'tooFast';

/** Full pack volts against what a motor stands, and the speed they would turn it at with nothing to drive. */
export const motorSpeed = defineRule<Message>({
  meta: {
    id: 'motor-speed',
    well: 'voltage',
    title: 'Motor volts and speed on a full pack',
    messages: {
      tooManyVolts: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} supplied, at most {{limit}}',
        text: '{{packs}} {{give}} the {{motor}} too many volts',
        why: 'Brushes arc, windings burn, magnets come loose: it does not live through many runs.',
      },
      tooFast: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{motor}} would turn faster than it stands on {{packs}} when they are full',
        why: 'Free of load, as on the stand or with wheels in the air, bearings and rotor are overstressed; it shakes, then bursts.',
      },
    },
  },
  check(context) {
    const { index, survey } = context;
    return index.ofKind('motor').flatMap((motor): (Report<Message> | Missing)[] => {
      const { fitting, part } = motor;
      const controller = survey.controllerOf(fitting.id);
      const packs = controller && survey.packOf(controller.fitting.id);
      if (!packs) return [];
      const { full } = packs.volts;
      const subjects = [
        fittingSubject(fitting.id),
        ...packs.packs.map((pack) => fittingSubject(pack.fitting.id)),
      ];
      const data = {
        motor: fitting.name,
        packs: packs.name,
        give: packs.packs.length === 1 ? 'gives' : 'give',
      };
      if (part.maxVolts && motorVolts(part, full)?.passed)
        return [
          {
            messageId: 'tooManyVolts',
            data,
            subjects,
            actual: full,
            limit: part.maxVolts.value,
            unit: 'V',
            formula: 'volts of the pack, full and rested, against the most of the motor’s sheet',
            terms: [
              plannedTerm(`${packs.name}, full`, full, 'V'),
              figureTerm(`most for the ${fitting.name}`, part.maxVolts, 'V'),
            ],
            offers: () => [
              ...offerPackSwaps(
                context,
                packs.packs,
                (pack) => motorVolts(part, packVolts(pack, 'full'))?.passed === undefined,
              ),
              ...offerSwaps(
                context,
                motor,
                (motorSpec) =>
                  isOfLikeSize(motorSpec, part) &&
                  motorVolts(motorSpec, full)?.passed === undefined &&
                  motorSpec.maxVolts !== undefined,
              ),
            ],
          },
        ];
      if (!part.kv)
        return [{ missing: `speed per volt of the ${fitting.name}`, subjects: [fittingSubject(fitting.id)] }];
      const limit = motorSpeedLimit(part, full);
      if (!limit?.passed) return [];
      const most = mostSpeed(part);
      return [
        {
          messageId: 'tooFast',
          data,
          subjects,
          actual: limit.actual,
          limit: limit.limit,
          unit: limit.unit,
          formula: 'speed per volt × volts of the full pack, against the most that it stands',
          terms: [
            figureTerm('speed per volt', part.kv, 'rev/min'),
            plannedTerm(`${packs.name}, full`, full, 'V'),
            figureTerm('most that it stands', most, 'rev/min'),
          ],
          offers: () => [
            ...offerPackSwaps(
              context,
              packs.packs,
              (pack) => motorSpeedLimit(part, packVolts(pack, 'full'))?.passed === undefined,
            ),
            ...offerSwaps(
              context,
              motor,
              (motorSpec) =>
                isOfLikeSize(motorSpec, part) &&
                motorSpec.kv !== undefined &&
                motorSpeedLimit(motorSpec, full)?.passed === undefined,
            ),
          ],
        },
      ];
    });
  },
});
