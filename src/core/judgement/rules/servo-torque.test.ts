import { testRule } from '../../../../tests/kit/test-rule';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import type { Linkage } from '../../model/fitting/linkage';
import type { Brief } from '../../model/plan/brief';
import type { Build } from '../../model/plan/build';
import { servoTorque } from './servo-torque';

const crawler = soundBuilds['crawler with a fuse and a hand switch']!;
const small = soundBuilds['small crawler, pack with a small plug']!;
const of = (build: Build, brief: Partial<Brief>): Build => ({
  ...build,
  brief: { ...build.brief, ...brief },
});

const linked = (build: Build, servo: string, linkage: Linkage): Build => ({
  ...build,
  fittings: build.fittings.map((each) => (each.id === servo ? { ...each, linkage } : each)),
});

testRule(servoTorque, {
  valid: [
    { name: 'a rudder of usual size', build: tub() },
    { name: 'a strong servo on a light crawler', build: of(crawler, { kilograms: 2 }) },
    { name: 'a small crawler that weighs what it looks like', build: of(small, { kilograms: 0.2 }) },
    {
      name: 'wheels on carpet, which does not wedge them',
      build: of(crawler, { kilograms: 2.6, surface: 'dirt' }),
    },
    {
      name: 'a sheet without torque, which is asked for',
      build: tub({
        sheets: {
          'servo-micro-60': (part) =>
            part.kind === 'servo'
              ? { ...part, sheet: part.sheet.map(({ stallNewtonMetres: _, ...rest }) => rest) }
              : withoutFigure('maxVolts')(part),
        },
      }),
      missing: ['torque of the rudder'],
    },
  ],
  invalid: [
    {
      // 1.1 · 12.3 N · √((42.6 mm)²/8 + (21.3 mm)²) = 3.6 kg·cm
      name: 'a micro servo on a crawler of two and a half kilograms',
      build: of(small, { kilograms: 2.5 }),
      findings: [
        {
          messageId: 'tooWeak',
          actual: 1.56,
          limit: 3.59,
          within: 0.02,
          says: 'cannot turn the wheels at rest',
        },
      ],
    },
    {
      // ½ · 1000 · 0.003 · 3.6² · 1.1 · 0.4 · 0.8 · √0.003, in kg·cm
      name: 'a large rudder on a micro servo, its area told',
      build: of(tub(), { rudderArea: 0.0022 }),
      findings: [{ messageId: 'weak', actual: 1.85, limit: 2.4, within: 0.2, says: 'race of the screw' }],
    },
    {
      name: 'the same by a rod that is far out on its horn',
      build: linked(of(tub(), { rudderArea: 0.0022 }), 'rudder', {
        hornRadius: 0.016,
        armRadius: 0.015,
        along: 0.15,
        across: 0,
        hornDegrees: 90,
        armDegrees: 90,
        stopDegrees: 25,
      }),
      findings: [
        { messageId: 'weak', actual: 1.6, limit: 2.4, within: 0.3, putRight: ['inner-hole:rudder'] },
      ],
    },
    {
      name: 'a crawler whose servo turns its wheels, but not between stones',
      build: of(crawler, { kilograms: 3.4 }),
      findings: [{ messageId: 'wedged', actual: 12.86, limit: 19.5, within: 0.2, says: 'wedged' }],
    },
  ],
});
