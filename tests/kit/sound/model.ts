import { withFailSafes } from '../fail-safes';
import type { Brief } from '../../../src/core/model/plan/brief';
import type { Build, ModelKind } from '../../../src/core/model/plan/build';
import type { Fitting } from '../../../src/core/model/fitting/fitting';
import type { FunctionRole, ModelFunction } from '../../../src/core/model/plan/model-function';
import type { Policies } from '../../../src/core/model/plan/policies';
import { sketchBuild, type LeadSketch } from '../../../src/core/model/plan/sketch-build';
import type { PartSpec } from '../../../src/core/model/kinds/part-spec';
import type { ControlKind } from '../../../src/core/model/kinds/transmitter/transmitter';
import { starterPart } from '../../../src/core/model/starter/starter-locker';

/** What a fitting is called, its part, and how it is set. */
export type Row = [id: string, name: string, part: string, settings?: Partial<Fitting>];
type Works = [
  name: string,
  role: FunctionRole,
  wants: ControlKind,
  control: string,
  channel: number,
  devices: string[],
  more?: Partial<ModelFunction>,
];

interface ModelSketch {
  parts: Row[];
  leads: LeadSketch[];
  works: Works[];
  brief?: Partial<Brief>;
  policies?: Partial<Policies>;
  /** Parts that the starter locker has not, or has otherwise. */
  own?: PartSpec[];
}

/** As thick as the wires of a pack for a car are. */
export const heavy = { metres: 0.15, awg: 12 };
export const radio: Row[] = [
  ['tx', 'transmitter', 'transmitter-10', { protocol: 'skerry link' }],
  ['rx', 'receiver', 'receiver-8-skerry'],
];
export const toBlade: Row = ['adapter', 'adapter', 'adapter-sleeve-blade'];
export const harness: Row = ['harness', 'harness', 'harness-five-way'];

export const steering = (...devices: string[]): Works => [
  'Steering',
  'steer',
  'centring',
  'right-x',
  1,
  devices,
];
export const driving = (...devices: string[]): Works => ['Drive', 'drive', 'centring', 'left-y', 3, devices];

/** A part of the starter locker with some of its sheet otherwise. */
export const sheet = (id: string, change: object): PartSpec => ({ ...starterPart(id), ...change });

/** A model of a hobbyist, in a few rows. */
export function modelOf(name: string, model: ModelKind, sketch: ModelSketch): Build {
  const { parts, leads, works, brief = {}, policies = {}, own = [] } = sketch;
  const build = sketchBuild(
    {
      name,
      model,
      fittings: parts.map(([id, called, part, settings]) => ({ id, name: called, part, ...settings })),
      leads,
      functions: works.map(([called, role, wants, control, channel, devices, more]) => ({
        id: called.toLowerCase().replaceAll(' ', '-'),
        name: called,
        role,
        wants,
        control,
        channel,
        devices,
        ...more,
      })),
      brief,
    },
    (id) => own.find((part) => part.id === id) ?? starterPart(id),
  );
  return withFailSafes({ ...build, policies: { ...build.policies, ...policies } });
}
