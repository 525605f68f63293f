import { connectorFamily } from '../../model/connectors/families';
import type { Reading } from '../../reading/build-reading/reading';
import type { PlugNamer } from '../loom/lead-rows';
import { capital, counted } from '../../base/words/sentences';
import type { BenchList } from './bench-list';
import { joints, piecesFor } from './joints';
import { leadNumbers } from './lead-schedule';

const familyName: PlugNamer = (family) => connectorFamily(family).name;

/** What is to be soldered: joint by joint, with its wires and its heat shrink. */
export function solderList(context: Reading, plugName: PlugNamer = familyName): BenchList {
  const { index } = context;
  const numbers = leadNumbers(context);
  return {
    id: 'solder',
    title: 'To solder',
    heads: ['Lead', 'What', 'Wires', 'Joints', 'Heat shrink'],
    lines: joints(context).map(({ isSplice, lead, connector, at, wires, shrinkMillimetres }) => {
      const other = at === lead.from ? lead.to : lead.from;
      const name = index.get(at.fitting).fitting.name;
      const what = connector
        ? `${piecesFor(connector.family, wires.length)} × ${plugName(connector.family)}, ${connector.gender}, onto the wires of the ${name}`
        : isSplice
          ? `the lead of the ${name}, where it was cut`
          : `${name} to the ${index.get(other.fitting).fitting.name}, wire to wire`;
      return {
        key: `list:solder:${lead.id}${isSplice ? ':splice' : ''}`,
        cells: [
          numbers.get(lead.id) ?? '',
          capital(what),
          wires.map(({ colour }) => colour).join(', '),
          String(wires.length),
          shrinkMillimetres === undefined
            ? `${counted(wires.length, 'piece')}, by the gauge`
            : `${counted(wires.length, 'piece')}, ${shrinkMillimetres} mm`,
        ],
      };
    }),
  };
}
