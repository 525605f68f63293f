import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { lifted } from '../../model/plan/sketch-build';
import { checkBuild } from '../../judgement/check/check-build';
import { starterLocker } from '../../model/starter/starter-locker';
import { markdownSheet } from './markdown-sheet';

const sheet = (change?: Parameters<typeof tub>[0]) => markdownSheet(checkBuild(tub(change), starterLocker));

describe('markdownSheet', () => {
  it('lists parts, leads with colours and plugs, and channels with their settings', () => {
    const text = sheet();
    expect(text).toContain('# Wiring sheet: Tub');
    expect(text).toContain('| Rudder | micro servo | on 6.0 V; max 6.6 V |');
    expect(text).toContain(
      '| Controller, receiver lead | Receiver, port 3 | white: signal, red: plus, black: minus | three-pin servo plug, flat housing | channel 3, drive |',
    );
    expect(text).toContain(
      '| 1 | Steering | right stick, sideways | port 1 | rudder | as in a fresh memory | 1000, 1500, 2000 | not set |',
    );
    expect(text).toContain('| controller | 3 cells LiPo | LiPo | not set | not set | 6.0 V | not set |');
  });

  it('keeps names text, whatever Markdown would make of them', () => {
    const text = sheet({ settings: { rudder: { name: '<b>fin</b> [x](y) | *a*' } } });
    expect(text).toContain('\\<b\\>fin\\</b\\> \\[x\\](y) \\| \\*a\\*');
    expect(text).not.toMatch(/[^\\]<b>/);
  });

  it('says what is still open with its matter, and what is not known', () => {
    expect(sheet({ wires: { 'esc-lead': lifted('plus') } })).toContain(
      '- **stop**, Connection: Nothing feeds the receiver: no plus reaches it. Nothing feeds the rail.',
    );
    expect(sheet({ settings: { esc: { cutoff: undefined } } })).toContain(
      '- what the cut-off of the controller is set to',
    );
  });

  it('ends with the steps in order and only the cautions that apply', () => {
    const text = sheet();
    expect(text.indexOf('Solder the controller')).toBeLessThan(text.indexOf('Transmitter on first'));
    expect(text).toContain('Lithium pack: never use a swollen');
    expect(text).not.toContain('swimmers');
    expect(
      sheet({ sheets: { 'pack-lipo-3s-4000-20c': (part) => ({ ...part, chemistry: 'NiMH' }) as never } }),
    ).not.toContain('Lithium pack');
  });
});
