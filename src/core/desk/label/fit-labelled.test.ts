import { describe, expect, it } from 'vitest';
import { askedFacts } from '../../judgement/check/asked-facts';
import { typed } from '../../../../tests/kit/typed';
import { checkBuild } from '../../judgement/check/check-build';
import type { ModelKind } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { starterLocker } from '../../model/starter/starter-locker';
import { partFromLabel } from './label-part';
import { readLines } from './read-lines';

const radio = '\nreceiver 8ch 3.5-8.4V\n8ch transmitter';
const models: [string, ModelKind, string][] = [
  [
    'buggy',
    'car',
    '540 brushed 21T\n60A brushed ESC 2-3S BEC 6V 3A\n9kg servo 4.8-7.4V 0.14s/60\n2S 5000mAh 50C 7.4V',
  ],
  [
    'brushless car',
    'car',
    '3650 3300KV brushless\n60A brushless ESC 2-3S BEC 6V 3A\n9kg servo 4.8-7.4V\n2S LiPo 4000mAh 40C',
  ],
  [
    'crawler',
    'crawler',
    '540 35T motor\n60A brushed ESC 2-3S BEC 6V 3A\n15kg servo 6-7.4V\n3S 2200mAh 30C LiPo',
  ],
  [
    'launch',
    'boat',
    '550 motor 7.2V\n30A brushed ESC 2-3S BEC 5V 2A\nstandard servo 3.5kg 4.8-6V\n7.2V NiMH 3000mAh',
  ],
  ['yacht', 'yacht', 'sail winch servo 12kg 6V\nmicro servo 9g 1.8kg 4.8-6V\n6V NiMH 5 cells 2000mAh'],
  ['truck', 'truck', '540 45T motor\n40A brushed ESC 2S BEC 6V 2A\n10kg servo 4.8-7.4V\n7.2V NiMH 4500mAh'],
  [
    'excavator',
    'tracked machine',
    '2 x 30A brushed ESC 2-3S BEC 5V 2A\n2 x 20A brushed ESC 2-3S\n4 x 380 motor 7.2V\n2S 5000mAh 7.4V LiPo 30C',
  ],
];

describe('volts printed on a load', () => {
  it('are about what it is made for: dark on a low rail, and not burned by a full pack', () => {
    const volts = (line: string) => {
      const [row] = readLines(line);
      const { part } = partFromLabel(row!.reading!, line, 'typed');
      return part.kind === 'load' && [part.minVolts?.value, part.maxVolts?.value, part.maxVolts?.provenance];
    };
    expect(volts('LED bar 12V 3W')).toEqual([9, 13.8, 'estimated']);
    expect(volts('sound board 5V')).toEqual([4.5, 5.25, 'estimated']);
    expect(volts('lamp 6-12V')).toEqual([6, 12, 'stated']);
  });

  it('are told of where the rail gives less', () => {
    const { wired } = typed(
      'truck',
      `540 45T motor\n40A brushed ESC 2S BEC 6V 2A\n7.2V NiMH 4500mAh\nLED bar 12V 3W${radio}`,
    );
    const texts = checkBuild(wired, starterLocker).findings.map(({ text }) => text);
    expect(texts).toContainEqual(expect.stringMatching(/lights gets? too few volts/));
  });
});

describe('a model typed from labels', () => {
  it.each(models)(
    'a %s has a part for each function, and a proposal that stops nothing',
    (_, model, lines) => {
      const { build, wired } = typed(model, lines + radio);
      expect(build.functions.length).toBeGreaterThan(0);
      for (const { name, devices } of build.functions) expect(devices.length, name).toBe(1);
      const { findings, unknowns, context } = checkBuild(wired, starterLocker);
      expect(findings.filter(({ severity }) => severity === 'stop').map(({ text }) => text)).toEqual([]);

      // Volts and amps are judged by what is usual; what is asked of them besides is a setting, or a gauge.
      const ofSheets = unknowns.filter(
        ({ well, asked }) => ['voltage', 'current'].includes(well) && (asked ?? 'sheet') === 'sheet',
      );
      expect(ofSheets).toEqual([]);
      // What no guess stands in for is answered by taps.
      const asked = askedFacts(context.index, unknowns).map(({ gap }) => gap);
      for (const { missing, answers } of asked)
        expect(answers?.length ?? 0, missing).toBeGreaterThan(
          /^(protection|what the cut-off)/.test(missing) ? -1 : 0,
        );
      const told = applyEdits(
        wired,
        asked.flatMap(({ answers }) => answers?.[0]?.edits ?? []),
      );
      const after = checkBuild(told, starterLocker);
      expect(after.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
      expect(after.wells.connection.state).toBe('dry');
    },
  );

  it('counts a line that says how many, with one sheet for them all', () => {
    const { build } = typed('tracked machine', '2 x 30A brushed ESC 2-3S BEC 5V 2A');
    expect(build.functions.map(({ name }) => name)).toEqual(['Left track', 'Right track']);
    expect(build.parts).toHaveLength(1);
    expect(readLines('36x60 2400KV inrunner')[0]).toMatchObject({ count: 1 });
    expect(readLines('4 x AA cells')[0]).toMatchObject({ count: 1, reading: { kind: 'pack' } });
  });

  it('asks for what no sheet can be without, and guesses none of it', () => {
    const problems = readLines(
      '5000mAh 50C pack\nreceiver 2.4GHz\ntransmitter\n60A ESC 2-3S\n60A ESC 2-3S 12T limit',
    );
    expect(problems.map(({ problem }) => problem !== undefined)).toEqual([true, true, true, true, false]);
    expect(problems[0]!.problem).toContain('add “2S”');
    // An ESC in the same list as its motor is for that kind of motor.
    const [beside] = readLines('60A 2-3S ESC, BEC 6V/3A\n540 21T');
    expect(beside!.reading!.figures).toContainEqual({
      name: 'motorKind',
      value: 'brushed',
      from: '540 21T',
      isDerived: true,
    });
    expect(readLines('60A ESC 2-3S\n540 21T\n3650 3300KV brushless')[0]!.problem).toContain('brushed');
  });

  it('is told by its link in one answer, where a set came together', () => {
    const { wired } = typed('car', `540 21T motor\n60A brushed ESC 2-3S BEC 6V 3A${radio}`);
    const { unknowns } = checkBuild(wired, starterLocker);
    const [asked] = unknowns.filter(({ missing }) => missing.startsWith('the links'));
    const [answer] = asked!.answers!;
    const left = checkBuild(applyEdits(wired, answer!.edits), starterLocker).unknowns;
    expect(left.filter(({ missing }) => /link/.test(missing))).toEqual([]);
  });
});
