import { describe, expect, it } from 'vitest';
import { typed } from '../../../../tests/kit/typed';
import { checkBuild, previewPatch } from '../../judgement/check/check-build';
import { stopsLikely } from '../../judgement/findings/finding';
import type { ModelKind } from '../../model/plan/build';
import { starterLocker } from '../../model/starter/starter-locker';

/** Parts as their owners name them that do not go together, with the message that says so and a put-right for it. */
const mismatched: [string, ModelKind, string, string, RegExp][] = [
  [
    'a pack of four cells for a car that stands three',
    'car',
    '540 brushed 21T\n60A brushed ESC 2-3S BEC 6V 3A\n20kg servo 6-7.4V\n4S 5000mAh 50C\n3ch receiver\n3ch wheel radio',
    'tooManyCells',
    /^Swap the pack for: LiPo, [23] cells/,
  ],
  [
    'a can for 12 V on four cells',
    'boat',
    '600 brushed 12V\n30A brushed ESC 2-3S BEC 5V 2A\n4S 4000mAh\nstandard servo\n4ch receiver\n4ch stick radio',
    'tooManyVolts',
    /^Swap the pack for: LiPo, 3 cells/,
  ],
  [
    'nine turns on a controller of 25 A',
    'car',
    '540 brushed 9T\n25A brushed ESC 2-3S BEC 6V 2A\n9kg servo\n2S 2200mAh 10C\n3ch receiver\n3ch wheel radio',
    'overloaded',
    /^Swap the motor for: brushed motor, \d+ turns/,
  ],
  [
    'a winch and a servo on dry cells that may be small',
    'yacht',
    'winch servo 12kg 6-7.4V\nservo 9kg 4.8-6V\n4xAA battery box\n4ch receiver\n4ch stick radio',
    'tooFewVolts',
    /^Swap the pack for: NiMH, 5 cells/,
  ],
];

describe('parts that do not go together, typed from their labels', () => {
  it.each(mismatched)('%s: is told, with a put-right that ends it', (_, kind, lines, message, cure) => {
    const { wired } = typed(kind, lines);
    const before = checkBuild(wired, starterLocker);
    const finding = before.findings.find(({ messageId }) => messageId === message);
    const patch = finding?.patches.find(({ label }) => cure.test(label));
    expect(patch, finding?.patches.map(({ label }) => label).join('; ')).toBeDefined();
    const { gone, eased, come } = previewPatch(wired, before, patch!, starterLocker);
    expect([...gone, ...eased].map(({ id }) => id)).toContain(finding!.id);
    expect(come.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  it('a lamp for 12 V on the receiver keeps nobody from giving the rail a stronger BEC', () => {
    const { wired } = typed(
      'tracked machine',
      '4 x 370 motor 9.6V\n4 x 10A brushed ESC 2S BEC 5V 1A\n3 x 20kg servo\n2S 3000mAh\n9ch receiver\n9ch stick radio\nLED bar 12V',
    );
    const { findings, context } = checkBuild(wired, starterLocker);
    expect(findings.filter(stopsLikely).map(({ text }) => text)).toEqual([]);
    expect(context.survey.rails.flatMap(({ sources }) => sources).map(({ fitted }) => fitted.kind)).toContain(
      'bec',
    );
    // The lamp itself stays told.
    expect(findings.some(({ text }) => /light.* too few volts/i.test(text))).toBe(true);
  });
});
