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
  // A wrong type says more than the range it also misses.
  const byType = Object.entries(error.constraints ?? {}).sort(
    ([a], [b]) => Number(isTypeCheck(b)) - Number(isTypeCheck(a)),
  );
  const why = byType[0]?.[1] ?? 'is not usable';
  return {
    where: here,
    why: why
      .replace(/^property \S+ should not exist$/, 'is not a field that Dry Hull knows')
      .replace(/^\S+ should not be null or undefined$/, 'is missing'),
  };
}

const isTypeCheck = (constraint: string): boolean =>
  /^is(String|Number|Int|Array|In|Iso8601)$/.test(constraint);
