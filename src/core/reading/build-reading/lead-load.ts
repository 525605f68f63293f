import { connectorFamily, type ConnectorFamily } from '../../model/connectors/families';
import type { Reading } from './reading';
import type { Lead, PortRef } from '../../model/plan/lead';

type Moment = 'steady' | 'worst';

/** The most that any wire of a lead carries, in amps; the worst second counts with full packs. */
export function leadAmps({ circuit }: Pick<Reading, 'circuit'>, lead: Lead, moment: Moment): number {
  const point = circuit.at(moment, moment === 'worst' ? 'full' : 'nominal');
  return Math.max(
    0,
    ...lead.conductors.map((conductor) => Math.abs(point?.wireAmps(lead.id, conductor.from) ?? 0)),
  );
}

/** Of the plugs at a lead's ends, the one whose contacts carry least. */
export function weakestPlug({ index }: Pick<Reading, 'index'>, { from, to }: Lead): ConnectorFamily {
  const [a, b] = [from, to].map((end) => connectorFamily(index.port(end).connector.family));
  return b!.amps < a!.amps ? b! : a!;
}

/** What a lead carries and loses at the worst second. */
interface LeadLoad {
  amps: number;
  /** Volts lost there and back, contacts and all; `undefined` where it does not carry power both ways. */
  dropVolts: number | undefined;
  /** Amps as a share of what the contacts of its weaker plug carry all the time. */
  share: number;
}

/** What each lead that carries anything is loaded with at the worst second, by its id. */
export function leadLoads(context: Reading): Map<string, LeadLoad> {
  const { build, index, circuit } = context;
  const point = circuit.at('worst', 'full');
  const across = (end: PortRef) => {
    const { pins } = index.port(end);
    const [plus, minus] = ['plus', 'minus'].map((name) => pins.find((pin) => pin.name === name)?.net);
    return plus === undefined || minus === undefined ? undefined : point?.across(end.fitting, plus, minus);
  };
  return new Map(
    build.leads.flatMap((lead): [string, LeadLoad][] => {
      const amps = leadAmps(context, lead, 'worst');
      if (amps < 0.005) return [];
      const [here, there] = [across(lead.from), across(lead.to)];
      return [
        [
          lead.id,
          {
            amps,
            dropVolts: here === undefined || there === undefined ? undefined : Math.abs(here - there),
            share: amps / weakestPlug(context, lead).amps,
          },
        ],
      ];
    }),
  );
}
