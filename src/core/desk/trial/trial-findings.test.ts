import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { tub } from '../../../../tests/kit/tub';
import { applyEdits } from '../../model/plan/edits';
import type { Build } from '../../model/plan/build';
import { checkBuild, withFindings } from '../../judgement/check/check-build';
import { starterLocker } from '../../model/starter/starter-locker';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { instantAt } from './snapshots';
import { trialFindings } from './trial-findings';
import type { TrialResult } from './trial-result';
import { usualTask } from './trial-task';
import { wiringInstant } from '../../reading/circuit/wiring-instant';

function rehearsed(build: Build, outingId: string, change = {}) {
  const check = checkBuild(build, starterLocker);
  const outing = outingsOf(build).find((candidate) => candidate.id === outingId)!;
  const run = runTrial(check.context, { ...usualTask(outing), ...change });
  if (!run.ok) throw new Error(JSON.stringify(run.problem));
  return { check, result: run.value, findings: trialFindings(check.context, run.value, outing.name) };
}

const planned = demoBuild('harbour-tug-as-planned');

describe('the findings of an outing', () => {
  const { check, findings, result } = rehearsed(planned, 'full-lock-reversals');
  const brownOut = findings.find((finding) => finding.rule === 'trial-brown-out')!;

  it('say what, how often, when and for how long, with the two numbers', () => {
    expect(brownOut.severity).toBe('stop');
    expect(brownOut.text).toMatch(
      /receiver browns out \d+ times, first at \d\.\d s, for \d+\.\d s, on the outing “Full-lock reversals”/i,
    );
    expect(brownOut.actual).toBeCloseTo(result.figures.railMinVolts, 5);
    expect(brownOut.limit).toBe(3.8);
    expect(brownOut.margin).toBeLessThan(0);
    expect(brownOut.provenance).toBe('estimated');
  });

  it('are one for each part and kind, however often it happened', () => {
    const kinds = result.events.map((event) => `${event.kind} ${event.subject}`);
    expect(findings).toHaveLength(new Set(kinds).size);
    expect(kinds.length).toBeGreaterThan(findings.length);
  });

  it('enter the wells', () => {
    const before = check.wells.voltage;
    const after = withFindings(check, findings).wells.voltage;
    expect(after.stop).toBe(before.stop + 1);
    expect(withFindings(check, [])).toBe(check);
  });

  it('are put right from where they stand: the offer ends the brown-outs', () => {
    const [patch] = brownOut.patches;
    const after = rehearsed(applyEdits(planned, patch!.edits), 'full-lock-reversals');
    expect(after.findings.some((finding) => finding.rule === 'trial-brown-out')).toBe(false);
  });

  it('stay accepted while they are no worse', () => {
    const accepted = applyEdits(planned, [
      {
        type: 'accept',
        acceptance: {
          finding: brownOut.id,
          reason: 'only on the bench',
          margin: brownOut.margin,
          on: '2026-01-01T00:00:00.000Z',
        },
      },
    ]);
    const again = rehearsed(accepted, 'full-lock-reversals').findings;
    expect(again.find((finding) => finding.id === brownOut.id)).toMatchObject({
      accepted: true,
      reason: 'only on the bench',
    });
  });

  it('of a pack that runs down offer a larger one', () => {
    const build = tub({ parts: { pack: 'pack-lipo-3s-2200-10c' } });
    const found = rehearsed(build, 'tow', { charge: 0.04 }).findings;
    const cut = found.find((finding) => finding.rule === 'trial-cut-off')!;
    expect(cut.text).toContain('cuts its motor off');
    expect(cut.unit).toBe('V');
    expect(cut.patches[0]!.label).toMatch(/4000 mAh/);
  });
});

describe('an instant in the wiring', () => {
  const { check, result } = rehearsed(planned, 'full-lock-reversals');
  const slice = ({ seconds, slices }: TrialResult, at: number) => Math.floor((at / seconds) * slices);
  const at = (seconds: number) =>
    wiringInstant(check.context.survey, instantAt(result.snapshots, slice(result, seconds)));

  it('has amps that add up at the receiver, there and back', () => {
    const { amps } = instantAt(result.snapshots, slice(result, 1.5));
    const into = (end: 'plus' | 'minus') =>
      planned.leads
        .filter((lead) => [lead.from.fitting, lead.to.fitting].includes('receiver'))
        .reduce((sum, lead) => {
          const here = amps.get(`${lead.id}.${end}`) ?? 0;
          return sum + (lead.to.fitting === 'receiver' && lead.from.fitting !== 'receiver' ? here : -here);
        }, 0);
    const receiver = planned.parts.find((part) => part.kind === 'receiver')!;
    const own = receiver.kind === 'receiver' ? (receiver.amps?.value ?? 0.08) : 0;
    expect(Math.abs(Math.abs(into('plus')) - own)).toBeLessThan(0.03);
  });

  it('tells parts below what they need, and only those', () => {
    const [calm, low] = [at(1), at(result.figures.railMinAt)];
    expect(calm.volts.get('receiver')!.isLow).toBe(false);
    expect(low.volts.get('receiver')).toMatchObject({ isLow: true });
    expect(low.volts.get('tow-pack')!.isLow).toBe(false);
    expect(calm.volts.get('port-controller')!.words).toMatch(/^1\d\.\d\d V, BEC [56]\.\d\d V$/);
  });

  it('has amps in every lead that carries power', () => {
    const { amps } = at(1.5);
    expect(amps.get('tow-pack-out--harness-in')).toBeGreaterThan(5);
    for (const value of amps.values()) expect(Number.isFinite(value)).toBe(true);
  });
});
