import type { Route } from '../../reading/berths/lead-routes';
import type { Reading } from '../../reading/build-reading/reading';
import { measured } from '../../base/validation/figure';
import type { Patch } from '../../model/plan/patch';
import { insertCable } from './insert-cable';
import { offerPlace } from './place-part';

/** Ways to make a run reach: an extension, a longer lead, or one of its ends nearer. */
export function offerLonger(context: Reading, { run, needed, usual, has = usual }: Route): Patch[] {
  const short = needed - has;
  const extensions = context.locker.flatMap((part) =>
    part.kind === 'cable' && part.form === 'extension' && part.length && part.length.value >= short
      ? [{ part, metres: part.length.value }]
      : [],
  );
  const extended = extensions
    .sort((a, b) => a.metres - b.metres)
    .flatMap(({ part }): Patch[] => {
      for (const lead of run.leads) {
        const edits = insertCable(context, lead, part, 'extension');
        if (edits) return [{ id: `extend:${lead.id}:${part.id}`, label: `Put the ${part.name} in`, edits }];
      }
      return [];
    });
  const [lead] = run.leads;
  const longer = Math.ceil((needed + 0.005) * 100) / 100;
  return [
    ...extended,
    ...[run.from, run.to].flatMap(({ fitting }) => offerPlace(context, fitting)),
    ...(lead && run.leads.length === 1
      ? [
          {
            id: `longer:${lead.id}`,
            label: `Solder a longer lead in, ${Math.round(longer * 1000)} mm`,
            edits: [
              {
                type: 'setLength' as const,
                lead: lead.id,
                metres: measured(longer, 'soldered in to this length'),
              },
            ],
          },
        ]
      : []),
  ];
}
