import { isShort, type Route } from '../../core/reading/berths/lead-routes';
import type { Rect } from '../../core/reading/berths/label-spots';
import { formatLength } from '../../core/base/quantity/format';
import type { UnitChoice } from '../../core/base/quantity/unit-choice';
import type { PictureScale } from './picture-scale';

/** A tag at the end of a lead that is too short. */
export interface ShortTag {
  id: string;
  words: string;
  rect: Rect;
}

const letter = 7.2;
const high = 18;

/** Tags of the leads that do not reach, under the end where each falls short. */
export const shortTags = (routes: readonly Route[], scale: PictureScale, units: UnitChoice): ShortTag[] =>
  routes.filter(isShort).flatMap((route): ShortTag[] => {
    const [end] = route.spots;
    const [lead] = route.run.leads;
    if (!end || !lead) return [];
    const words = `${formatLength(route.needed - (route.has ?? 0), units)} short`;
    const width = words.length * letter;
    return [
      {
        id: lead.id,
        words,
        rect: { x: scale.x(end.x) - width / 2, y: scale.planY(end.y) + 10, width, height: high },
      },
    ];
  });
