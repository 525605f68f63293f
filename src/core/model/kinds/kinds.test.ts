import { describe, expect, it } from 'vitest';
import { starterLocker, starterPart } from '../starter/starter-locker';
import { signalNetOf, terminalsOf } from '.';

describe('terminalsOf', () => {
  it('names only nets that the part’s own ports have', () => {
    for (const part of starterLocker) {
      const nets = new Set(part.ports.flatMap((port) => port.pins.map((pin) => pin.net)));
      const { consumes, gives } = terminalsOf(part);
      for (const terminal of consumes) {
        expect(nets, `${part.id} ${terminal.id}`).toContain(terminal.plus);
        expect(nets, `${part.id} ${terminal.id}`).toContain(terminal.minus);
        if (terminal.signal) expect(nets, part.id).toContain(terminal.signal);
      }
      if (gives) expect([nets.has(gives.plus), nets.has(gives.minus)], part.id).toEqual([true, true]);
    }
  });

  it('gives from packs and regulators, and from nothing else', () => {
    const givers = new Set(starterLocker.filter((part) => terminalsOf(part).gives).map((part) => part.kind));
    expect([...givers].sort()).toEqual(['bec', 'controller', 'pack']);
    expect(terminalsOf(starterPart('controller-brushed-10')).gives).toBeUndefined();
  });

  it('keeps the two supplies of an electronic switch apart', () => {
    const [logic, feed] = terminalsOf(starterPart('switch-electronic-5a')).consumes;
    expect(logic?.maxVolts?.value).toBe(6.5);
    expect(feed?.maxVolts?.value).toBe(16);
    expect(logic?.plus).not.toBe(feed?.plus);
  });

  it('knows which parts listen to a channel', () => {
    const listens = (id: string) => signalNetOf(starterPart(id)) !== undefined;
    expect(
      ['servo-standard', 'controller-brushless-40', 'lamp-board', 'switch-electronic-5a'].map(listens),
    ).toEqual([true, true, true, true]);
    expect(['pump-12', 'bec-8a', 'motor-brushed-620', 'y-lead'].map(listens)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
});
