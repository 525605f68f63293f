import 'reflect-metadata/lite';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import type { FileProblem } from './problem';

/** The first trouble that a class's decorators find in plain data, or `undefined`. Unknown fields are trouble. */
export function firstProblem<T extends object>(
  type: ClassConstructor<T>,
  plain: object,
  path: string,
): FileProblem | undefined {
  const unseen = unseenProblem(plain, path);
  if (unseen) return unseen;
  const errors = validateSync(plainToInstance(type, plain), { whitelist: true, forbidNonWhitelisted: true });
  const [first] = errors;
  return first && deepest(first, path);
}

/** Names that an object answers to before any field of ours. */
const namesOfItsOwn = ['__proto__', 'constructor', 'prototype'];

/**
 * What decorators pass over: a null, which they take for a field that is left out; a list where an object belongs; a
 * field named like a part of every object.
 */
function unseenProblem(data: unknown, path: string): FileProblem | undefined {
  if (data === null) return { where: path, why: 'must not be null: leave out what is not known' };
  if (typeof data !== 'object') return undefined;
  const isList = Array.isArray(data);
  if (isList && data.some(Array.isArray) && !data.every((entry) => Array.isArray(entry) && entry.length > 0))
    return { where: path, why: 'holds lists where objects belong' };
  for (const [key, value] of Object.entries(data)) {
    const here = isList ? `${path}[${key}]` : `${path}.${key}`;
    if (namesOfItsOwn.includes(key)) return { where: here, why: 'is not a field that Dry Hull knows' };
    const problem = unseenProblem(value, here);
    if (problem) return problem;
  }
  return undefined;
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
