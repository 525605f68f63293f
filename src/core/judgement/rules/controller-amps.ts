import { isOfLikeSize } from '../../model/kinds/motor/motor-cans';
import { controllerHeadroom, controllerLoad } from '../limits/amps';
import { motorToCome } from '../../reading/circuit/loads';
import { canDrive } from '../../model/kinds/controller/controller';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { figureTerm, plannedTerm, solvedTerm } from './support/terms';

type Message = 'overloaded' | 'littleHeadroom';

/** Controller amps against the motors it drives. */
export const controllerAmps = defineRule<Message>({
  meta: {
    id: 'controller-amps',
    well: 'current',
    title: 'Controller amps against its motors',
    messages: {
      overloaded: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} at full load, ESC carries {{limit}}',
        text: '{{motors}} {{ask}} more at full load than the {{controller}} stands',
        why: 'The controller overheats and cuts out, or burns, at the first long run at full throttle.',
      },
      littleHeadroom: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} at full load, ESC carries {{limit}}',
        text: 'the {{controller}} has little headroom over {{motors}}',
        why: 'A jammed wheel, a fouled screw or a steep climb asks more than full load; a warm controller cuts out.',
      },
    },
  },
  check(context) {
    const { index, survey, circuit } = context;
    return index.ofKind('controller').flatMap((controller): (Report<Message> | Missing)[] => {
      const { fitting, part } = controller;
      const motors = survey.motorsOf(fitting.id);
      if (motors.length === 0)
        // Before power reaches it there is nothing to judge at all.
        return survey.supplyOf(fitting.id)?.status === 'fed'
          ? [{ missing: motorToCome(controller), subjects: [fittingSubject(fitting.id)], asked: 'wiring' }]
          : [];
      const silent = motors.filter((candidate) => !candidate.part.fullLoadAmps && !candidate.part.stallAmps);
      const missing = silent.map((each): Missing => ({
        missing: `amps at full load of the ${each.fitting.name}`,
        subjects: [fittingSubject(each.fitting.id)],
      }));
      const subjects = [fittingSubject(fitting.id), ...motors.map((each) => fittingSubject(each.fitting.id))];
      const { continuousAmps } = part;
      if (!continuousAmps)
        return [
          ...missing,
          { missing: `continuous amps of the ${fitting.name}`, subjects: [fittingSubject(fitting.id)] },
        ];
      const asked = circuit.at('worst', 'full')?.motorAmps(fitting.id) ?? 0;
      const most = continuousAmps.value;
      const { passed, actual, unit } = controllerLoad(asked, most);
      if (!passed) return missing;
      const isTooMuch = passed === 'overloaded';
      const [motor] = motors;
      return [
        ...missing,
        {
          messageId: passed,
          data: {
            motors: nameList(motors.map((each) => `the ${each.fitting.name}`)),
            ask: motors.length === 1 ? 'asks' : 'ask',
            controller: fitting.name,
          },
          subjects,
          actual,
          limit: most,
          unit,
          formula: `amps into its motors at full throttle on a full pack, solved${isTooMuch ? '' : ` × ${controllerHeadroom} (headroom, rule of thumb)`}, against continuous amps`,
          terms: [
            ...motors.flatMap((each) =>
              each.part.fullLoadAmps
                ? [figureTerm(`${each.fitting.name} at full load`, each.part.fullLoadAmps, 'A')]
                : [],
            ),
            solvedTerm('amps into its motors', asked, 'A'),
            figureTerm(`${fitting.name}, continuous`, continuousAmps, 'A'),
            plannedTerm('headroom wanted', 100 * (controllerHeadroom - 1), '%'),
          ],
          offers: () => [
            ...offerSwaps(
              context,
              controller,
              (controllerSpec) =>
                canDrive(controllerSpec, motor?.part.motorKind) &&
                controllerSpec.continuousAmps !== undefined &&
                controllerLoad(asked, controllerSpec.continuousAmps.value).passed === undefined,
            ),
            // Or a calmer motor of its kind, where it drives one.
            ...(motor && motors.length === 1
              ? offerSwaps(
                  context,
                  motor,
                  (other) =>
                    isOfLikeSize(other, motor.part) &&
                    other.fullLoadAmps !== undefined &&
                    controllerLoad(other.fullLoadAmps.value, most).passed === undefined,
                )
              : []),
          ],
        },
      ];
    });
  },
});
