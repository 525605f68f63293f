import { packVolts } from '../../model/packs/pack-volts';
import { terminalsOf } from '../../model/kinds';
import type { Survey } from '../survey/survey';
import { NodeNames } from './nodes';

/** What reaches a part at an instant, in words, and whether it is less than the part needs. */
interface PartInstant {
  words: string;
  isLow: boolean;
}

/** An instant of an outing, part by part and lead by lead. */
export interface WiringInstant {
  volts: Map<string, PartInstant>;
  /** Amps in each lead, positive from its `from` end. */
  amps: Map<string, number>;
}

/** Reads an instant of the network in terms of the build: volts by fitting, amps by lead. */
export function wiringInstant(
  survey: Survey,
  { volts, amps }: { volts: ReadonlyMap<string, number>; amps: ReadonlyMap<string, number> },
): WiringInstant {
  const { index, build } = survey;
  const names = new NodeNames(survey);
  const at = (fitting: string, net: string): number | undefined => {
    const name = names.node(fitting, net);
    return name === 'gnd' ? 0 : volts.get(name);
  };
  const parts = new Map<string, PartInstant>();
  for (const { fitting, part } of index.all()) {
    const { consumes, gives } = terminalsOf(part);
    const terminal = part.kind === 'pack' ? gives : (consumes[0] ?? gives);
    if (!terminal) continue;
    const [plus, minus] = [at(fitting.id, terminal.plus), at(fitting.id, terminal.minus)];
    if (plus === undefined || minus === undefined) continue;
    const across = plus - minus;
    const least =
      part.kind === 'pack'
        ? packVolts(part, 'cutoff')
        : 'minVolts' in terminal
          ? terminal.minVolts?.value
          : undefined;
    const output = gives?.regulator && at(fitting.id, gives.plus);
    const rail = output === undefined ? '' : `, BEC ${(output - minus).toFixed(2)} V`;
    parts.set(fitting.id, {
      words: `${across.toFixed(2)} V${rail}`,
      isLow: least !== undefined && across < least,
    });
  }
  const leads = new Map<string, number>();
  for (const lead of build.leads) {
    const plus = amps.get(`${lead.id}.plus`) ?? amps.get(`${lead.id}.minus`);
    if (plus !== undefined) leads.set(lead.id, plus);
  }
  return { volts: parts, amps: leads };
}
