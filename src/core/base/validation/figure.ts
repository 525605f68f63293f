import { IsIn, IsNumber, IsOptional } from 'class-validator';
import { TextField } from './text-field';

/** How a figure came to be known, from most to least sure. What nobody states is left out, never guessed. */
export const provenances = ['measured', 'stated', 'estimated'] as const;
export type Provenance = (typeof provenances)[number];

/** One number from a sheet, a meter or a rule of thumb, in the SI unit its field name says. */
export class Figure {
  @IsNumber({ allowNaN: false, allowInfinity: false })
  value!: number;

  @IsIn(provenances)
  provenance!: Provenance;

  /** Where it comes from: the rule of thumb, the instrument, the page. */
  @IsOptional()
  @TextField({ least: 0, most: 200 })
  note?: string;

  /** As it was typed, where that was in another unit: `278 oz-in`. */
  @IsOptional()
  @TextField({ least: 0, most: 40 })
  typed?: string;
}

/** Whether a value of a sheet is a figure. */
export const isFigure = (value: unknown): value is Figure =>
  typeof value === 'object' &&
  value !== null &&
  'value' in value &&
  'provenance' in value &&
  typeof value.value === 'number';

export const stated = (value: number): Figure => ({ value, provenance: 'stated' });

export const measured = (value: number, note?: string): Figure =>
  note === undefined ? { value, provenance: 'measured' } : { value, provenance: 'measured', note };

export const estimated = (value: number, note: string): Figure => ({ value, provenance: 'estimated', note });

/** The least sure of several provenances: what a verdict resting on all of them may claim. */
export function weakestProvenance(all: readonly Provenance[]): Provenance {
  const rank = Math.max(0, ...all.map((provenance) => provenances.indexOf(provenance)));
  return provenances[rank] ?? 'stated';
}
