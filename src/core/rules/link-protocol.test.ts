import { testRule } from '../../../tests/kit/test-rule';
import { tub } from '../../../tests/kit/tub';
import { linkProtocol } from './link-protocol';

testRule(linkProtocol, {
  valid: [
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
      name: 'never set: the first of its links counts',
      build: tub({ settings: { tx: { protocol: undefined } } }),
      findings: [{ messageId: 'setToOtherLink', actual: 0, limit: 1, says: 'holm link' }],
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
