import 'reflect-metadata/lite';
import { Type, type TypeOptions } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsDefined,
  IsObject,
  IsOptional,
  ValidateNested,
} from 'class-validator';

/** Property decorator: an object of a class, checked field by field. */
export function NestedField(
  type: () => abstract new () => object,
  { optional = false } = {},
  options: TypeOptions = {},
): PropertyDecorator {
  return (target, key) => {
    (optional ? IsOptional() : IsDefined())(target, key);
    IsObject()(target, key);
    ValidateNested()(target, key);
    Type(type, options)(target, key);
  };
}

interface ListRange {
  least?: number;
  most: number;
  optional?: boolean;
}

/** Property decorator: a list of objects of a class, of bounded length, each checked field by field. */
export function NestedList(
  type: () => abstract new () => object,
  { least = 0, most, optional = false }: ListRange,
  options: TypeOptions = {},
): PropertyDecorator {
  return (target, key) => {
    (optional ? IsOptional() : IsDefined())(target, key);
    IsArray()(target, key);
    IsObject({ each: true })(target, key);
    ValidateNested({ each: true })(target, key);
    if (least > 0) ArrayMinSize(least)(target, key);
    ArrayMaxSize(most)(target, key);
    Type(type, options)(target, key);
  };
}
