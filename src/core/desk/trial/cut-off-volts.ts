import { cellsCounted, packVolts } from '../../model/packs/pack-volts';
import type { Fitted } from '../../model/kinds/fitted';
import type { Survey } from '../../reading/survey/survey';

/**
 * Volts of the packs that a controller drinks from at which it cuts its motors off; `undefined` where its cut-off is
 * off or nobody has set it.
 */
export function cutOffVolts(survey: Survey, { fitting }: Fitted<'controller'>): number | undefined {
  const { cutoff } = fitting;
  const packs = survey.packOf(fitting.id);
  if (!packs || cutoff === undefined || cutoff === 'off') return undefined;
  // A controller counts cells from the volts of a full pack; another chemistry makes it count wrongly.
  return packVolts({ chemistry: cutoff, cells: cellsCounted(cutoff, packs.volts.full) }, 'cutoff');
}
