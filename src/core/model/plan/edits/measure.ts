import { defineEdit } from './edit';
import type { Measured } from '../../fitting/measured';

/** Keeps what a reading made of an estimate. */
export interface Measure {
  type: 'measure';
  measured: Measured;
}

export const measure = defineEdit<Measure>({
  apply: (build, { measured }) => {
    const others = (build.measured ?? []).filter(({ estimate }) => estimate !== measured.estimate);
    build.measured = [...others, measured];
  },
  words: ({ measured }) => `Measured: ${measured.said}`,
});
