import { describe, expect, it } from 'vitest';
import { partProblem } from '../../model/kinds/part-problem';
import type { CableSpec } from '../../model/kinds/cable/cable';
import { starterPart } from '../../model/starter/starter-locker';
import { blankPart } from './blank-part';
import {
  addOutlet,
  freshWire,
  offeredForms,
  removeOutlet,
  setSide,
  setWire,
  wiresOf,
  withForm,
} from './cable-outlets';

const harness = starterPart('harness-five-way') as CableSpec;

describe('outlets of a cable', () => {
  it('gives a cable of each form the outlets of such, plugs unknown until somebody looks', () => {
    const blank = blankPart('cable', 'own') as CableSpec;
    for (const form of offeredForms()) {
      const cable = withForm(blank, form);
      expect(cable.form).toBe(form);
      expect(partProblem(cable, form)).toBeUndefined();
      for (const { connector } of cable.ports)
        expect(connector.isAssumed === true || /servo|open/.test(connector.family)).toBe(true);
    }
  });

  it('adds one like another, joined with it, and takes it out again', () => {
    const more = addOutlet(harness, 'small 1');
    const added = more.ports.at(-1)!;
    expect(added.pins).toEqual(harness.ports.find(({ id }) => id === 'small 1')!.pins);
    expect(new Set(more.ports.map(({ id }) => id)).size).toBe(harness.ports.length + 1);
    expect(removeOutlet(more, added.id)).toEqual(harness);
  });

  it('keeps the last outlet, and the last contact of an outlet', () => {
    const [first, ...others] = harness.ports;
    const one = others.reduce((cable, { id }) => removeOutlet(cable, id), harness);
    expect(removeOutlet(one, first!.id)).toBe(one);
    const bare = setWire(setWire(one, first!.id, 'plus', undefined), first!.id, 'minus', undefined);
    expect(bare.ports[0]!.pins).toHaveLength(1);
  });

  it('puts a contact on a wire of its own, so that nothing feeds it', () => {
    const wire = freshWire(harness, 'plus');
    const parted = setWire(harness, 'small 1', 'plus', wire);
    expect(wiresOf(parted)).toContain(wire);
    expect(wiresOf(harness)).not.toContain(wire);
    expect(partProblem(parted, 'own')).toBeUndefined();
  });

  it('makes bare wires of an outlet, and a plug again whose family nobody knows', () => {
    const bare = setSide(harness, 'small 1', 'none');
    const again = setSide(bare, 'small 1', 'socket');
    const connector = (cable: CableSpec) => cable.ports.find(({ id }) => id === 'small 1')!.connector;
    expect(connector(bare)).toEqual({ family: 'open', gender: 'none' });
    expect(connector(again)).toMatchObject({ gender: 'socket', isAssumed: true });
  });
});
