import { Dexie } from 'dexie';
import { describe, expect, it } from 'vitest';
import { storageTrouble } from './storage-trouble';

const named = (name: string, inner?: object) => Object.assign(new Error(`raw ${name}`), { name, inner });

describe('why the store failed', () => {
  it.each([
    [new DOMException('x', 'QuotaExceededError'), 'no room left'],
    [new Dexie.DatabaseClosedError(), 'the store was shut'],
    [named('AbortError', named('QuotaExceededError')), 'no room left'],
    [named('VersionError'), 'newer version'],
    [named('InvalidStateError'), 'private windows'],
    [new DOMException('x', 'UnknownError'), 'the disk'],
    [new Error('odd thing'), 'odd thing'],
    [undefined, 'did not say why'],
  ])('%s is told as such', (error, expected) => {
    expect(storageTrouble(error)).toContain(expected);
  });
});
