import 'reflect-metadata/lite';
import { Type } from 'class-transformer';
import { IsDefined, IsObject, IsOptional, ValidateBy, ValidateNested, buildMessage } from 'class-validator';
import { Figure } from './figure';

interface FigureRange {
  /** Smallest value allowed, in the unit of the field. */
  least: number;
  /** Largest value allowed, in the unit of the field. */
  most: number;
  optional?: boolean;
}

/** Property decorator: a `Figure` whose value lies within a sane range. */
export function FigureField({ least, most, optional = false }: FigureRange): PropertyDecorator {
  const within = ValidateBy({
    name: 'figureWithin',
    constraints: [least, most],
    validator: {
      validate: (figure: unknown) => {
        const value = (figure as Figure | undefined)?.value;
        return typeof value !== 'number' || (value >= least && value <= most);
      },
      defaultMessage: buildMessage((each) => `${each}$property.value must lie between ${least} and ${most}`),
    },
  });
  return (target, key) => {
    IsObject()(target, key);
    ValidateNested()(target, key);
    Type(() => Figure)(target, key);
    within(target, key);
    (optional ? IsOptional() : IsDefined())(target, key);
  };
}
