import 'reflect-metadata';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsDefined, IsIn, IsOptional, IsString, Length, ValidateNested } from 'class-validator';
import { partClasses, partKinds, type PartSpec } from '../parts/part-spec';
import { PartBase } from '../parts/part-base';
import { Brief } from './brief';
import { Fitting } from './fitting';
import { Lead } from './lead';
import { ModelFunction } from './model-function';
import { Outing } from './outing';
import { Policies } from './policies';
import { Acceptance, Tick } from './records';

export const modelKinds = ['boat', 'car', 'crawler', 'truck', 'tracked machine', 'yacht'] as const;
export type ModelKind = (typeof modelKinds)[number];

const most = 2000;

/** One plan for one model: an immutable value. Every change is an edit that yields a new one. */
export class Build {
  @IsString()
  @Length(1, 60)
  id!: string;

  @IsString()
  @Length(1, 80)
  name!: string;

  @IsIn(modelKinds)
  model!: ModelKind;

  @IsDefined()
  @ValidateNested()
  @Type(() => Brief)
  brief!: Brief;

  @IsDefined()
  @ValidateNested()
  @Type(() => Policies)
  policies!: Policies;

  /** The sheets of the parts that the fittings use. */
  @ValidateNested({ each: true })
  @Type(() => PartBase, {
    discriminator: {
      property: 'kind',
      subTypes: partKinds.map((kind) => ({ name: kind, value: partClasses[kind] })),
    },
    keepDiscriminatorProperty: true,
  })
  @ArrayMaxSize(most)
  parts!: PartSpec[];

  @ValidateNested({ each: true })
  @Type(() => Fitting)
  @ArrayMaxSize(most)
  fittings!: Fitting[];

  @ValidateNested({ each: true })
  @Type(() => Lead)
  @ArrayMaxSize(most)
  leads!: Lead[];

  @ValidateNested({ each: true })
  @Type(() => ModelFunction)
  @ArrayMaxSize(200)
  functions!: ModelFunction[];

  @ValidateNested({ each: true })
  @Type(() => Acceptance)
  @ArrayMaxSize(most)
  acceptances!: Acceptance[];

  @ValidateNested({ each: true })
  @Type(() => Tick)
  @ArrayMaxSize(most)
  ticks!: Tick[];

  /** Outings that the person made or changed; the usual ones of the kind of model are always there. */
  @IsOptional()
  @ValidateNested({ each: true })
  @Type(() => Outing)
  @ArrayMaxSize(100)
  outings?: Outing[];
}
