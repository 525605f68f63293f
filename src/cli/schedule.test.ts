import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../tests/kit/demo-builds';
import { tub } from '../../tests/kit/tub';
import { scheduleCommand } from './schedule-command';

describe('hull schedule', () => {
  it('has a line for each lead, joint and thing to buy, under one head', () => {
    const build = demoBuild('harbour-tug');
    const lines = scheduleCommand(build).trimEnd().split('\n');
    expect(lines[0]).toMatch(/^List,What,How many,/);
    expect(lines.filter((line) => line.startsWith('Leads,'))).toHaveLength(build.leads.length);
    expect(lines.some((line) => line.startsWith('To solder,'))).toBe(true);
  });

  it('writes no formula, whatever a part is called', () => {
    const text = scheduleCommand(tub({ settings: { rudder: { name: '=1+1' } } }));
    expect(text).not.toMatch(/(^|,)"?[=+@]/m);
  });
});
