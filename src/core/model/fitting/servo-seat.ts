import { IsBoolean, IsInt, IsNumber, IsOptional, Max, Min } from 'class-validator';

/** What a model holds ready for a servo, as measured where it is screwed on: metres. */
export class ServoSeat {
  /** Between the screw holes at its two ends, along the servo. */
  @IsOptional()
  @IsNumber()
  @Min(0.005)
  @Max(0.3)
  holeSpan?: number;

  /** From the screw holes at the shaft's end to where the shaft must stand. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(0.2)
  shaftAt?: number;

  /** Room under what it is screwed to. */
  @IsOptional()
  @IsNumber()
  @Min(0.001)
  @Max(0.3)
  depth?: number;

  /** Teeth inside the horn or servo saver that goes on its shaft. */
  @IsOptional()
  @IsInt()
  @Min(8)
  @Max(40)
  hornTeeth?: number;

  /** Stands on distance pieces of this height. */
  @IsOptional()
  @IsNumber()
  @Min(0.0005)
  @Max(0.05)
  standoff?: number;

  /** Each of its screw holes is made longer by this much. */
  @IsOptional()
  @IsNumber()
  @Min(0.0001)
  @Max(0.005)
  openedBy?: number;

  /** A horn or saver with the servo's own teeth is still to be had. */
  @IsOptional()
  @IsBoolean()
  wantsHorn?: boolean;

  /** Sits on a plate of its own, cut for its holes and its shaft. */
  @IsOptional()
  @IsBoolean()
  hasPlate?: boolean;

  /** A servo saver stands between shaft and rod. */
  @IsOptional()
  @IsBoolean()
  hasSaver?: boolean;
}
