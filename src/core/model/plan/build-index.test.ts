import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { starterPart } from '../starter/starter-locker';
import { BuildIndex, farEnd, portKey } from './build-index';
import { freshId } from './fresh-id';
import { shortestWay } from '../../reading/survey/shortest-way';
import { straightLead } from './straight-lead';

const index = new BuildIndex(tub());

describe('BuildIndex', () => {
  it('finds fittings by kind, and leads by port and by fitting', () => {
    expect(index.ofKind('servo').map((servo) => servo.fitting.id)).toEqual(['rudder']);
    expect(index.leadAt({ fitting: 'rx', port: '3' })?.id).toBe('esc-lead--rx-3');
    expect(index.leadAt({ fitting: 'rx', port: '8' })).toBeUndefined();
    expect(index.leadsOf('esc').map((lead) => lead.id)).toEqual([
      'adapter-out--esc-power',
      'esc-motor--motor-motor',
      'esc-lead--rx-3',
    ]);
  });

  it('lists every port with nothing in it', () => {
    const free = index.freePorts().map((freePort) => portKey(freePort.ref));
    expect(free).toEqual(['rx.B', 'rx.2', 'rx.4', 'rx.5', 'rx.6', 'rx.7', 'rx.8']);
  });

  it('names the culprit where an id leads nowhere', () => {
    expect(() => index.get('ghost')).toThrow('ghost');
    expect(() => index.port({ fitting: 'rx', port: '99' })).toThrow('rx.99');
    expect(() => new BuildIndex({ ...tub(), parts: [] })).toThrow('pack');
  });
});

describe('ways through a build', () => {
  it('are the fewest leads from one part to another', () => {
    expect(shortestWay(index, 'pack', 'rudder').map((lead) => lead.id)).toEqual([
      'rudder-lead--rx-1',
      'esc-lead--rx-3',
      'adapter-out--esc-power',
      'pack-out--adapter-in',
    ]);
    expect(shortestWay(index, 'pack', 'tx')).toEqual([]);
  });

  it('lead to the other end of a lead, whichever end one stands at', () => {
    const lead = index.leadAt({ fitting: 'rx', port: '1' })!;
    expect(farEnd(lead, { fitting: 'rx', port: '1' })).toEqual({ fitting: 'rudder', port: 'lead' });
    expect(farEnd(lead, { fitting: 'rudder', port: 'lead' })).toEqual({ fitting: 'rx', port: '1' });
  });
});

describe('new ids and leads', () => {
  it('take the first id that neither a fitting nor a lead has', () => {
    expect(freshId(tub(), 'lamp')).toBe('lamp');
    expect(freshId(tub(), 'esc')).toBe('esc-2');
    expect(freshId(tub(), 'esc-lead--rx-3')).toBe('esc-lead--rx-3-2');
  });

  it('join only the contacts that both ports have', () => {
    const bec = starterPart('bec-8a').ports.find((port) => port.id === 'out')!;
    const inlet = starterPart('receiver-8-skerry').ports[0]!;
    const lead = straightLead(
      'x',
      { ref: { fitting: 'bec', port: 'out' }, port: bec },
      { ref: { fitting: 'rx', port: 'B' }, port: inlet },
    );
    expect(lead.conductors.map((conductor) => [conductor.from, conductor.to, conductor.colour])).toEqual([
      ['plus', 'plus', 'red'],
      ['minus', 'minus', 'black'],
    ]);
  });
});
