import { formatQuantity } from '../../base/quantity/format';
import type { Fitted } from '../../model/kinds/fitted';
import type { Patch } from '../../model/plan/patch';
import type { Reading } from '../../reading/build-reading/reading';
import { linkageReading } from '../../reading/linkage/linkage-reading';
import { offerEnds } from './linkage-ends';

/** Holes of a horn are looked at millimetre by millimetre, down to one that a rod still fits beside the screw. */
const holeStep = 0.001;
const innermost = 0.004;

/**
 * A hole nearer to the servo's shaft, which costs nothing: the same torque pulls harder, over less way. The outermost that
 * gives enough is offered, with the end points at which the mechanism still meets its stops.
 * @param share of the servo's torque that must come to the mechanism
 */
export function offerInnerHole(context: Reading, servo: Fitted<'servo'>, share: number): Patch[] {
  const { fitting } = servo;
  const { linkage } = fitting;
  if (!linkage) return [];
  const holes = Math.round((linkage.hornRadius - innermost) / holeStep);
  for (let n = 1; n <= holes; n += 1) {
    const inner = { ...linkage, hornRadius: linkage.hornRadius - n * holeStep };
    const reading = linkageReading(context, { ...servo, fitting: { ...fitting, linkage: inner } });
    if (!reading || reading.leastTorqueShare < share) continue;
    const [ends] = offerEnds(reading);
    // Farther in it would never meet its stops.
    if (!ends) return [];
    const [from, to] = [linkage, inner].map(({ hornRadius }) => formatQuantity(hornRadius * 1000, 'mm'));
    return [
      {
        id: `inner-hole:${fitting.id}`,
        label: `Hook the rod into the horn of the ${fitting.name} ${to} from its shaft, not ${from}; ${ends.label.replace(/^S/, 's')}`,
        edits: [{ type: 'setFitting', fitting: fitting.id, change: { linkage: inner } }, ...ends.edits],
      },
    ];
  }
  return [];
}
