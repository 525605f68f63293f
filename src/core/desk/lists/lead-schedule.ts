import type { Reading } from '../../reading/build-reading/reading';
import { leadRows, type PlugNamer } from '../loom/lead-rows';
import type { BenchList } from './bench-list';

/** The number that a lead goes by in lists and on its labels, by its place in the build: `L4`. */
export const leadNumbers = ({ build }: Reading): ReadonlyMap<string, string> =>
  new Map(build.leads.map(({ id }, n) => [id, `L${n + 1}`]));

/** Every lead with its number, ends, wires, plugs and size. */
export function leadSchedule(context: Reading, plugName?: PlugNamer): BenchList {
  const numbers = leadNumbers(context);
  const leads = new Map(context.build.leads.map((lead) => [lead.id, lead]));
  return {
    id: 'leads',
    title: 'Leads',
    heads: ['No', 'From', 'To', 'Wires', 'Plugs', 'Gauge', 'Length, mm'],
    lines: leadRows(context, plugName).map((row) => {
      const lead = leads.get(row.id)!;
      const { awg } = lead;
      return {
        key: `list:lead:${row.id}`,
        cells: [
          numbers.get(row.id) ?? '',
          row.from,
          row.to,
          row.conductors.join(', '),
          row.plugs,
          awg === undefined ? 'unknown' : `AWG ${awg}`,
          context.survey.leadWords(lead)?.replace(' mm', '') ?? 'unknown',
        ],
      };
    }),
  };
}
