import { moveToCentre, type Balance } from '../../reading/berths/balance';
import { reachesOut } from '../../reading/berths/fit';
import { lay } from '../../reading/berths/layout';
import type { Reading } from '../../reading/build-reading/reading';
import type { Patch } from '../../model/plan/patch';
import { moveWords, offerPlace, placeEdit } from './place-part';

/** The heaviest part that one moves to level a model: a pack. */
export function movablePack({ masses }: Balance, { index }: Pick<Reading, 'index'>) {
  return masses
    .filter(({ fitting }) => fitting !== undefined && index.get(fitting).kind === 'pack')
    .sort((a, b) => b.kilograms - a.kilograms)[0];
}

/** The heaviest pack moved so that the centre of mass comes to lie at some place along the model, and in its middle. */
export function offerLevel(context: Reading, wanted: { x?: number; y?: number }): Patch[] {
  const { balance } = context.survey.layout;
  const pack = balance && movablePack(balance, context);
  if (!balance || !pack?.fitting) return [];
  const { fitting } = context.index.get(pack.fitting);
  if (!fitting.place) return [];
  const shift = (axis: 'x' | 'y') => {
    const to = wanted[axis];
    return to === undefined
      ? 0
      : axis === 'x'
        ? moveToCentre(balance, pack, to)
        : ((to - balance.at.y) * balance.kilograms) / pack.kilograms;
  };
  const place = {
    ...fitting.place,
    x: Math.round((fitting.place.x + shift('x')) * 1000) / 1000,
    y: Math.round((fitting.place.y + shift('y')) * 1000) / 1000,
  };
  const { inside } = context.survey.layout;
  const fits =
    inside !== undefined && reachesOut(inside, lay(inside, context.index.get(fitting.id), place)) <= 0;
  const level = {
    id: `level:${fitting.id}`,
    label: `Move the ${fitting.name}${moveWords(fitting.place, place)}`,
    edits: [placeEdit(fitting.id, place)],
  };
  // What reads the same is offered once.
  const others = offerPlace(context, fitting.id).filter(({ label }) => !fits || label !== level.label);
  return [...(fits ? [level] : []), ...others];
}
