import type { Build } from '../src/core/build/build';
import type { Conductor, Lead, WireColour } from '../src/core/build/lead';
import type { Fitting } from '../src/core/build/fitting';
import type { ModelFunction } from '../src/core/build/model-function';
import { defaultPolicies } from '../src/core/build/policies';
import { straightLead } from '../src/core/build/straight-lead';
import { estimated } from '../src/core/quantity/figure';
import { starterPart } from '../src/core/starter/starter-locker';

const fittings: Fitting[] = [
  { id: 'tow-pack', name: 'tow pack', part: 'pack-lipo-3s-2200-10c' },
  { id: 'harness', name: 'power harness', part: 'harness-five-way' },
  {
    id: 'port-controller',
    name: 'port controller',
    part: 'controller-brushed-30-switching',
    regulatorVolts: 6,
  },
  {
    id: 'starboard-controller',
    name: 'starboard controller',
    part: 'controller-brushed-30-linear',
    regulatorVolts: 5,
  },
  { id: 'port-motor', name: 'port motor', part: 'motor-brushed-620' },
  { id: 'starboard-motor', name: 'starboard motor', part: 'motor-brushed-620' },
  { id: 'receiver', name: 'receiver', part: 'receiver-8-skerry' },
  { id: 'transmitter', name: 'transmitter', part: 'transmitter-10', protocol: 'holm link' },
  { id: 'rudder-lead', name: 'rudder Y-lead', part: 'y-lead' },
  { id: 'port-rudder', name: 'port rudder', part: 'servo-standard' },
  { id: 'starboard-rudder', name: 'starboard rudder', part: 'servo-standard' },
  { id: 'monitor-pan', name: 'monitor pan servo', part: 'servo-micro-52' },
  { id: 'tow-winch', name: 'tow winch', part: 'servo-winch' },
  { id: 'pump-switch', name: 'pump switch', part: 'switch-electronic-5a' },
  { id: 'monitor-pump', name: 'monitor pump', part: 'pump-6' },
  { id: 'lamps', name: 'lamps', part: 'lamp-board' },
  { id: 'horn', name: 'horn', part: 'horn-board' },
];

const functions: ModelFunction[] = [
  fn('steering', 'Steering', 'steer', 'centring', 'right-x', 1, ['port-rudder', 'starboard-rudder']),
  fn('monitor', 'Monitor pan', 'mechanism', 'staying', 'right-y', 2, ['monitor-pan']),
  fn('port-drive', 'Port drive', 'drive', 'centring', 'left-y', 3, ['port-controller']),
  fn('starboard-drive', 'Starboard drive', 'drive', 'centring', 'left-x', 4, ['starboard-controller']),
  fn('winch', 'Tow winch', 'mechanism', 'staying', 'dial-1', 5, ['tow-winch']),
  fn('pump', 'Monitor pump', 'pump', 'twoPosition', 'switch-a', 6, ['pump-switch']),
  fn('lights', 'Lights', 'lights', 'threePosition', 'switch-b', 7, ['lamps']),
  fn('horn', 'Horn', 'sound', 'momentary', 'button', 8, ['horn']),
];

function fn(
  id: string,
  name: string,
  role: ModelFunction['role'],
  wants: ModelFunction['wants'],
  control: string,
  channel: number,
  devices: string[],
): ModelFunction {
  return { id, name, role, wants, control, channel, devices };
}

/** Colours of servo leads differ by maker; both usual sets are in the tug. */
const brownSet: Partial<Record<WireColour, WireColour>> = { white: 'orange', black: 'brown' };

interface LeadOptions {
  metres: number;
  awg: number;
  colours?: Partial<Record<WireColour, WireColour>>;
  conductors?: (straight: Conductor[]) => Conductor[];
}

function lead(
  from: string,
  to: string,
  { metres, awg, colours = {}, conductors = (all) => all }: LeadOptions,
): Lead {
  const end = (text: string) => {
    const [fitting = '', port = ''] = text.split('.');
    const part = starterPart(fittings.find((one) => one.id === fitting)?.part ?? '');
    const found = part.ports.find((one) => one.id === port);
    if (!found) throw new Error(`no port ${text}`);
    return { ref: { fitting, port }, port: found };
  };
  const straight = straightLead(`${from}--${to}`.replace(/[. ]/g, '-'), end(from), end(to));
  return {
    ...straight,
    conductors: conductors(
      straight.conductors.map((one) => ({ ...one, colour: colours[one.colour] ?? one.colour })),
    ),
    metres: estimated(metres, 'usual length of such a lead'),
    awg,
  };
}

const servoLead: LeadOptions = { metres: 0.3, awg: 26 };
const powerLead: LeadOptions = { metres: 0.15, awg: 14 };
const thinLead: LeadOptions = { metres: 0.2, awg: 20 };

/** A servo plug pushed on the wrong way round: plus stays in the middle. */
const turned = (all: Conductor[]): Conductor[] =>
  all.map((one) => ({
    ...one,
    to: one.from === 'signal' ? 'minus' : one.from === 'minus' ? 'signal' : one.to,
  }));

const leads: Lead[] = [
  lead('tow-pack.out', 'harness.in', { metres: 0.12, awg: 12 }),
  lead('harness.large 1', 'port-controller.power', powerLead),
  lead('harness.large 2', 'starboard-controller.power', powerLead),
  lead('harness.small 1', 'pump-switch.in', thinLead),
  lead('port-controller.motor', 'port-motor.motor', powerLead),
  lead('starboard-controller.motor', 'starboard-motor.motor', powerLead),
  lead('port-controller.lead', 'receiver.2', { ...servoLead, colours: brownSet }),
  lead('starboard-controller.lead', 'receiver.4', servoLead),
  lead('rudder-lead.in', 'receiver.1', servoLead),
  lead('port-rudder.lead', 'rudder-lead.out 1', servoLead),
  lead('starboard-rudder.lead', 'rudder-lead.out 2', { ...servoLead, conductors: turned }),
  lead('monitor-pan.lead', 'receiver.3', { ...servoLead, colours: brownSet }),
  lead('tow-winch.lead', 'receiver.5', servoLead),
  lead('pump-switch.lead', 'receiver.6', servoLead),
  lead('pump-switch.out', 'monitor-pump.power', thinLead),
  lead('lamps.lead', 'receiver.7', servoLead),
  lead('horn.lead', 'receiver.8', servoLead),
];

/** The harbour tug as its builder first planned it, with a fault or more for every well. */
export function tugAsPlanned(): Build {
  const used = [...new Set(fittings.map((one) => one.part))];
  return {
    id: 'harbour-tug',
    name: 'Harbour tug, as planned',
    model: 'boat',
    policies: defaultPolicies(),
    parts: used.map(starterPart),
    fittings,
    leads,
    functions,
    acceptances: [],
    ticks: [],
  };
}
