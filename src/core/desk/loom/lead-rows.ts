import type { Conductor, Lead } from '../../model/plan/lead';
import { connectorFamily, type ConnectorFamilyId } from '../../model/connectors/families';
import { goesTogether, mating, type Mating } from '../../model/connectors/mating';
import { channelInputs } from '../../reading/radio/channel-inputs';
import { radioHeardBy } from '../../reading/radio/radios';
import type { Reading } from '../../reading/build-reading/reading';
import { capital } from '../../base/words/sentences';

/** Said where wires are drawn in colours that nobody has looked at yet. */
export const assumedColours =
  'Colours and lengths with “about” are the usual ones of such leads, until somebody looks and measures.';

/** One lead in words, for the table and for the line under the picture. */
export interface LeadRow {
  id: string;
  from: string;
  to: string;
  conductors: string[];
  /** Whether the colours are the usual ones, and nobody has looked yet. */
  isAssumed: boolean;
  plugs: string;
  fits: boolean;
  /** Channel and function, or length and gauge. */
  carries: string;
}

export type PlugNamer = (family: ConnectorFamilyId) => string;

const familyName: PlugNamer = (family) => connectorFamily(family).name;

/**
 * Every lead of the build in words; the same content as the wiring picture.
 * @param plugName what a family of plugs is called, by its form where nobody says otherwise
 */
export function leadRows(context: Reading, plugName: PlugNamer = familyName): LeadRow[] {
  return context.build.leads.map((lead) => leadRow(context, lead, plugName));
}

function leadRow({ index, build, survey }: Reading, lead: Lead, plugName: PlugNamer): LeadRow {
  const [a, b] = [index.port(lead.from), index.port(lead.to)];
  const result = mating(a.connector, b.connector).result;
  const names = [...new Set([a, b].map((port) => plugName(port.connector.family)))];
  const channel = a.channel ?? b.channel;
  const receiver = index.owner(a.channel === undefined ? lead.to : lead.from);
  const served =
    channel === undefined || receiver.kind !== 'receiver'
      ? undefined
      : channelInputs(radioHeardBy({ build, survey }, receiver), channel)[0]?.function;
  const size = [survey.leadWords(lead), lead.awg !== undefined && `AWG ${lead.awg}`].filter(Boolean);
  return {
    id: lead.id,
    from: capital(index.portName(lead.from)),
    to: capital(index.portName(lead.to)),
    conductors: lead.conductors.map(conductorWords),
    isAssumed: lead.coloursRead !== true,
    plugs: plugWords[result] ?? names.join(' to '),
    fits: goesTogether(a.connector, b.connector),
    carries: [
      channel === undefined ? '' : `channel ${channel}${served ? `, ${served.name.toLowerCase()}` : ''}`,
      ...size,
    ]
      .filter(Boolean)
      .join(' · '),
  };
}

const plugWords: Partial<Record<Mating['result'], string>> = {
  solder: 'soldered',
  unknown: 'plugs not known',
};

function conductorWords({ colour, from, to, state }: Conductor): string {
  const pin = from === to ? from : `${from} on ${to}`;
  return state === 'whole' ? `${colour}: ${pin}` : `${colour}: ${pin}, ${state}`;
}
