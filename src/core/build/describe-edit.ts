import { formatQuantity } from '../quantity/format';
import type { BuildIndex } from './build-index';
import type { Edit } from './edits';
import type { Conductor } from './lead';

/** One line that says what an edit changes, against the build as it is before it. */
export function describeEdit(index: BuildIndex, edit: Edit, added: ReadonlyMap<string, string>): string {
  const name = (id: string) => added.get(id) ?? (index.has(id) ? index.get(id).fitting.name : id);
  const volts = (value: number | undefined) => (value === undefined ? 'unset' : formatQuantity(value, 'V'));
  const lead = (id: string) => {
    const found = index.build.leads.find((one) => one.id === id);
    return found ? `${name(found.from.fitting)} – ${name(found.to.fitting)}` : id;
  };
  switch (edit.type) {
    case 'setRegulatorVolts':
      return `${name(edit.fitting)}: regulator ${volts(index.get(edit.fitting).fitting.regulatorVolts)} → ${volts(edit.volts)}`;
    case 'setProtocol':
      return `${name(edit.fitting)}: link → ${edit.protocol}`;
    case 'setFitting':
      return `${name(edit.fitting)}: ${changeWords(edit.change)}`;
    case 'swapPart':
      return `${name(edit.fitting)}: ${index.get(edit.fitting).part.name} → ${edit.part.name}`;
    case 'addFitting':
      return `Add ${edit.fitting.name}: ${edit.part.name}`;
    case 'removeFitting':
      return `Remove ${name(edit.fitting)} with its leads`;
    case 'addLead':
      return `Plug ${name(edit.lead.from.fitting)}, ${edit.lead.from.port} into ${name(edit.lead.to.fitting)}, ${edit.lead.to.port}`;
    case 'removeLead':
      return `Unplug ${lead(edit.lead)}`;
    case 'moveLeadEnd':
      return `Lead ${lead(edit.lead)}: to ${name(edit.port.fitting)}, ${edit.port.port}`;
    case 'setGauge':
      return `Lead ${lead(edit.lead)}: AWG ${edit.awg}`;
    case 'setConductors':
      return `Lead ${lead(edit.lead)}: ${conductorWords(edit.conductors)}`;
    case 'setFunction':
      return `Function ${edit.function}: ${changeWords(edit.change)}`;
    case 'setBrief':
      return `Brief: ${Object.keys(edit.change).join(', ')}`;
    case 'rename':
      return `Call it ${edit.name}`;
    case 'addFunction':
      return `Add the function ${edit.function.name}`;
    case 'removeFunction':
      return `Remove the function ${edit.function}`;
    case 'setPolicies':
      return `Schools: ${Object.keys(edit.change).join(', ')}`;
    case 'accept':
      return 'Accept the finding';
    case 'withdrawAcceptance':
      return 'Withdraw an acceptance';
    case 'tick':
    case 'untick':
      return 'Tick a step';
  }
}

function conductorWords(conductors: readonly Conductor[]): string {
  return conductors
    .map((one) => `${one.colour} ${one.state === 'lifted' ? 'lifted' : `to ${one.to}`}`)
    .join(', ');
}

const changeWords = (change: Record<string, unknown>): string =>
  Object.entries(change)
    .map(([key, value]) => `${key} → ${String(value)}`)
    .join(', ');
