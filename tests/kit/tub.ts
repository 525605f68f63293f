import type { Build } from '../../src/core/model/plan/build';
import type { Brief } from '../../src/core/model/plan/brief';
import type { Fitting } from '../../src/core/model/fitting/fitting';
import type { Conductor } from '../../src/core/model/plan/lead';
import type { ModelFunction } from '../../src/core/model/plan/model-function';
import type { Policies } from '../../src/core/model/plan/policies';
import { sketchBuild, type LeadSketch } from '../../src/core/model/plan/sketch-build';
import type { PartSpec } from '../../src/core/model/kinds/part-spec';
import { withFailSafes } from './fail-safes';
import { starterPart } from '../../src/core/model/starter/starter-locker';

interface TubChange {
  /** Other parts for fittings, by fitting id. */
  parts?: Record<string, string>;
  /** Other settings for fittings, by fitting id. */
  settings?: Record<string, Partial<Fitting>>;
  /** Fittings to add. */
  extra?: Fitting[];
  /** Leads to add. */
  leads?: LeadSketch[];
  /** Leads of the sound boat left out, by the start of `from--to`. */
  without?: string[];
  /** What was done to the conductors of a lead, by the start of its id. */
  wires?: Record<string, (all: Conductor[]) => Conductor[]>;
  functions?: Record<string, Partial<ModelFunction>>;
  moreFunctions?: ModelFunction[];
  /** Changed sheets, by part id. */
  sheets?: Record<string, (part: PartSpec) => PartSpec>;
  policies?: Partial<Policies>;
  brief?: Partial<Brief>;
}

const fittings: Fitting[] = [
  { id: 'pack', name: 'pack', part: 'pack-lipo-3s-4000-20c' },
  { id: 'adapter', name: 'adapter', part: 'adapter-sleeve-blade' },
  {
    id: 'esc',
    name: 'controller',
    part: 'controller-brushed-30-switching',
    regulatorVolts: 6,
    cutoff: 'LiPo',
  },
  { id: 'motor', name: 'motor', part: 'motor-brushed-620' },
  { id: 'rx', name: 'receiver', part: 'receiver-8-skerry' },
  { id: 'tx', name: 'transmitter', part: 'transmitter-10', protocol: 'skerry link' },
  { id: 'rudder', name: 'rudder', part: 'servo-micro-60' },
];

const leads: LeadSketch[] = [
  ['pack.out', 'adapter.in'],
  ['adapter.out', 'esc.power'],
  ['esc.motor', 'motor.motor'],
  ['esc.lead', 'rx.3'],
  ['rudder.lead', 'rx.1'],
];

/** What is set on the channel of its drive. */
export const driveSetting = { channel: 3, failSafe: 'position', failSafePercent: 0 } as const;

const functions: ModelFunction[] = [
  {
    id: 'steer',
    name: 'Steering',
    role: 'steer',
    wants: 'centring',
    control: 'right-x',
    channel: 1,
    devices: ['rudder'],
  },
  {
    id: 'drive',
    name: 'Drive',
    role: 'drive',
    wants: 'centring',
    control: 'left-y',
    channel: 3,
    devices: ['esc'],
  },
];

/** The smallest sound boat: one pack, controller, motor, receiver and rudder. Changes make it unsound. */
export function tub(change: TubChange = {}): Build {
  const {
    parts = {},
    settings = {},
    extra = [],
    without = [],
    wires = {},
    sheets = {},
    policies = {},
  } = change;
  const changed = [...fittings, ...extra].map((fitting) => ({
    ...fitting,
    part: parts[fitting.id] ?? fitting.part,
    ...settings[fitting.id],
  }));
  const isKept = ([from, to]: LeadSketch) => !without.some((start) => `${from}--${to}`.startsWith(start));
  const kept = [...leads.filter(isKept), ...(change.leads ?? [])];
  const build = sketchBuild(
    {
      id: 'tub',
      name: 'Tub',
      brief: change.brief ?? {},
      fittings: changed,
      leads: kept,
      functions: [
        ...functions.map((modelFunction) => ({ ...modelFunction, ...change.functions?.[modelFunction.id] })),
        ...(change.moreFunctions ?? []),
      ],
    },
    (id) => (sheets[id] ?? ((part: PartSpec) => part))(starterPart(id)),
  );
  return withFailSafes({
    ...build,
    policies: { ...build.policies, ...policies },
    leads: build.leads.map((lead) => {
      const key = Object.keys(wires).find((start) => lead.id.startsWith(start));
      return key === undefined ? lead : { ...lead, conductors: wires[key]!(lead.conductors) };
    }),
  });
}

/** A sheet without one of its figures. */
export const withoutFigure =
  (key: string) =>
  (part: PartSpec): PartSpec =>
    Object.fromEntries(Object.entries(part).filter(([name]) => name !== key)) as unknown as PartSpec;
