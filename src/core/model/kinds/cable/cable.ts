import { IsBoolean, IsIn, IsOptional } from 'class-validator';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';

export const cableForms = ['adapter', 'extension', 'yLead', 'harness', 'switch', 'fuse', 'bindPlug'] as const;
export type CableForm = (typeof cableForms)[number];

/**
 * Whatever only joins contacts: adapters, extensions, Y-leads, harnesses, fuses, bind plugs and hand switches (taken as on).
 * Contacts of the same net are joined.
 */
export class CableSpec extends PartBase {
  @IsIn(['cable'])
  kind!: 'cable';

  @IsIn(cableForms)
  form!: CableForm;

  /** Most amps: what a fuse blows at, or what a switch stands. */
  @FigureField({ least: 0.1, most: 500, optional: true })
  maxAmps?: Figure;

  /** A fuse that closes again once it is cool. */
  @IsOptional()
  @IsBoolean()
  resettable?: boolean;
}
