import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../tests/kit/demo-builds';
import { starterPart } from '../core/model/starter/starter-locker';
import { matchCommand, type MatchOptions } from './match-command';

const usual: MatchOptions = { json: true, open: undefined, most: 3, money: undefined, minutes: undefined };

const run = (name: string, options: Partial<MatchOptions> = {}) => {
  const done = matchCommand(demoBuild(name), { ...usual, ...options });
  if (!done.ok) throw new Error(done.problem);
  return done.value;
};

interface Answer {
  offers: { parts: Record<string, string>; mass: number; runMinutes: number; buy: { part: string }[] }[];
  searched: Record<string, number>;
  conflict: string[];
}

describe('hull match', () => {
  it('answers in the shape that other programs read, with parts that there are', () => {
    const { text, exitCode } = run('harbour-tug', { minutes: 20 });
    const answer = JSON.parse(text) as Answer;
    expect(exitCode).toBe(0);
    expect(Object.keys(answer)).toEqual(['offers', 'searched', 'conflict']);
    expect(Object.keys(answer.searched)).toEqual(['raw', 'checked', 'pruned']);
    expect(answer.offers).toHaveLength(3);
    for (const { parts, mass, runMinutes, buy } of answer.offers) {
      for (const id of Object.values(parts)) expect(() => starterPart(id)).not.toThrow();
      expect(mass).toBeGreaterThan(0.3);
      expect(runMinutes).toBeGreaterThanOrEqual(20);
      expect(buy.length).toBeGreaterThan(0);
    }
  });

  it('exits with 1 where nothing fits, and says what cannot be had', () => {
    const { text, exitCode } = run('salt-flat-yacht', { minutes: 100_000 });
    expect(exitCode).toBe(1);
    expect((JSON.parse(text) as Answer).conflict).toEqual(['a run of 100000 min or more']);
    const said = run('salt-flat-yacht', { minutes: 100_000, json: false }).text;
    expect(said).toContain('Nothing fits together.\nThese cannot all be had: a run of 100000 min or more.');
    expect(said).toMatch(/Nearest without “a run of 100000 min or more”, by 100 %: .+;/);
  });

  it('changes only what is open, and refuses a fitting that is not there', () => {
    const { text } = run('salt-flat-yacht', { open: 'receiver' });
    for (const { parts } of (JSON.parse(text) as Answer).offers)
      expect(Object.keys(parts)).toEqual(['receiver']);
    expect(matchCommand(demoBuild('salt-flat-yacht'), { ...usual, open: 'keel' })).toMatchObject({
      ok: false,
    });
  });
});
