import type { Fitted } from '../../build/build-index';
import { terminalsOf } from '../../parts/terminals';
import type { CheckContext } from '../rule';

/** Parts that take power and have no lead at all yet: nothing can be said of their volts and amps. */
export const unplugged = ({ index }: CheckContext): Fitted[] =>
  index
    .all()
    .filter(
      ({ fitting, part }) => terminalsOf(part).consumes.length > 0 && index.leadsOf(fitting.id).length === 0,
    );
