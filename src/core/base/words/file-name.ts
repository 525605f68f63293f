/** A name as part of a file's name: letters and digits of any script, everything else a hyphen. */
export const fileNameOf = (name: string): string =>
  name
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase()
    .slice(0, 60) || 'build';
