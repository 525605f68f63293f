import { IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';
import { chemistries, type Chemistry } from '../../packs/chemistry';
import type { Figure } from '../../../base/validation/figure';
import { FigureField } from '../../../base/validation/figure-field';
import { PartBase } from '../../parts/part-base';

export const balancePlugs = ['none', '2.5 mm pitch', '2.0 mm pitch', '1.25 mm pitch'] as const;

/** A battery pack. Nets: `plus`, `minus`. */
export class PackSpec extends PartBase {
  @IsIn(['pack'])
  kind!: 'pack';

  @IsIn(chemistries)
  chemistry!: Chemistry;

  /** Cells in series. */
  @IsInt()
  @Min(1)
  @Max(24)
  cells!: number;

  /** Strings of cells side by side; 1 where not said. */
  @IsOptional()
  @IsInt()
  @Min(1)
  @Max(24)
  parallel?: number;

  /** Of the whole pack. */
  @FigureField({ least: 0.01, most: 200, optional: true })
  ampHours?: Figure;

  /** Internal resistance of one cell, in ohms, at room temperature. */
  @FigureField({ least: 0.00005, most: 20, optional: true })
  cellOhms?: Figure;

  /** Continuous discharge rate by the label, in multiples of the capacity per hour (C). */
  @FigureField({ least: 0.1, most: 300, optional: true })
  dischargeRate?: Figure;

  /** The same for some seconds. */
  @FigureField({ least: 0.1, most: 600, optional: true })
  burstRate?: Figure;

  /** Its plug for a charger that balances it. */
  @IsOptional()
  @IsIn(balancePlugs)
  balancePlug?: (typeof balancePlugs)[number];
}
