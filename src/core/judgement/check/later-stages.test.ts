import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import { starterLocker } from '../../model/starter/starter-locker';
import { checkBuild } from './check-build';

/** The tub with a second function whose control is of the wrong kind and whose servo has too few volts. */
const withPan = (stage: 1 | 2): Build =>
  tub({
    extra: [{ id: 'pan', name: 'pan servo', part: 'servo-micro-52' }],
    leads: [['pan.lead', 'rx.5']],
    moreFunctions: [
      {
        id: 'pan',
        name: 'Pan',
        role: 'mechanism',
        wants: 'staying',
        control: 'right-y',
        channel: 5,
        stage,
        devices: ['pan'],
      },
    ],
  });

const told = (build: Build) =>
  checkBuild(build, starterLocker).findings.filter((finding) =>
    finding.subjects.some((subject) => subject.id === 'pan'),
  );

describe('functions of a later stage', () => {
  it('are judged in full when they are wanted now', () => {
    expect(told(withPan(1)).map((finding) => finding.severity)).toContain('mind');
  });

  it('are told as notes while they wait, and flood no well', () => {
    const now = checkBuild(tub(), starterLocker).wells;
    const later = withPan(2);
    for (const finding of told(later)) {
      if (finding.subjects.some((subject) => subject.id !== 'pan')) continue;
      expect(finding.severity).toBe('note');
      expect(finding.text).toMatch(/^For a later stage: /);
    }
    expect(told(later).length).toBeGreaterThan(0);
    expect(checkBuild(later, starterLocker).wells.control.state).toBe(now.control.state);
  });

  it('still judge a part that also works something now', () => {
    const shared = withPan(2);
    const both: Build = {
      ...shared,
      functions: shared.functions.map((modelFunction) =>
        modelFunction.id === 'steer'
          ? { ...modelFunction, devices: [...modelFunction.devices, 'pan'] }
          : modelFunction,
      ),
    };
    const volts = told(both).filter(
      (finding) => finding.well === 'voltage' && finding.subjects.every((s) => s.id === 'pan'),
    );
    expect(volts.every((finding) => !finding.text.startsWith('For a later stage'))).toBe(true);
  });
});
