import { IsIn, IsOptional } from 'class-validator';
import { FigureField } from '../../base/validation/figure-field';
import type { Figure } from '../../base/validation/figure';
import { PortSpec } from './port';
import { TextField } from '../../base/validation/text-field';
import { NestedList } from '../../base/validation/nested-field';

export const protections = ['open', 'coated', 'sealed'] as const;
export type Protection = (typeof protections)[number];

/** What every kind of part has: a name, and the ports that leads go to. */
export abstract class PartBase {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 80 })
  name!: string;

  @IsOptional()
  @TextField({ least: 0, most: 60 })
  maker?: string;

  @NestedList(() => PortSpec, { most: 40 })
  ports!: PortSpec[];

  @FigureField({ least: 0, most: 100, optional: true })
  kilograms?: Figure;

  /** Outer sizes, in metres: the longest, across it, and how high it stands. */
  @FigureField({ least: 0.0005, most: 5, optional: true })
  length?: Figure;

  @FigureField({ least: 0.0005, most: 5, optional: true })
  width?: Figure;

  @FigureField({ least: 0.0005, most: 5, optional: true })
  height?: Figure;

  /** Whatever else a person wants to remember of it. */
  @IsOptional()
  @TextField({ least: 0, most: 500 })
  remark?: string;

  /** How it stands water and dust. */
  @IsOptional()
  @IsIn(protections)
  protection?: Protection;
}
