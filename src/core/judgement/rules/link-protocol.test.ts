import { testRule } from '../../../../tests/kit/test-rule';
import { tub } from '../../../../tests/kit/tub';
import { linkProtocol } from './link-protocol';

testRule(linkProtocol, {
  valid: [
    {
      name: 'two links, one of which the receiver speaks, and nobody has set it',
      build: tub({ settings: { tx: { protocol: undefined } } }),
      missing: ['which link the transmitter is set to'],
    },
    { name: 'set to the link the receiver speaks', build: tub() },
    {
      name: 'a receiver that speaks both',
      build: tub({ parts: { rx: 'receiver-10-both' }, settings: { tx: { protocol: 'holm link' } } }),
    },
  ],
  invalid: [
    {
      name: 'set to the other link',
      build: tub({ settings: { tx: { protocol: 'holm link' } } }),
      findings: [
        {
          messageId: 'setToOtherLink',
          actual: 0,
          limit: 1,
          subjects: ['tx', 'rx'],
          putRight: ['set-link:tx:skerry link'],
        },
      ],
    },
    {
      name: 'no link in common',
      build: tub({
        sheets: { 'transmitter-10': (part) => ({ ...part, protocols: ['third link'] }) as never },
      }),
      findings: [{ messageId: 'noSharedLink', actual: 0, limit: 1, subjects: ['tx', 'rx'] }],
    },
  ],
});
