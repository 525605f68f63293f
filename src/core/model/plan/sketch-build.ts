import type { PartSpec } from '../kinds/part-spec';
import { estimated } from '../../base/validation/figure';
import { defaultBrief, type Brief } from './brief';
import type { Build, ModelKind } from './build';
import type { Fitting } from '../fitting/fitting';
import type { Conductor, Lead, WireColour } from './lead';
import type { ModelFunction } from './model-function';
import { defaultPolicies } from './policies';
import { straightLead } from './straight-lead';

export interface LeadOptions {
  /** Length of the run in metres. */
  metres?: number;
  awg?: number;
  /** Other colours than the usual ones. */
  colours?: Partial<Record<WireColour, WireColour>>;
  /** What was done to the straight conductors: lifted, turned. */
  change?: (straight: Conductor[]) => Conductor[];
}

/** A lead as `part.port` at both ends. */
export type LeadSketch = [from: string, to: string, options?: LeadOptions];

export interface BuildSketch {
  id?: string;
  name?: string;
  model?: ModelKind;
  fittings: Fitting[];
  leads?: LeadSketch[];
  functions?: ModelFunction[];
  brief?: Partial<Brief>;
}

/**
 * A build from a short description.
 * @param sheet gives the part of an id @throws if a fitting, part or port is not there
 */
export function sketchBuild(sketch: BuildSketch, sheet: (partId: string) => PartSpec): Build {
  const { id = 'sketch', name = 'Sketch', model = 'boat', fittings, leads = [], functions = [] } = sketch;
  const parts = [...new Set(fittings.map((fitting) => fitting.part))].map(sheet);
  return {
    id,
    name,
    model,
    brief: { ...defaultBrief(), ...sketch.brief },
    policies: defaultPolicies(),
    parts,
    fittings,
    leads: leads.map((lead) => sketchLead(lead, fittings, parts)),
    functions,
    acceptances: [],
    ticks: [],
  };
}

function sketchLead(
  [from, to, options = {}]: LeadSketch,
  fittings: readonly Fitting[],
  parts: readonly PartSpec[],
): Lead {
  const end = (text: string) => {
    const [fitting = '', port = ''] = text.split('.');
    const partId = fittings.find((candidate) => candidate.id === fitting)?.part;
    const found = parts.find((part) => part.id === partId)?.ports.find((plug) => plug.id === port);
    if (!found) throw new Error(`no port ${text}`);
    return { ref: { fitting, port }, port: found };
  };
  const { metres, awg, colours = {}, change = (all) => all } = options;
  const lead = straightLead(`${from}--${to}`.replace(/[. ]/g, '-'), end(from), end(to));
  const coloured = lead.conductors.map((conductor) => ({
    ...conductor,
    colour: colours[conductor.colour] ?? conductor.colour,
  }));
  return {
    ...lead,
    conductors: change(coloured),
    ...(metres !== undefined && { metres: estimated(metres, 'usual length of such a lead') }),
    ...(awg !== undefined && { awg }),
  };
}

/** Lifts the wires at one contact name. */
export const lifted =
  (pin: Conductor['from']) =>
  (all: Conductor[]): Conductor[] =>
    all.map((conductor) => (conductor.from === pin ? { ...conductor, state: 'lifted' } : conductor));

/** A servo plug pushed on the wrong way round: plus stays in the middle. */
export const turned = (all: Conductor[]): Conductor[] => crossed(all, 'signal', 'minus');

/** Plus and minus exchanged. */
export const reversed = (all: Conductor[]): Conductor[] => crossed(all, 'plus', 'minus');

function crossed(all: Conductor[], a: Conductor['from'], b: Conductor['from']): Conductor[] {
  return all.map((conductor) => ({
    ...conductor,
    to: conductor.from === a ? b : conductor.from === b ? a : conductor.to,
  }));
}
