import { overlaps, reachesOut, blockedBy } from '../../reading/berths/fit';
import type { Inside } from '../../reading/berths/inside';
import type { Laid } from '../../reading/berths/layout';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerPlace } from '../put-right/place-part';
import { defineRule } from './rule';
import {
  isGuessed,
  looseWords,
  millimetres,
  planTerm,
  roomsProvenance,
  sizeTerm,
} from './support/berth-terms';

type Message =
  'outside' | 'outsideGuessed' | 'sameRoom' | 'sameRoomGuessed' | 'blocked' | 'noBerth' | 'swept';

/** Metres by which boxes may seem to touch for no more than how they were rounded. */
const rounding = 0.0006;

/** Room for every part, in its berth and beside the others. */
export const berthFit = defineRule<Message>({
  meta: {
    id: 'berth-fit',
    well: 'space',
    title: 'Room for every part where it lies',
    messages: {
      outside: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{part}} does not fit in the {{berth}}',
        why: 'The lid or the body does not close, or the part has to be forced in.',
      },
      outsideGuessed: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{part}} does not fit in the {{berth}}, by sizes that are usual',
        why: 'Nobody measured one of the two; if it is so, the lid does not close over it.',
      },
      sameRoom: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{part}} and the {{other}} want the same room',
        why: 'Only one of them can lie there.',
      },
      sameRoomGuessed: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{part}} and the {{other}} want the same room, by sizes that are usual',
        why: 'Nobody measured one of them; if it is so, only one can lie there.',
      },
      blocked: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{other}} is where the {{part}} lies',
        why: 'Built-in things do not give way.',
      },
      swept: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{part}} lies where there is the {{other}}',
        why: 'The moving thing hits it, jams, and wears through leads.',
      },
      noBerth: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} outside every berth',
        text: 'the {{part}} lies in no berth',
        why: 'There is nothing to fix it to.',
      },
    },
  },
  check(context) {
    const { inside, laid, loose } = context.survey.layout;
    if (!inside) return [];
    const said: (Report<Message> | Missing)[] = [];
    if (loose.length > 0)
      said.push({
        missing: `where ${looseWords({ loose })} ${loose.length === 1 ? 'lies' : 'lie'}`,
        subjects: loose.map(({ fitting }) => fittingSubject(fitting.id)),
        asked: 'berths',
      });
    said.push(...unmeasured(inside, laid));
    for (const each of laid) said.push(...outOf(context, inside, each), ...against(context, inside, each));
    for (const { a, b, metres } of overlaps(laid)) {
      if (metres <= rounding) continue;
      // The lighter one is the easier to move.
      const [moved, stays] = a.size.long > b.size.long ? [b, a] : [a, b];
      said.push({
        messageId: isGuessed(inside, []) || [a, b].some(isUnread) ? 'sameRoomGuessed' : 'sameRoom',
        data: { part: moved.fitted.fitting.name, other: stays.fitted.fitting.name },
        subjects: [moved, stays].map(({ fitted }) => fittingSubject(fitted.fitting.id)),
        actual: millimetres(metres),
        limit: 0,
        unit: 'mm',
        formula: 'how far the one reaches into the other, along the way that they part most easily',
        terms: [sizeTerm(moved), sizeTerm(stays), planTerm('reach into each other', metres, 'stated')],
        offers: () => [moved, stays].flatMap(({ fitted }) => offerPlace(context, fitted.fitting.id)),
      });
    }
    return said;
  },
});

/** What fits by usual sizes is not known to fit: the model's own size is asked for, and that of the largest part without one. */
function unmeasured(inside: Inside, laid: readonly Laid[]): Missing[] {
  const [largest] = laid
    .filter(isUnread)
    .sort((a, b) => b.size.long * b.size.wide * b.size.high - a.size.long * a.size.wide * a.size.high);
  return [
    ...(laid.length > 0 && roomsProvenance(inside) === 'estimated'
      ? [
          {
            missing: 'length of the model (in the Berths, under Model)',
            subjects: [],
            asked: 'berths' as const,
          },
        ]
      : []),
    ...(largest
      ? [
          {
            missing: `sizes of the ${largest.fitted.fitting.name}`,
            subjects: [fittingSubject(largest.fitted.fitting.id)],
          },
        ]
      : []),
  ];
}

const isUnread = ({ size }: Laid): boolean => size.provenance === 'estimated';

function outOf(context: Reading, inside: Inside, laid: Laid): Report<Message>[] {
  const metres = reachesOut(inside, laid);
  if (metres <= rounding) return [];
  const { id, name } = laid.fitted.fitting;
  return [
    {
      messageId: laid.berth ? (isGuessed(inside, [laid]) ? 'outsideGuessed' : 'outside') : 'noBerth',
      data: { part: name, berth: laid.berth?.name ?? '' },
      subjects: [fittingSubject(id)],
      actual: millimetres(metres),
      limit: 0,
      unit: 'mm',
      formula: 'how far it reaches over the walls of its berth, the skin or the lid, at its worst corner',
      terms: [sizeTerm(laid), planTerm('reaches out', metres, roomsProvenance(inside))],
      offers: () => offerPlace(context, id),
    },
  ];
}

/** What is built in, and what moves, where a part lies: the worst of each, for one move takes it out of all. */
function against(context: Reading, inside: Inside, laid: Laid): Report<Message>[] {
  const { id, name } = laid.fitted.fitting;
  const met = blockedBy(inside, laid.box)
    .filter(({ metres }) => metres > rounding)
    .sort((a, b) => b.metres - a.metres);
  const worst = [met.find(({ obstacle }) => !obstacle.isSwept), met.find(({ obstacle }) => obstacle.isSwept)];
  return worst.flatMap((each): Report<Message>[] =>
    each
      ? [
          {
            messageId: each.obstacle.isSwept ? 'swept' : 'blocked',
            data: { part: name, other: each.obstacle.name },
            subjects: [fittingSubject(id)],
            actual: millimetres(each.metres),
            limit: 0,
            unit: 'mm',
            formula: 'how far it reaches in',
            terms: [sizeTerm(laid), planTerm('reaches in', each.metres, roomsProvenance(inside))],
            offers: () => offerPlace(context, id),
          },
        ]
      : [],
  );
}
