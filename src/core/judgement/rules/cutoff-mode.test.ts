import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { cutoffMode } from './cutoff-mode';

const nickel = { 'pack-lipo-3s-4000-20c': (part: object) => ({ ...part, chemistry: 'NiMH' }) as never };

testRule(cutoffMode, {
  valid: [
    { name: 'set for LiPo, with a LiPo', build: tub() },
    { name: 'off, with a NiMH pack', build: tub({ settings: { esc: { cutoff: 'off' } }, sheets: nickel }) },
    {
      name: 'not set yet',
      build: tub({ settings: { esc: { cutoff: undefined } } }),
      missing: ['what the cut-off of the controller is set to'],
    },
  ],
  invalid: [
    {
      name: 'a controller for NiMH alone, not set yet, with a LiPo',
      build: tub({
        settings: { esc: { cutoff: undefined } },
        sheets: {
          'controller-brushed-30-switching': (part: object) => ({ ...part, cutoffModes: ['NiMH'] }) as never,
        },
      }),
      findings: [{ messageId: 'cannotCut', actual: 1, limit: 3.3, subjects: ['esc', 'pack'], putRight: [] }],
    },
    {
      name: 'set for NiMH, with a LiPo',
      build: tub({ settings: { esc: { cutoff: 'NiMH' } } }),
      findings: [
        {
          messageId: 'cutsTooLate',
          actual: 1,
          limit: 3.3,
          subjects: ['esc', 'pack'],
          putRight: ['set-cutoff:esc:LiPo'],
        },
      ],
    },
    {
      name: 'set for LiPo, with a NiMH pack',
      build: tub({ sheets: nickel }),
      findings: [{ messageId: 'cutsTooEarly', actual: 3.3, limit: 1, putRight: ['set-cutoff:esc:NiMH'] }],
    },
    {
      name: 'off, with a LiPo',
      build: tub({ settings: { esc: { cutoff: 'off' } } }),
      findings: [{ messageId: 'neverCuts', actual: 0, limit: 3.3, putRight: ['set-cutoff:esc:LiPo'] }],
    },
  ],
});
