import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { Protection } from '../../model/parts/part-base';
import { waterExposure } from './water-exposure';

const all = (protection: Protection, receiver: Protection = protection) => ({
  'servo-micro-60': (part: object) => ({ ...part, protection }) as never,
  'controller-brushed-30-switching': (part: object) => ({ ...part, protection }) as never,
  'receiver-8-skerry': (part: object) => ({ ...part, protection: receiver }) as never,
});

testRule(waterExposure, {
  valid: [
    { name: 'a dry model', build: tub() },
    {
      name: 'a bare receiver in its sealed box',
      build: tub({ brief: { exposure: 'splash' }, sheets: all('coated', 'open') }),
    },
    { name: 'splash on coated parts', build: tub({ brief: { exposure: 'splash' }, sheets: all('coated') }) },
    {
      name: 'splash, and sheets that do not say',
      build: tub({
        brief: { exposure: 'splash' },
        sheets: {
          ...all('coated'),
          'servo-micro-60': (part) => ({ ...part, protection: undefined }),
        },
      }),
      missing: ['protection of the rudder'],
    },
    {
      name: 'dust, and a sheet that does not say',
      build: tub({
        brief: { exposure: 'dust' },
        sheets: { 'servo-micro-60': (part) => ({ ...part, protection: undefined }) },
      }),
    },
  ],
  invalid: [
    {
      name: 'a bare receiver in dust, which is told and no more',
      build: tub({
        brief: { exposure: 'dust' },
        sheets: all('coated', 'open'),
        policies: { receiverCare: 'coated' },
      }),
      findings: [{ messageId: 'openToDust', actual: 0, limit: 1, subjects: ['rx'] }],
    },
    {
      name: 'a bare receiver in splash, without a box',
      build: tub({
        brief: { exposure: 'splash' },
        sheets: all('coated', 'open'),
        policies: { receiverCare: 'coated' },
      }),
      findings: [
        { messageId: 'tooOpen', actual: 0, limit: 1, subjects: ['rx'], says: 'The receiver stands open' },
      ],
    },
    {
      name: 'coated parts under water',
      build: tub({ brief: { exposure: 'wet' }, sheets: all('coated') }),
      findings: [{ messageId: 'tooOpen', actual: 1, limit: 2, subjects: ['esc', 'rudder'] }],
    },
  ],
});
