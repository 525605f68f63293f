import type { ElementOfKind } from '../network/devices';
import type { Survey } from '../survey/survey';
import { buildElements } from './build-elements';
import type { Conditions } from './conditions';
import type { Estimates } from './estimates';

/** Under way, with nothing told to do anything. */
const idle: Conditions = {
  charge: 'nominal',
  coldFactor: 1,
  duty: () => 0,
  command: () => [],
  on: () => 0,
};

/** The motors of a build that move it, with the wheels or the screw that each turns. */
export const drivenMotors = (survey: Survey, estimates: Estimates): ElementOfKind<'motor'>[] =>
  buildElements(survey, idle, estimates)
    .elements.filter((element) => element.kind === 'motor')
    .filter(({ wheels, screw }) => wheels ?? screw);
