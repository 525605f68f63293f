import type { Reading } from '../../reading/build-reading/reading';
import { isOver } from '../../base/quantity/compare';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { gaugeAmps, siliconeCelsius } from '../../base/conductors/wire';
import { offerFuse, offerOtherFuse } from '../put-right/fuse';
import type { Lead } from '../../model/plan/lead';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { defineRule } from './rule';
import { figureTerm, plannedTerm, solvedTerm } from './support/terms';

/** Below this a receiver pack is left without a fuse, for the radio's sake: rule of thumb, in amps. */
const leastWorthAFuse = 5;

/** What a fuse should carry over the amps that go on for minutes: rule of thumb. */
const fuseHeadroom = 1.35;

type Message = 'blowsTooSoon' | 'protectsNothing' | 'noFuse';

/** A fuse must carry what goes on for minutes, and must blow before the leads at its ends fail. */
export const fuseSize = defineRule<Message>({
  meta: {
    id: 'fuse-size',
    well: 'current',
    title: 'Fuses against the load and the wire',
    messages: {
      blowsTooSoon: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} through a fuse for {{limit}}',
        text: 'the {{fuse}} is small for what goes through it',
        why: 'It blows under way, and what hangs on it goes dark, the receiver perhaps among it.',
      },
      protectsNothing: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} fuse, wire stands {{limit}}',
        text: 'the {{fuse}} is larger than the wire it should protect can stand',
        why: 'In a short the wire burns before the fuse does.',
      },
      noFuse: {
        severity: 'note',
        bound: 'least',
        short: 'no fuse',
        text: 'no fuse stands between the {{pack}} and the model',
        why: 'A chafed wire shorts the pack: with a fuse it blows, without one the wire glows.',
      },
    },
  },
  check(context) {
    const { circuit, survey, index } = context;
    const bare = circuit
      .packLoads()
      .filter((load) => load.amps >= leastWorthAFuse && survey.fusesOf(load.pack.fitting.id).length === 0)
      .map((load) => noFuse(context, load.pack, load.amps));
    const fuses = index.ofKind('cable').filter(({ part }) => part.form === 'fuse');
    return [...fuses.flatMap((fuse) => checkFuse(context, fuse)), ...bare];
  },
});

const noFuse = (context: Reading, { fitting }: Fitted<'pack'>, steady: number): Report<Message> => ({
  messageId: 'noFuse',
  data: { pack: fitting.name },
  subjects: [fittingSubject(fitting.id)],
  actual: 0,
  limit: 1,
  unit: 'fuses',
  formula: 'fuses that carry all of the pack’s amps',
  terms: [plannedTerm('fuses', 0, 'fuses'), plannedTerm('usual', 1, 'fuses')],
  offers: () => offerFuse(context, fitting.id, steady * fuseHeadroom),
});

/** The leads that carry all of what goes through a fuse: at its ends, and on through switches and adapters. */
function inlineLeads(index: BuildIndex, fuse: string): Lead[] {
  const leads = new Set(index.leadsOf(fuse));
  for (const lead of leads)
    for (const { fitting } of [lead.from, lead.to]) {
      const { part } = index.get(fitting);
      if (part.kind === 'cable' && part.ports.length === 2)
        for (const next of index.leadsOf(fitting)) leads.add(next);
    }
  return [...leads];
}

function checkFuse(context: Reading, fuse: Fitted<'cable'>): (Report<Message> | Missing)[] {
  const { circuit, index } = context;
  const { fitting, part } = fuse;
  const leads = index.leadsOf(fitting.id);
  if (leads.length === 0) return [];
  const { maxAmps } = part;
  const subjects = [fittingSubject(fitting.id)];
  if (!maxAmps) return [{ missing: `amps of the ${fitting.name}`, subjects }];
  const steady = Math.max(
    0,
    ...leads.map((lead) => circuit.at('steady', 'nominal')?.wireAmps(lead.id, 'plus') ?? 0),
  );
  const gauges = inlineLeads(index, fitting.id).flatMap((lead) => lead.awg ?? []);
  const thinnest = gauges.length > 0 ? Math.max(...gauges) : undefined;
  const stands = thinnest === undefined ? Infinity : gaugeAmps(thinnest, siliconeCelsius);
  const common = { data: { fuse: fitting.name }, subjects, unit: 'A' as const };
  const own = figureTerm(fitting.name, maxAmps, 'A');
  const asked = steady * fuseHeadroom;
  const better = () => offerOtherFuse(context, fuse, asked, stands);
  if (isOver(maxAmps.value, stands, 'A'))
    return [
      {
        ...common,
        messageId: 'protectsNothing',
        actual: maxAmps.value,
        limit: stands,
        formula: `amps of the fuse, against those that heat its thinnest wire to ${siliconeCelsius} °C`,
        terms: [
          own,
          { ...solvedTerm(`AWG ${thinnest} stands`, stands, 'A'), note: 'heat balance in still air' },
        ],
        offers: () => better(),
      },
    ];
  if (!isOver(asked, maxAmps.value, 'A')) return [];
  return [
    {
      ...common,
      messageId: 'blowsTooSoon',
      actual: asked,
      limit: maxAmps.value,
      formula: `amps through it at full throttle with no servo stalled × ${fuseHeadroom} (rule of thumb), against the fuse`,
      terms: [solvedTerm('amps through it for minutes', steady, 'A'), own],
      offers: () => better(),
    },
  ];
}
