import { IsIn } from 'class-validator';
import { PartBase } from './part-base';

export const cableForms = ['adapter', 'extension', 'yLead', 'harness', 'switch'] as const;
export type CableForm = (typeof cableForms)[number];

/**
 * Whatever only joins contacts: adapters, extensions, Y-leads, harnesses and hand switches (taken as on).
 * Contacts of the same net are joined.
 */
export class CableSpec extends PartBase {
  @IsIn(['cable'])
  kind!: 'cable';

  @IsIn(cableForms)
  form!: CableForm;
}
