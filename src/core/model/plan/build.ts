import 'reflect-metadata/lite';
import { ArrayMaxSize, IsIn, IsOptional } from 'class-validator';
import { partClasses, partKinds, type PartSpec } from '../kinds/part-spec';
import { PartBase } from '../parts/part-base';
import { Brief } from './brief';
import { ChannelSetting } from './channel-setting';
import { Fitting } from '../fitting/fitting';
import { Lead } from './lead';
import { LogEntry } from './log-entry';
import { ModelFunction } from './model-function';
import { ModelInside } from './model-inside';
import { Measured } from '../fitting/measured';
import { Outing } from './outing';
import { Policies } from './policies';
import { Acceptance, StepNote, Tick } from './records';
import { TextField } from '../../base/validation/text-field';
import { NestedField, NestedList } from '../../base/validation/nested-field';

export const modelKinds = ['boat', 'car', 'crawler', 'truck', 'tracked machine', 'yacht'] as const;
export type ModelKind = (typeof modelKinds)[number];

/** Most items that each list of a build may hold. */
export const mostItems = {
  parts: 2000,
  fittings: 2000,
  leads: 2000,
  functions: 200,
  acceptances: 2000,
  ticks: 2000,
  stepNotes: 500,
  outings: 100,
  measured: 100,
  channels: 32,
  log: 2000,
} as const;

/** One plan for one model: an immutable value. Every change is an edit that yields a new one. */
export class Build {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 80 })
  name!: string;

  @IsIn(modelKinds)
  model!: ModelKind;

  @NestedField(() => Brief)
  brief!: Brief;

  @NestedField(() => Policies)
  policies!: Policies;

  /** The sheets of the parts that the fittings use. */
  @NestedList(
    () => PartBase,
    { most: mostItems.parts },
    {
      discriminator: {
        property: 'kind',
        subTypes: partKinds.map((kind) => ({ name: kind, value: partClasses[kind] })),
      },
      keepDiscriminatorProperty: true,
    },
  )
  parts!: PartSpec[];

  @NestedList(() => Fitting, { most: mostItems.fittings })
  fittings!: Fitting[];

  @NestedList(() => Lead, { most: mostItems.leads })
  leads!: Lead[];

  @NestedList(() => ModelFunction, { most: mostItems.functions })
  functions!: ModelFunction[];

  @NestedList(() => Acceptance, { most: mostItems.acceptances })
  acceptances!: Acceptance[];

  @NestedList(() => Tick, { most: mostItems.ticks })
  ticks!: Tick[];

  /** What is kept beside steps of the fit-out. */
  @NestedList(() => StepNote, { most: mostItems.stepNotes, optional: true })
  stepNotes?: StepNote[];

  /** Outings that the person made or changed; the usual ones of the kind of model are always there. */
  @NestedList(() => Outing, { most: mostItems.outings, optional: true })
  outings?: Outing[];

  /** Estimates that readings on the real model have moved. */
  @NestedList(() => Measured, { most: mostItems.measured, optional: true })
  measured?: Measured[];

  /** What the transmitter is set to, channel by channel; those left out stand as in a fresh memory. */
  @NestedList(() => ChannelSetting, { most: mostItems.channels, optional: true })
  channels?: ChannelSetting[];

  /** Outings and evenings at the bench, in the order that they were written down. */
  @NestedList(() => LogEntry, { most: mostItems.log, optional: true })
  log?: LogEntry[];

  /** Parts in the order that a person moved them to in the wiring picture, from the top; all others stand freely. */
  @IsOptional()
  @TextField({ most: 90, each: true })
  @ArrayMaxSize(mostItems.fittings)
  pictureOrder?: string[];

  /** The inside of the model, once somebody has told of it. */
  @NestedField(() => ModelInside, { optional: true })
  inside?: ModelInside;
}
