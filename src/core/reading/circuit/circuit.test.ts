import { produce } from 'immer';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { readingOf } from '../build-reading/reading';
import { operatingPoint } from '../../physics/network/operating-point';
import { networkOf } from '../../physics/network/reference-form';
import { stated } from '../../base/validation/figure';
import { buildElements } from './build-elements';
import type { Moment } from './circuit';
import { Estimates } from '../../model/kinds/estimates';

const moments: readonly Moment[] = ['worst', 'steady', 'given', 'kept'];
const states = ['full', 'nominal', 'cutoff'] as const;
const builds = { ...soundBuilds, 'the tug as planned': demoBuild('harbour-tug-as-planned') };

describe('a circuit asked for moment after moment', () => {
  it.each(Object.entries(builds))('has the parts and volts of each made alone: %s', (_, build) => {
    const { circuit, survey } = readingOf(build, []);
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

  it('goes on by its own figures after another build of the same wiring was looked at', () => {
    const build = demoBuild('harbour-tug-as-planned');
    const first = readingOf(build, []);
    const before = first.circuit.at('worst', 'full')!.nodeVolts();
    const other = readingOf(
      produce(build, (draft) => {
        for (const part of draft.parts) {
          if (part.kind === 'servo') for (const point of part.sheet) point.stallAmps = stated(4);
          if (part.kind === 'pack') part.ampHours = stated(1);
        }
      }),
      [],
    );

    expect(other.circuit.at('worst', 'full')!.nodeVolts()).not.toEqual(before);
    const { elements } = buildElements(
      first.survey,
      first.circuit.conditions('steady', 'nominal'),
      new Estimates(),
    );
    const network = networkOf(elements, true);
    const alone = operatingPoint(network);
    if (!alone.ok) throw new Error('does not settle');
    for (const [name, volts] of first.circuit.at('steady', 'nominal')!.nodeVolts())
      expect(volts, name).toBeCloseTo(alone.value.x[network.indexOf(name)!]!, 5);
  });
});
