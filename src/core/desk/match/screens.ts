import type { Reading } from '../../reading/build-reading/reading';
import { sameFormScreens } from './screens/same-work';
import { powerScreens } from './screens/power';
import { radioScreens } from './screens/radio';
import { roomScreens } from './screens/room';
import { railScreens } from './screens/rail';
import { plugJoints, plugScreens } from './screens/plugs';
import type { JointCount, Role, Screen } from './role';

/** Everything that has to fit among the roles of a build, by the limits that the rules of the wells judge. */
export const screensOf = (context: Reading, roles: readonly Role[]): Screen[] => [
  ...powerScreens(context, roles),
  ...railScreens(context, roles),
  ...radioScreens(context, roles),
  ...sameFormScreens(context, roles),
  ...plugScreens(context, roles),
  ...roomScreens(context, roles),
];

export const jointsOf = (roles: readonly Role[]): JointCount[] => plugJoints(roles);
