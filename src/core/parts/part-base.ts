import { Type } from 'class-transformer';
import { ArrayMaxSize, IsIn, IsOptional, IsString, Length, MaxLength, ValidateNested } from 'class-validator';
import { FigureField } from '../validation/figure-field';
import type { Figure } from '../quantity/figure';
import { PortSpec } from './port';

export const protections = ['open', 'coated', 'sealed'] as const;
export type Protection = (typeof protections)[number];

/** What every kind of part has: a name, and the ports that leads go to. */
export abstract class PartBase {
  @IsString()
  @Length(1, 60)
  id!: string;

  @IsString()
  @Length(1, 80)
  name!: string;

  @IsOptional()
  @IsString()
  @MaxLength(60)
  maker?: string;

  @ValidateNested({ each: true })
  @Type(() => PortSpec)
  @ArrayMaxSize(40)
  ports!: PortSpec[];

  @FigureField({ least: 0, most: 100, optional: true })
  kilograms?: Figure;

  /** How it stands water and dust. */
  @IsOptional()
  @IsIn(protections)
  protection?: Protection;
}
