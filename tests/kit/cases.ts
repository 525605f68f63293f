import { readdirSync, readFileSync } from 'node:fs';
import type { NetworkCase } from '../../src/core/physics/network/reference-form';

/** What an independent circuit simulator found for a node over time. */
export interface ExpectedCourse {
  min: number;
  max: number;
  mean: number;
  end: number;
  after: number;
  secondsBelow?: { volts: number; seconds: number };
}

interface Solved<Expected> extends NetworkCase {
  expect: Record<string, Expected>;
}

const folder = new URL('../cases/', import.meta.url);
const all = readdirSync(folder).map(
  (file) => JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as Solved<unknown>,
);

/** Solved operating points, and solved courses through time. */
export const operatingPointCases = all.filter(
  (candidate) => candidate.analysis.kind === 'operatingPoint',
) as Solved<number>[];
export const transientCases = all.filter(
  (candidate) => candidate.analysis.kind === 'transient',
) as Solved<ExpectedCourse>[];
