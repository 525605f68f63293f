import { wireId } from '../../reading/circuit/wires';
import type { Reading } from '../../reading/build-reading/reading';
import { terminalsOf } from '../../model/kinds';
import { isJoined, type Lead } from '../../model/plan/lead';
import type { Fitted } from '../../model/kinds/fitted';
import { minutesOf, type Answer } from './bench-test';
import type { FaultyModel } from './faulty-model';
import { leadWords, wireWords } from './fault-words';
import type { Probe } from './probe';

/** Readings of the meter: volts where each part takes its power, ohms of each wire with the pack out. */
export const powerProbes = (context: Reading): Probe[] => [...voltProbes(context), ...ohmProbes(context)];

function voltProbes({ index, survey }: Reading): Probe[] {
  return index.all().flatMap((fitted): Probe[] => {
    const { consumes, gives } = terminalsOf(fitted.part);
    const terminal = fitted.kind === 'pack' ? gives : consumes[0];
    if (!terminal || fitted.kind === 'motor') return [];
    const { id, name } = fitted.fitting;
    const supply = survey.supplyOf(id)?.volts ?? ownVolts(fitted, survey);
    const where = fitted.kind === 'pack' ? 'its plug' : 'the plug that feeds it';
    return [
      {
        test: {
          id: `volts:${id}`,
          words: `Pack in, everything still. Meter between plus and minus of the ${name}, on the contacts of ${where}.`,
          minutes: minutesOf.volts,
          isPowered: true,
          answers: [],
          ...(supply && { spread: Math.max(0, supply.full - supply.cutoff) / 4 }),
        },
        shows: (model) => model.volts(model.rest, fitted),
      },
    ];
  });
}

const ownVolts = (fitted: Fitted, survey: Reading['survey']) =>
  survey.sources.find((source) => source.fitted === fitted)?.volts;

const ohmAnswers: readonly Answer[] = [
  { id: 'joins', words: 'It beeps: under an ohm' },
  { id: 'high', words: 'Ohms that move when I bend it' },
  { id: 'open', words: 'Open' },
];

function ohmProbes({ build, index }: Reading): Probe[] {
  return build.leads.flatMap((lead) =>
    lead.conductors.filter(isJoined).map((wire): Probe => ({
      test: {
        id: `ohms:${wireId(lead.id, wire.from)}`,
        words: `Pack out. Meter on ohms along ${wireWords(wire)} of ${leadWords(index, lead)}, contact to contact; bend it a little.`,
        minutes: minutesOf.ohms,
        isPowered: false,
        lead: lead.id,
        answers: ohmAnswers,
      },
      shows: (model) => ohmsShown(model, lead, wire),
    })),
  );
}

function ohmsShown(model: FaultyModel, lead: Lead, wire: Lead['conductors'][number]): string {
  if (model.harm.ohms?.wire === wireId(lead.id, wire.from)) return 'high';
  const now = model.build.leads.find(({ id }) => id === lead.id);
  const same = (['from', 'to'] as const).every(
    (end) => now?.[end].fitting === lead[end].fitting && now[end].port === lead[end].port,
  );
  const joins = now?.conductors.some(
    (each) => each.from === wire.from && each.to === wire.to && isJoined(each),
  );
  return same && joins ? 'joins' : 'open';
}
