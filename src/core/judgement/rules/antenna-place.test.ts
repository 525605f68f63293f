import { berthed } from '../../../../tests/kit/berthed';
import { testRule } from '../../../../tests/kit/test-rule';
import { antennaPlace } from './antenna-place';

testRule(antennaPlace, {
  valid: [
    { name: 'a mast over the receiver', build: berthed() },
    { name: 'metal far off', build: berthed({ inside: { obstacles: [metal(0.6)] } }) },
  ],
  invalid: [
    {
      name: 'an end 19 mm over the controller',
      build: berthed({ inside: { mast: { x: 0.38, y: 0, z: 0.09 } } }),
      findings: [
        { messageId: 'nearPower', actual: 19, limit: 50, says: 'the controller', putRight: ['mast:'] },
      ],
    },
    {
      name: 'an end 30 mm from a mast of carbon',
      build: berthed({ inside: { obstacles: [metal(0.45)] } }),
      findings: [{ messageId: 'nearPower', actual: 30, limit: 50, says: 'the mast step' }],
    },
    {
      // 6 kg over 1000 kg/m³ × 0.55 × 0.8 m × 0.24 m.
      name: 'an end under the waterline',
      build: berthed({ inside: { mast: { x: 0.42, y: 0.07, z: 0.06 } } }),
      findings: [{ messageId: 'underWater', actual: 29, limit: 56.8, putRight: ['mast:'] }],
    },
    {
      name: 'a mast too high for the antenna',
      build: berthed({ inside: { mast: { x: 0.42, y: 0.07, z: 0.35 } } }),
      findings: [{ messageId: 'outOfReach', actual: 317, limit: 200, putRight: ['mast:'] }],
    },
  ],
});

function metal(x: number) {
  return {
    id: 'step',
    name: 'mast step',
    x,
    y: 0.06,
    z: 0,
    long: 0.02,
    wide: 0.02,
    high: 0.15,
    isSwept: false,
    isMetal: true,
  };
}
