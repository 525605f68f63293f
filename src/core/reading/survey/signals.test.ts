import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { lifted, turned } from '../../model/plan/sketch-build';
import { readingOf } from '../build-reading/reading';

const paths = (change?: Parameters<typeof tub>[0]) =>
  Object.fromEntries(
    readingOf(tub(change), []).survey.signals.map((path) => [path.device.fitting.id, path.port.id]),
  );

describe('signalPaths', () => {
  it('finds the receiver port of each part that listens', () => {
    expect(paths()).toEqual({ esc: '3', rudder: '1' });
  });

  it('follows the signal through a Y-lead and an extension', () => {
    const found = paths({
      extra: [
        { id: 'y', name: 'Y-lead', part: 'y-lead' },
        { id: 'ext', name: 'extension', part: 'extension-300' },
        { id: 'second', name: 'second rudder', part: 'servo-micro-60' },
      ],
      without: ['rudder.lead'],
      leads: [
        ['rudder.lead', 'y.out 1'],
        ['second.lead', 'ext.out'],
        ['ext.in', 'y.out 2'],
        ['y.in', 'rx.7'],
      ],
    });
    expect(found).toEqual({ esc: '3', rudder: '7', second: '7' });
  });

  it('loses a part whose signal wire is lifted or whose plug is turned', () => {
    expect(paths({ wires: { 'rudder-lead': lifted('signal') } })).toEqual({ esc: '3' });
    expect(paths({ wires: { 'rudder-lead': turned } })).toEqual({ esc: '3' });
  });
});
