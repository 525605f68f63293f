import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../tests/kit/sound-builds';
import { checkContext } from '../check/check-context';
import { operatingPoint } from '../network/operating-point';
import { networkOf } from '../network/reference-form';
import { buildElements } from './build-elements';
import type { Moment } from './circuit';
import { Estimates } from './estimates';

const moments: readonly Moment[] = ['worst', 'steady', 'given', 'kept'];
const states = ['full', 'nominal', 'cutoff'] as const;
const builds = { ...soundBuilds, 'the tug as planned': demoBuild('harbour-tug-as-planned') };

describe('a circuit asked for moment after moment', () => {
  it.each(Object.entries(builds))('has the parts and volts of each made alone: %s', (_, build) => {
    const { circuit, survey } = checkContext(build, []);
    for (const moment of moments)
      for (const state of states) {
        const alone = buildElements(survey, circuit.conditions(moment, state), new Estimates());
        const point = circuit.at(moment, state);

        expect(JSON.stringify(point?.elements)).toBe(JSON.stringify(alone.elements));
        const network = networkOf(alone.elements, true);
        const rest = operatingPoint(network);
        if (!rest.ok || !point) throw new Error(`${moment} at ${state} does not settle`);
        for (const [name, volts] of point.nodeVolts())
          expect(volts, name).toBeCloseTo(rest.value.x[network.indexOf(name)!]!, 5);
      }
  });
});
