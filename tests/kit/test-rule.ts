import { describe, expect, it } from 'vitest';
import type { Build } from '../../src/core/model/plan/build';
import { applyEdits } from '../../src/core/model/plan/edits';
import { readingOf } from '../../src/core/reading/build-reading/reading';
import type { Finding } from '../../src/core/judgement/findings/finding';
import { renderReport } from '../../src/core/judgement/check/render';
import type { Rule } from '../../src/core/judgement/rules/rule';
import type { Missing } from '../../src/core/judgement/findings/report';
import { starterLocker } from '../../src/core/model/starter/starter-locker';

interface Expected {
  messageId: string;
  actual: number;
  limit: number;
  /** How far a figure that comes out of the solved network may lie off; a thousandth where not said. */
  within?: number;
  /** Ids of the parts, leads or functions it names. */
  subjects?: string[];
  /** A part of its sentence. */
  says?: string;
  /** Starts of the ids of the patches it must offer; taking the first of each must settle the finding. */
  putRight?: string[];
}

interface Cases {
  valid: { name: string; build: Build; missing?: string[] }[];
  invalid: { name: string; build: Build; findings: Expected[] }[];
}

/** Runs a rule on builds that it should and should not pass. Refuses double cases, empty expectations and mutation. */
export function testRule<MessageId extends string>(rule: Rule<MessageId>, { valid, invalid }: Cases): void {
  const plainRule = rule as unknown as Rule;
  describe(rule.meta.id, () => {
    it('has cases that differ and expect something', () => {
      const texts = [...valid, ...invalid].map(({ build }) => JSON.stringify(build));
      expect(new Set(texts).size).toBe(texts.length);
      expect(valid.length).toBeGreaterThan(0);
      expect(invalid.length).toBeGreaterThan(0);
      for (const sketch of invalid) expect(sketch.findings.length, sketch.name).toBeGreaterThan(0);
      const said = new Set(invalid.flatMap((each) => each.findings.map((finding) => finding.messageId)));
      expect([...said].sort()).toEqual(Object.keys(rule.meta.messages).sort());
    });

    it.each(valid)('passes: $name', ({ build, missing = [] }) => {
      const said = runRule(plainRule, build);
      expect(said.findings).toEqual([]);
      expect(said.missing.map((each) => each.missing)).toEqual(missing);
    });

    it.each(invalid)('finds: $name', ({ build, findings: expected }) => {
      const { findings } = runRule(plainRule, build);
      expect(findings.map(({ messageId }) => messageId)).toEqual(expected.map(({ messageId }) => messageId));
      for (const [n, want] of expected.entries()) checkFinding(plainRule, build, findings[n]!, want);
    });
  });
}

function checkFinding(rule: Rule, build: Build, finding: Finding, want: Expected): void {
  expect(finding.headline).not.toMatch(/\.\d{4}/);
  const within = want.within ?? 1e-3;
  expect(Math.abs(finding.actual - want.actual), `${finding.actual}, not ${want.actual}`).toBeLessThan(
    within,
  );
  expect(Math.abs(finding.limit - want.limit), `${finding.limit}, not ${want.limit}`).toBeLessThan(within);
  if (want.subjects) expect(finding.subjects.map((subject) => subject.id)).toEqual(want.subjects);
  if (want.says !== undefined) expect(finding.text).toContain(want.says);
  expect(finding.terms.length).toBeGreaterThan(1);
  for (const start of want.putRight ?? []) {
    const patch = finding.patches.find((candidate) => candidate.id.startsWith(start));
    expect(patch, `offer ${start} among ${finding.patches.map((each) => each.id).join(', ')}`).toBeDefined();
    const after = runRule(rule, applyEdits(build, patch!.edits)).findings.map((each) => each.id);
    expect(after).not.toContain(finding.id);
  }
}

function runRule(rule: Rule, build: Build): { findings: Finding[]; missing: Missing[] } {
  const before = structuredClone(build);
  const said = rule.check(readingOf(build, starterLocker));
  expect(build).toEqual(before);
  return {
    findings: said.flatMap((each) => ('missing' in each ? [] : [renderReport(rule, each, new Map())])),
    missing: said.flatMap((each) => ('missing' in each ? [each] : [])),
  };
}
