import { IsNumber, IsOptional, Max, Min } from 'class-validator';

/** Metres that a place or a size in a model may have. */
export const farthest = 10;

/** Property decorator: metres along, across or over the model's base. */
export function Metres(least: number, optional = false): PropertyDecorator {
  return (target, key) => {
    if (optional) IsOptional()(target, key);
    IsNumber({ allowNaN: false, allowInfinity: false })(target, key);
    Min(least)(target, key);
    Max(farthest)(target, key);
  };
}

/** A point of the model, in metres: x forward from its aft end, y to port from its middle line, z up from its base. */
export class Spot {
  @Metres(-farthest)
  x!: number;

  @Metres(-farthest)
  y!: number;

  @Metres(-farthest)
  z!: number;
}
