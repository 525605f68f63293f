import type { Build } from '../src/core/model/plan/build';
import type { ModelInside } from '../src/core/model/plan/model-inside';
import type { Fitting } from '../src/core/model/fitting/fitting';
import type { WireColour } from '../src/core/model/plan/lead';
import type { ModelFunction } from '../src/core/model/plan/model-function';
import {
  sketchBuild,
  turned,
  type BuildSketch,
  type LeadOptions,
  type LeadSketch,
} from '../src/core/model/plan/sketch-build';
import { applyEdits } from '../src/core/model/plan/edits';
import { measured } from '../src/core/base/validation/figure';
import { laidOut, moved } from './lay-out';
import { starterPart } from '../src/core/model/starter/starter-locker';

const fittings: Fitting[] = [
  { id: 'tow-pack', name: 'tow pack', part: 'pack-lipo-3s-2200-10c' },
  { id: 'harness', name: 'power harness', part: 'harness-five-way' },
  {
    id: 'port-controller',
    name: 'port controller',
    part: 'controller-brushed-30-switching',
    regulatorVolts: 6,
    cutoff: 'LiPo',
  },
  {
    id: 'starboard-controller',
    name: 'starboard controller',
    part: 'controller-brushed-30-linear',
    regulatorVolts: 5,
    cutoff: 'LiPo',
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

const servoLead: LeadOptions = { metres: 0.3, awg: 26 };
const powerLead: LeadOptions = { metres: 0.15, awg: 14 };
const thinLead: LeadOptions = { metres: 0.2, awg: 20 };

const leads: LeadSketch[] = [
  ['tow-pack.out', 'harness.in', { metres: 0.12, awg: 12 }],
  ['harness.large 1', 'port-controller.power', powerLead],
  ['harness.large 2', 'starboard-controller.power', powerLead],
  ['harness.small 1', 'pump-switch.in', thinLead],
  ['port-controller.motor', 'port-motor.motor', powerLead],
  ['starboard-controller.motor', 'starboard-motor.motor', powerLead],
  ['port-controller.lead', 'receiver.2', { ...servoLead, colours: brownSet }],
  ['starboard-controller.lead', 'receiver.4', servoLead],
  ['rudder-lead.in', 'receiver.1', servoLead],
  ['port-rudder.lead', 'rudder-lead.out 1', servoLead],
  ['starboard-rudder.lead', 'rudder-lead.out 2', { ...servoLead, change: turned }],
  ['monitor-pan.lead', 'receiver.3', { ...servoLead, colours: brownSet }],
  ['tow-winch.lead', 'receiver.5', { ...servoLead, awg: 22 }],
  ['pump-switch.lead', 'receiver.6', servoLead],
  ['pump-switch.out', 'monitor-pump.power', thinLead],
  ['lamps.lead', 'receiver.7', servoLead],
  ['horn.lead', 'receiver.8', servoLead],
];

/** Measured with a rule from stern to stem; balanced on a finger before anything was fitted. */
const tugInside: ModelInside = {
  form: 'open hull',
  length: 0.89,
  beam: 0.24,
  depth: 0.125,
  wetLine: 0.012,
  bareX: 0.476,
  bareZ: 0.05,
};

/** The harbour tug as its builder first planned it, with a fault or more for every well. */
export function tugAsPlanned(): Build {
  const sketch: BuildSketch = {
    brief: { drive: 'twin', exposure: 'splash', kilograms: 6, finesse: true },
    id: 'harbour-tug',
    name: 'Harbour tug, as planned',
    fittings,
    leads,
    functions,
  };
  const cut = {
    'rudder-lead-in--receiver-1': 0.12,
    'port-rudder-lead--rudder-lead-out-1': 0.25,
    'starboard-rudder-lead--rudder-lead-out-2': 0.25,
  };
  const laid = applyEdits(
    laidOut(sketchBuild(sketch, starterPart), tugInside),
    Object.entries(cut).map(([lead, metres]) => ({ type: 'setLength', lead, metres: measured(metres) })),
  );
  return moved(laid, {
    // Where its builder first stuck them with tape, the lid off.
    'tow-pack': { x: 0.79, y: 0, hold: 'tape' },
    receiver: { z: 0.002 },
  });
}
