import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { Survey } from '../survey/survey';
import type { Build } from '../../model/plan/build';
import { conductorOhms } from '../../base/conductors/wire';
import type { ElementOfKind } from '../../physics/network/devices';
import { stated } from '../../base/validation/figure';
import { starterPart } from '../../model/starter/starter-locker';
import { Estimates } from '../../model/kinds/estimates';
import { NodeNames } from './nodes';
import { wireElements } from './wires';

type Wire = ElementOfKind<'resistor'>;

function wires(build: Build, estimates = new Estimates()): Map<string, Wire> {
  const survey = new Survey(build);
  const elements = wireElements(survey, new NodeNames(survey), estimates) as Wire[];
  return new Map(elements.map((element) => [element.id, element]));
}

const withLead = (build: Build, id: string, change: object): Build => ({
  ...build,
  leads: build.leads.map((lead) => (lead.id === id ? { ...lead, ...change } : lead)),
});

describe('the wires of a build', () => {
  it('are one resistor for each conductor that carries power, there and back, and none for signals', () => {
    const all = wires(tub());
    expect(all.get('rudder-lead--rx-1.plus')).toBeDefined();
    expect(all.get('rudder-lead--rx-1.minus')).toBeDefined();
    expect(all.has('rudder-lead--rx-1.signal')).toBe(false);
  });

  it('are gone where they are lifted', () => {
    const lifted = tub({
      wires: {
        'esc-lead': (wiresOf) =>
          wiresOf.map((conductor) =>
            conductor.from === 'plus' ? { ...conductor, state: 'lifted' as const } : conductor,
          ),
      },
    });
    const all = wires(lifted);
    expect(all.has('esc-lead--rx-3.plus')).toBe(false);
    expect(all.has('esc-lead--rx-3.minus')).toBe(true);
  });

  it('have the ohms of their copper and of a contact, by length and gauge', () => {
    const id = 'rudder-lead--rx-1';
    const at = (metres: number, awg: number) =>
      wires(withLead(tub(), id, { metres: stated(metres), awg })).get(`${id}.plus`)!.ohms;
    const [short, long] = [at(0.3, 26), at(0.6, 26)];
    expect(long - short).toBeCloseTo(conductorOhms(26, 0.3), 9);
    expect(short - conductorOhms(26, 0.3)).toBeGreaterThan(0.005);
    expect(at(0.3, 22)).toBeLessThan(short);
  });

  it('are estimates in length where nobody measured them, one for both conductors', () => {
    const estimates = new Estimates();
    wires(withLead(tub(), 'rudder-lead--rx-1', { metres: undefined }), estimates);
    const lengths = estimates.all.filter((estimate) => estimate.key === 'rudder-lead--rx-1.metres');
    expect(lengths).toHaveLength(1);
    expect(lengths[0]!.words).toContain('rudder');
  });

  it('end at the pack’s minus, which is ground', () => {
    const all = wires(tub());
    const ends = [...all.values()].flatMap((each) => [each.from, each.to]);
    expect(ends).toContain('gnd');
    expect(ends).not.toContain('pack.minus');
    expect(ends).toContain('pack.plus');
  });

  it('lose volts in a fuse as its rating tells, and in a hand switch', () => {
    const plain = tub();
    const build = (part: string): Build => ({
      ...plain,
      parts: [...plain.parts, starterPart(part)],
      fittings: [...plain.fittings, { id: 'between', name: 'between', part }],
      leads: plain.leads.map((lead) =>
        lead.from.fitting === 'adapter' ? { ...lead, from: { fitting: 'between', port: 'out' } } : lead,
      ),
    });
    const ohms = (candidate: Build) => wires(candidate).get('adapter-out--esc-power.plus')!.ohms;
    const [small, large] = [ohms(build('fuse-blade-5')), ohms(build('fuse-blade-40'))];
    expect(small - large).toBeCloseTo(0.1 / 5 - 0.1 / 40, 6);
    expect(ohms(build('hand-switch-blade'))).toBeGreaterThan(ohms(plain));
    // Only the plus goes through it.
    const minus = (candidate: Build) => wires(candidate).get('adapter-out--esc-power.minus')!.ohms;
    expect(minus(build('fuse-blade-5'))).toBeCloseTo(minus(plain), 9);
  });
});
