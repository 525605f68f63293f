import type { ElementOfKind } from '../../physics/network/devices';
import type { Survey } from '../survey/survey';
import { buildElements } from './build-elements';
import type { Conditions } from '../../model/kinds/conditions';
import type { Estimates } from '../../model/kinds/estimates';
import { NodeNames } from './nodes';

export type MotorElement = ElementOfKind<'motor'>;

/** Under way, with nothing told to do anything. */
const idle: Conditions = {
  charge: 'nominal',
  coldFactor: 1,
  duty: () => 0,
  command: () => [],
  on: () => 0,
};

/** The motors of a build that move it, with the wheels or the screw that each turns. */
export const drivenMotors = (
  survey: Survey,
  estimates: Estimates,
  names = new NodeNames(survey),
): MotorElement[] =>
  buildElements(survey, idle, estimates, names, [])
    .elements.filter((element) => element.kind === 'motor')
    .filter(({ wheels, screw }) => wheels ?? screw);
