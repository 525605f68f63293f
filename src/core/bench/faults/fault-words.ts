import type { PinName } from '../../model/parts/port';
import type { Conductor, Lead, PortRef } from '../../model/plan/lead';
import type { BuildIndex } from '../../model/plan/build-index';

/** The end of a lead that a person would look for first: at the receiver, else at the part that feeds. */
export function plugEnd(index: BuildIndex, lead: Lead): { at: PortRef; other: PortRef } {
  const isReceiver = (ref: PortRef) => index.owner(ref).kind === 'receiver';
  return isReceiver(lead.from) && !isReceiver(lead.to)
    ? { at: lead.from, other: lead.to }
    : { at: lead.to, other: lead.from };
}

/** A port with its part: `port 1 of the receiver`. */
export function portWords(index: BuildIndex, ref: PortRef): string {
  const { name } = index.port(ref);
  const isNumbered = /^(port|channel|row)\b|\d/.test(name);
  return `${isNumbered ? '' : 'the '}${name} of the ${index.get(ref.fitting).fitting.name}`;
}

/** A plug by what hangs on it: `the plug of the rudder in port 1 of the receiver`. */
export function plugWords(index: BuildIndex, lead: Lead): string {
  const { at, other } = plugEnd(index, lead);
  return `the plug of the ${index.get(other.fitting).fitting.name} in ${portWords(index, at)}`;
}

/** A lead by its ends: `the lead from the rudder to the receiver`. */
export function leadWords(index: BuildIndex, lead: Lead): string {
  const { at, other } = plugEnd(index, lead);
  return `the lead from the ${index.get(other.fitting).fitting.name} to the ${index.get(at.fitting).fitting.name}`;
}

const pinWords: Record<PinName, string> = {
  signal: 'signal',
  plus: 'plus',
  minus: 'minus',
  a: 'first motor',
  b: 'second motor',
  c: 'third motor',
};

/** A wire by colour and use: `the orange wire (signal)`. */
export const wireWords = ({ colour, from }: Conductor): string => `the ${colour} wire (${pinWords[from]})`;
