import { describe, expect, it } from 'vitest';
import { connectorFamily } from '../connectors/families';
import { mating } from '../connectors/mating';
import { terminalsOf } from '../kinds';
import { starterLocker, starterPart } from './starter-locker';

describe('the starter locker', () => {
  it('has parts enough to begin with, each under its own id and name', () => {
    expect(starterLocker.length).toBeGreaterThanOrEqual(60);
    for (const key of ['id', 'name'] as const) {
      const all = starterLocker.map((part) => `${key === 'name' ? part.kind : ''} ${part[key]}`);
      expect(new Set(all).size).toBe(all.length);
    }
    expect(() => starterPart('ghost')).toThrow('ghost');
  });

  it.each(starterLocker.map((part) => [part.id, part] as const))(
    '%s has ports that hold together',
    (_, part) => {
      const ids = part.ports.map((port) => port.id);
      expect(new Set(ids).size).toBe(ids.length);
      for (const port of part.ports) {
        expect(() => connectorFamily(port.connector.family)).not.toThrow();
        const pins = port.pins.map((pin) => pin.name);
        expect(new Set(pins).size).toBe(pins.length);
      }
      // What a part takes power from are nets that some port of it brings.
      const nets = new Set(part.ports.flatMap((port) => port.pins.map((pin) => pin.net)));
      const { consumes, gives } = terminalsOf(part);
      for (const terminal of [...consumes, ...(gives ? [gives] : [])])
        if (part.kind !== 'motor')
          expect([nets.has(terminal.plus), nets.has(terminal.minus)], part.id).toEqual([true, true]);
    },
  );

  it('has for every port that is not soldered another part that it plugs into', () => {
    const ports = starterLocker.flatMap((part) => part.ports.map((port) => ({ part, port })));
    for (const { part, port } of ports) {
      const mates = ports.some(
        (other) =>
          other.part !== part &&
          ['mates', 'solder'].includes(mating(port.connector, other.port.connector).result),
      );
      expect(mates, `${part.id} ${port.id}`).toBe(true);
    }
  });
});
