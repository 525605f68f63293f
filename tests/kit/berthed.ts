import { Layout } from '../../src/core/reading/berths/layout';
import type { Build } from '../../src/core/model/plan/build';
import type { ModelInside } from '../../src/core/model/plan/model-inside';
import type { Placement } from '../../src/core/model/fitting/placement';
import { measured } from '../../src/core/base/validation/figure';
import { BuildIndex } from '../../src/core/model/plan/build-index';
import { tub } from './tub';

interface BerthedChange {
  inside?: Partial<ModelInside>;
  /** What is other about where parts lie; `null` for one that lies nowhere. */
  places?: Record<string, Partial<Placement> | null>;
  /** Metres of leads, by the start of their ids. */
  lengths?: Record<string, number>;
  tub?: Parameters<typeof tub>[0];
}

/** A hull of two rooms with a hole in the wall between them, in round figures. */
const inside: ModelInside = {
  form: 'open hull',
  length: 0.8,
  beam: 0.24,
  depth: 0.12,
  lid: 0.15,
  wetLine: 0.01,
  bareX: 0.3956,
  bareZ: 0.05,
  mast: { x: 0.42, y: 0.07, z: 0.16 },
  berths: [
    {
      id: 'aft',
      name: 'after room',
      x: 0,
      y: -0.1,
      z: 0,
      long: 0.3,
      wide: 0.2,
      high: 0.15,
      isAired: true,
      isReached: true,
    },
    {
      id: 'fore',
      name: 'fore room',
      x: 0.3,
      y: -0.1,
      z: 0,
      long: 0.5,
      wide: 0.2,
      high: 0.15,
      isAired: true,
      isReached: false,
    },
  ],
  passages: [{ id: 'hole', name: 'hole', from: 'aft', to: 'fore', x: 0.3, y: 0, z: 0.06, across: 0.016 }],
  obstacles: [],
  points: [],
};

const flat = { turn: 0, pose: 'flat' } as const;
const places: Record<string, Placement> = {
  pack: { x: 0.6, y: 0, z: 0, ...flat, hold: 'foam and strap' },
  esc: { x: 0.38, y: 0, z: 0.02, ...flat, hold: 'tape' },
  motor: { x: 0.2, y: 0, z: 0.01, ...flat, turn: 180, hold: 'screws' },
  rx: { x: 0.42, y: 0.07, z: 0.02, ...flat, hold: 'tape' },
  rudder: { x: 0.06, y: 0, z: 0.03, ...flat, hold: 'screws' },
};

/** The lead that is longer than usual, as it was measured. */
const measuredLeads: Record<string, number> = { 'esc-motor': 0.25 };

/** The tub with all its parts placed, dry. Changes make it otherwise. */
export function berthed(change: BerthedChange = {}): Build {
  const build = tub({ ...change.tub, brief: { kilograms: 6, waterline: 0.8, ...change.tub?.brief } });
  return {
    ...build,
    inside: { ...inside, ...change.inside },
    fittings: build.fittings.map((fitting) => {
      const other = change.places?.[fitting.id];
      const place = places[fitting.id];
      return other === null || (!place && !other)
        ? fitting
        : { ...fitting, place: { ...flat, x: 0.5, y: 0.05, z: 0.02, ...place, ...other } };
    }),
    leads: build.leads.map((lead) => {
      const lengths = { ...measuredLeads, ...change.lengths };
      const key = Object.keys(lengths).find((start) => lead.id.startsWith(start));
      return key === undefined ? lead : { ...lead, metres: measured(lengths[key]!) };
    }),
  };
}

export const layoutOf = (build: Build): Layout => new Layout(new BuildIndex(build));
