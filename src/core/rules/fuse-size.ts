import { shortestWay } from '../build/shortest-way';
import type { Fitted } from '../build/build-index';
import { gaugeAmps } from '../conductors/wire';
import { offerFuse } from './offers/fuse';
import { defineRule, fittingSubject, type CheckContext, type Missing, type Report } from './rule';
import { figureTerm, plannedTerm } from './support/terms';

/** Below this a receiver pack is left without a fuse, for the radio's sake: rule of thumb, in amps. */
const leastWorthAFuse = 5;

type Message = 'blowsTooSoon' | 'protectsNothing' | 'noFuse';

/** A fuse must carry the worst second, and must blow before the wire behind it burns. */
export const fuseSize = defineRule({
  meta: {
    id: 'fuse-size',
    well: 'current',
    title: 'Fuses against the load and the wire',
    messages: {
      blowsTooSoon: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{fuse}} blows below what the {{pack}} is asked for',
        why: 'It blows at full throttle, and the receiver goes dark with it.',
      },
      protectsNothing: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{fuse}} is larger than the wire it should protect can carry',
        why: 'In a short the wire burns before the fuse does.',
      },
      noFuse: {
        severity: 'note',
        bound: 'least',
        text: 'no fuse stands between the {{pack}} and the model',
        why: 'A chafed wire shorts the pack: with a fuse it blows, without one the wire glows.',
      },
    },
  },
  check(context) {
    const fuses = context.index.ofKind('cable').filter(({ part }) => part.form === 'fuse');
    return context.packs.flatMap((load): (Report<Message> | Missing)[] => {
      const { pack } = load;
      const near = fuses.find(
        (fuse) => shortestWay(context.index, pack.fitting.id, fuse.fitting.id).length > 0,
      );
      if (load.amps < leastWorthAFuse) return [];
      if (!near) return [noFuse(context, pack, load.amps)];
      return checkFuse(context, near, pack, load.amps);
    });
  },
});

function noFuse(context: CheckContext, pack: Fitted<'pack'>, asked: number): Report<Message> {
  return {
    messageId: 'noFuse',
    data: { pack: pack.fitting.name },
    subjects: [fittingSubject(pack.fitting.id)],
    actual: 0,
    limit: 1,
    unit: 'fuses',
    formula: 'fuses on the way from the pack',
    terms: [plannedTerm('fuses', 0, 'fuses'), plannedTerm('usual', 1, 'fuses')],
    offers: offerFuse(context, pack.fitting.id, asked),
  };
}

function checkFuse(
  context: CheckContext,
  fuse: Fitted<'cable'>,
  pack: Fitted<'pack'>,
  asked: number,
): (Report<Message> | Missing)[] {
  const { maxAmps } = fuse.part;
  const subjects = [fittingSubject(fuse.fitting.id), fittingSubject(pack.fitting.id)];
  if (!maxAmps) return [{ missing: `amps of the ${fuse.fitting.name}`, subjects }];
  const gauges = context.index.leadsOf(fuse.fitting.id).flatMap((lead) => lead.awg ?? []);
  const carried = Math.min(...gauges.map(gaugeAmps));
  const common = { data: { fuse: fuse.fitting.name, pack: pack.fitting.name }, subjects, unit: 'A' as const };
  const own = figureTerm(fuse.fitting.name, maxAmps, 'A');
  if (maxAmps.value > carried)
    return [
      {
        ...common,
        messageId: 'protectsNothing',
        actual: maxAmps.value,
        limit: carried,
        formula:
          'amps of the fuse, against 10 A for each square millimetre of its thinnest wire (rule of thumb)',
        terms: [own, { ...plannedTerm('its thinnest wire carries', carried, 'A'), provenance: 'estimated' }],
      },
    ];
  if (asked <= maxAmps.value) return [];
  return [
    {
      ...common,
      messageId: 'blowsTooSoon',
      actual: asked,
      limit: maxAmps.value,
      formula: 'amps asked of the pack at the worst second, against the fuse',
      terms: [
        { ...plannedTerm(`asked of the ${pack.fitting.name}`, asked, 'A'), provenance: 'estimated' },
        own,
      ],
    },
  ];
}
