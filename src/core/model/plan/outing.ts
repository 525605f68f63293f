import 'reflect-metadata/lite';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsNumber,
  IsOptional,
  Max,
  Min,
  ValidateBy,
} from 'class-validator';
import { TextField } from '../../base/validation/text-field';
import { NestedList } from '../../base/validation/nested-field';

/** Most points that a track may have. */
const mostPoints = 2000;

const arePointsWithin =
  (least: number, most: number) =>
  (value: unknown): boolean =>
    Array.isArray(value) &&
    value.every(
      (point, n) =>
        Array.isArray(point) &&
        point.length === 2 &&
        point.every((entry) => typeof entry === 'number' && Number.isFinite(entry)) &&
        point[0] >= 0 &&
        point[1] >= least &&
        point[1] <= most &&
        (n === 0 || (value[n - 1] as number[])[0]! <= point[0]),
    );

const arePoints = arePointsWithin(-1, 1);
/** Most wind, in m/s. */
const mostWind = 30;

/** What one control does during an outing. */
export class OutingTrack {
  /** Id of the function. */
  @TextField({ most: 60 })
  function!: string;

  /** Seconds, which never fall, and position from −1 to 1; straight lines between, the last held. */
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(mostPoints)
  @ValidateBy({
    name: 'trackPoints',
    validator: {
      validate: arePoints,
      defaultMessage: () => '$property must be pairs of rising seconds and a position from -1 to 1',
    },
  })
  points!: [number, number][];
}

/** A stretch of use, rehearsed before it is dared: what each control does, second by second. */
export class Outing {
  @TextField({ most: 60 })
  id!: string;

  @TextField({ most: 80 })
  name!: string;

  @IsNumber()
  @Min(0.5)
  @Max(86_400)
  seconds!: number;

  /** How hard it is to roll, or the water to pass, against the usual: 1 running free, more for a tow or rough ground. */
  @IsNumber()
  @Min(0)
  @Max(10)
  effort!: number;

  /** Slope of the ground over time: seconds, which never fall, and radians, up positive. */
  @IsOptional()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(mostPoints)
  @ValidateBy({
    name: 'slopePoints',
    validator: {
      validate: arePoints,
      defaultMessage: () => '$property must be pairs of rising seconds and a slope from -1 to 1 rad',
    },
  })
  slopes?: [number, number][];

  /** Apparent wind over time: seconds, which never fall, and m/s; a breeze where not said. */
  @IsOptional()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(mostPoints)
  @ValidateBy({
    name: 'windPoints',
    validator: {
      validate: arePointsWithin(0, mostWind),
      defaultMessage: () => `$property must be pairs of rising seconds and a wind from 0 to ${mostWind} m/s`,
    },
  })
  winds?: [number, number][];

  /** How far wheels, tracks or screws are jammed over time: seconds, which never fall, and 0 free to 1 held fast. */
  @IsOptional()
  @IsArray()
  @ArrayMinSize(1)
  @ArrayMaxSize(mostPoints)
  @ValidateBy({
    name: 'jamPoints',
    validator: {
      validate: arePointsWithin(0, 1),
      defaultMessage: () => '$property must be pairs of rising seconds and a share from 0 to 1',
    },
  })
  jams?: [number, number][];

  /** Seconds into it at which the receivers hear the transmitter no more. */
  @IsOptional()
  @IsNumber()
  @Min(0)
  @Max(86_400)
  lostAt?: number;

  @NestedList(() => OutingTrack, { most: 200 })
  tracks!: OutingTrack[];
}
