import type { Survey } from '../survey/survey';

/** Watts that the motors which move a build take together at full load, as far as their sheets tell. */
export const driveWatts = (survey: Survey): number =>
  survey.index
    .ofKind('motor')
    .filter(({ fitting }) => survey.movers().has(fitting.id))
    .reduce((sum, { fitting, part }) => {
      const controller = survey.controllerOf(fitting.id);
      const pack = controller && survey.packOf(controller.fitting.id);
      const volts = part.fullLoadVolts?.value ?? pack?.volts.nominal ?? 0;
      return sum + volts * (part.fullLoadAmps?.value ?? 0);
    }, 0);
