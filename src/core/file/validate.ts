import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import type { FileProblem } from './problem';

/** The first trouble that a class's decorators find in plain data, or `undefined`. Unknown fields are trouble. */
export function firstProblem<T extends object>(
  type: ClassConstructor<T>,
  plain: object,
  path: string,
): FileProblem | undefined {
  const errors = validateSync(plainToInstance(type, plain), { whitelist: true, forbidNonWhitelisted: true });
  const [first] = errors;
  return first && deepest(first, path);
}

function deepest(error: ValidationError, path: string): FileProblem {
  const here = /^\d+$/.test(error.property) ? `${path}[${error.property}]` : `${path}.${error.property}`;
  const [child] = error.children ?? [];
  if (child) return deepest(child, here);
  const [why = 'is not usable'] = Object.values(error.constraints ?? {});
  return {
    where: here,
    why: why.replace(/^property \S+ should not exist$/, 'is not a field that Dry Hull knows'),
  };
}
