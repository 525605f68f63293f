import { describe, expect, it } from 'vitest';
import { benches, cssVariables, type Bench, type Token } from './tokens';

/** Relative luminance and contrast by WCAG 2.2. */
function luminance(hex: string): number {
  const channel = (at: number) => {
    const value = parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * channel(1) + 0.7152 * channel(3) + 0.0722 * channel(5);
}

function contrast(colour: string, other: string): number {
  const [high, low] = [luminance(colour), luminance(other)].sort((a, b) => b - a) as [number, number];
  return (high + 0.05) / (low + 0.05);
}

const grounds: Token[] = ['ground', 'paper', 'panel'];
const texts: Token[] = ['ink', 'softInk', 'keelRed', 'brass', 'bottleGreen', 'action'];
const pairs: [Token, Token][] = [
  ...texts.flatMap((text) => grounds.map((ground): [Token, Token] => [text, ground])),
  ['onAction', 'action'],
  ['onKeelRed', 'keelRed'],
  ['ink', 'water'],
  ['keelRed', 'water'],
  ['brass', 'water'],
  ['ink', 'actionSoft'],
  ['softInk', 'actionSoft'],
  ['action', 'actionSoft'],
];

describe.each(Object.keys(benches) as Bench[])('the %s bench', (bench) => {
  it.each(pairs)('shows %s on %s at 4.5:1 or better', (text, ground) => {
    expect(contrast(benches[bench][text], benches[bench][ground])).toBeGreaterThanOrEqual(4.5);
  });

  it('gives each token a style variable', () => {
    expect(cssVariables(bench)['--keel-red']).toBe(benches[bench].keelRed);
    expect(cssVariables(bench)['--action-soft']).toBe(benches[bench].actionSoft);
  });
});
