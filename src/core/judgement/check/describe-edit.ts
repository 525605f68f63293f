import type { BuildIndex } from '../../model/plan/build-index';
import type { Edit } from '../../model/plan/edits';
import { isJoined, type Conductor, type PortRef } from '../../model/plan/lead';
import type { Placement } from '../../model/fitting/placement';
import type { Policies } from '../../model/plan/policies';
import { schools } from '../../reading/brief/schools';
import { formatQuantity } from '../../base/quantity/format';
import { settingName } from '../../base/words/setting-names';

/** One line that says what an edit changes, against the build as it is before it. */
export function describeEdit(index: BuildIndex, edit: Edit, added: ReadonlyMap<string, string>): string {
  const name = (id: string) => added.get(id) ?? (index.has(id) ? index.get(id).fitting.name : id);
  const volts = (value: number | undefined) => (value === undefined ? 'unset' : formatQuantity(value, 'V'));
  const port = (ref: PortRef) => {
    // What is swapped in by an edit before this one may have ports that are not there yet.
    const fitted = index.has(ref.fitting) ? index.get(ref.fitting).part.ports : [];
    return `${name(ref.fitting)}, ${fitted.find((known) => known.id === ref.port)?.name ?? ref.port}`;
  };
  const lead = (id: string) => {
    const found = index.build.leads.find((candidate) => candidate.id === id);
    return found ? `${name(found.from.fitting)} – ${name(found.to.fitting)}` : id;
  };
  const functionName = (id: string) =>
    index.build.functions.find((modelFunction) => modelFunction.id === id)?.name ?? id;
  switch (edit.type) {
    case 'setRegulatorVolts':
      return `${name(edit.fitting)}: regulator ${volts(index.get(edit.fitting).fitting.regulatorVolts)} → ${volts(edit.volts)}`;
    case 'setProtocol':
      return `${name(edit.fitting)}: link → ${edit.protocol}`;
    case 'setFitting':
      if (edit.change.place) return `${name(edit.fitting)}: ${placeWords(edit.change.place)}`;
      return `${name(edit.fitting)}: ${changeWords(edit.change)}`;
    case 'measure':
      return `Measured: ${edit.measured.said}`;
    case 'forgetMeasured':
      return 'Let go of a reading';
    case 'changeSheet':
      return `Sheet of ${edit.sheet.name} as typed`;
    case 'swapPart':
      return `${name(edit.fitting)}: ${index.get(edit.fitting).part.name} → ${edit.part.name}`;
    case 'addFitting':
      return `Add ${edit.fitting.name}: ${edit.part.name}`;
    case 'removeFitting':
      return `Remove ${name(edit.fitting)} with its leads`;
    case 'addLead':
      return `Plug ${port(edit.lead.from)} into ${port(edit.lead.to)}`;
    case 'removeLead':
      return `Unplug ${lead(edit.lead)}`;
    case 'moveLeadEnd':
      return `Lead ${lead(edit.lead)}: to ${port(edit.port)}`;
    case 'setGauge':
      return `Lead ${lead(edit.lead)}: AWG ${edit.awg}`;
    case 'setLength':
      return `Lead ${lead(edit.lead)}: ${Math.round(edit.metres.value * 1000)} mm`;
    case 'setThreaded':
      return `Lead ${lead(edit.lead)}: ${edit.isThreaded ? 'led through before its plug is fitted' : 'with its plug on'}`;
    case 'setInside':
      return edit.inside ? `Inside of the model: ${edit.inside.form}` : 'Forget the inside of the model';
    case 'setColours':
    case 'setConductors':
      return `Lead ${lead(edit.lead)}: ${conductorWords(edit.conductors)}`;
    case 'setFunction':
      return `${functionName(edit.function)}: ${functionWords(index, edit.change, name)}`;
    case 'setPictureOrder':
      return 'Move a part in the picture';
    case 'setChannel':
      return `Channel ${edit.channel}${edit.transmitter === undefined ? '' : ` of the ${name(edit.transmitter)}`}: ${changeWords(edit.change)}`;
    case 'setBrief':
      return `Brief: ${changeWords(edit.change)}`;
    case 'rename':
      return `Call it ${edit.name}`;
    case 'addFunction':
      return `Add the function ${edit.function.name}`;
    case 'removeFunction':
      return `Remove the function ${functionName(edit.function)}`;
    case 'setPolicies':
      return Object.entries(edit.change)
        .map(([key, value]) => schoolWords(key as keyof Policies, value))
        .join('; ');
    case 'accept':
      return 'Accept the finding';
    case 'withdrawAcceptance':
      return 'Withdraw an acceptance';
    case 'keepOuting':
      return `Keep the outing ${edit.outing.name}`;
    case 'dropOuting':
      return 'Remove an outing';
    case 'keepEntry':
      return 'Write into the log';
    case 'dropEntry':
      return 'Remove a page of the log';
    case 'tick':
    case 'untick':
      return 'Tick a step';
    case 'noteStep':
      return 'Note beside a step';
  }
}

function placeWords({ x, y, z, turn }: Placement): string {
  const [along, across, up] = [x, y, z].map((metres) => Math.round(metres * 1000));
  const side =
    across === 0 ? 'in the middle' : `${Math.abs(across!)} mm to ${across! > 0 ? 'port' : 'starboard'}`;
  return `to ${along} mm along, ${side}, ${up} mm up${turn === 0 ? '' : `, turned ${turn}°`}`;
}

function conductorWords(conductors: readonly Conductor[]): string {
  return conductors
    .map(
      (conductor) =>
        `${conductor.colour} ${isJoined(conductor) ? `to ${conductor.to}` : conductor.state}${conductor.state === 'spliced' ? ', spliced' : ''}`,
    )
    .join(', ');
}

/** What the screen calls values that are not words already. */
const valueNames: Record<string, string> = {
  reverse: 'brake, then reverse',
  instantReverse: 'reverse at once',
  noReverse: 'no reverse',
  brake: 'brakes with the stick',
  dragBrake: 'drag brake',
  off: 'off',
  centring: 'centres',
  staying: 'stays put',
  twoPosition: 'two states',
  threePosition: 'three states',
  momentary: 'while held',
};

function valueWords(value: unknown): string {
  switch (typeof value) {
    case 'undefined':
      return 'none';
    case 'boolean':
      return value ? 'yes' : 'no';
    case 'string':
      return valueNames[value] ?? value;
    case 'number':
      return String(value);
    default:
      return 'as set';
  }
}

const changeWords = (change: object): string =>
  Object.entries(change)
    .map(([key, value]) => `${settingName(key)} → ${valueWords(value)}`)
    .join(', ');

function functionWords(
  index: BuildIndex,
  change: Extract<Edit, { type: 'setFunction' }>['change'],
  name: (fittingId: string) => string,
): string {
  const { control, devices, ...rest } = change;
  const controls = index.ofKind('transmitter').flatMap(({ part }) => part.controls);
  return [
    control === undefined
      ? ''
      : `control → ${controls.find((candidate) => candidate.id === control)?.name ?? control}`,
    changeWords(rest),
    devices === undefined ? '' : `works → ${devices.map(name).join(', ') || 'nothing'}`,
  ]
    .filter(Boolean)
    .join(', ');
}

function schoolWords(key: keyof Policies, value: unknown): string {
  const school = schools.find((candidate) => candidate.key === key);
  return `${school?.name ?? key} → ${school?.choices.find((choice) => choice.value === value)?.words ?? String(value)}`;
}
