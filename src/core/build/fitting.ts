import { IsIn, IsNumber, IsOptional, IsString, Length, Max, Min } from 'class-validator';
import { chemistries, type Chemistry } from '../packs/chemistry';

/** A part in this build, in a role. */
export class Fitting {
  @IsString()
  @Length(1, 60)
  id!: string;

  @IsString()
  @Length(1, 60)
  name!: string;

  /** Id of its `PartSpec` in the build. */
  @IsString()
  @Length(1, 60)
  part!: string;

  /** Output volts its regulator is set to; its lowest choice where not set. */
  @IsOptional()
  @IsNumber()
  @Min(1)
  @Max(30)
  regulatorVolts?: number;

  /** Controllers: the chemistry that its cut-off is set for, or `off`. */
  @IsOptional()
  @IsIn([...chemistries, 'off'])
  cutoff?: Chemistry | 'off';

  /** Transmitters: the link protocol it is set to. */
  @IsOptional()
  @IsString()
  @Length(1, 30)
  protocol?: string;
}
