import { describe, expect, it } from 'vitest';
import { fileNameOf } from './file-name';

describe('the file name of a build', () => {
  it.each([
    ['Harbour tug, as planned', 'harbour-tug-as-planned'],
    ['../../etc/passwd', 'etc-passwd'],
    ['Über-Boot 2', 'über-boot-2'],
    ['  ', 'build'],
    ['con:|<>*?"', 'con'],
  ])('%s becomes %s', (name, file) => {
    expect(fileNameOf(name)).toBe(file);
  });
});
