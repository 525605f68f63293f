import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { SettingName } from '../../reading/radio/asked-settings';
import { channelSettingsRule } from './channel-settings';

const sets = (...settings: SettingName[]) => ({
  'transmitter-10': (part: PartSpec) => ({ ...part, settings }) as PartSpec,
});
const softSteering = { functions: { steer: { shape: { expo: 30 } } } };
const narrow = (build: Build): Build => ({ ...build, channels: [{ channel: 1, lowEnd: 80, highEnd: 90 }] });

testRule(channelSettingsRule, {
  valid: [
    { name: 'nothing is set', build: tub({ sheets: sets('reverse') }) },
    { name: 'what it can set', build: tub({ ...softSteering, sheets: sets('exponential', 'reverse') }) },
    {
      name: 'a sheet that does not say',
      build: tub({
        ...softSteering,
        sheets: {
          'transmitter-10': (part) => ({ ...part, settings: undefined }) as unknown as PartSpec,
        },
      }),
      missing: ['what the transmitter sets on a channel'],
    },
  ],
  invalid: [
    {
      name: 'exponential and end points on a transmitter that only reverses',
      build: narrow(tub({ ...softSteering, sheets: sets('reverse') })),
      findings: [
        {
          messageId: 'cannotBeSet',
          actual: 2,
          limit: 0,
          subjects: ['tx'],
          says: 'end points and exponential',
          putRight: ['swap:tx'],
        },
      ],
    },
  ],
});
