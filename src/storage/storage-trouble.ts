/** What a person can be told of a store that would not take or give something. */
const words: Readonly<Record<string, string>> = {
  QuotaExceededError:
    'this browser has no room left for it. Delete builds you no longer want, or free room on the disk',
  DatabaseClosedError: 'the store was shut, as when the browser’s data are cleared. Reload the page',
  VersionError: 'a newer version of Dry Hull has been here. Reload the page to take it',
  UpgradeBlockedError: 'another window holds on to the store with an older version. Close the other windows',
  InvalidStateError: 'this window may not store anything, as private windows may not',
  SecurityError: 'this browser is set to let pages store nothing',
  MissingAPIError: 'this browser has no store for pages',
  OpenFailedError: 'the store could not be opened. Reload the page',
  TimeoutError: 'the store did not answer in time',
  UnknownError: 'the disk did not take it',
};

/** Why the browser's store failed, in words that are true for this failure. */
export function storageTrouble(error: unknown): string {
  const names = namesOf(error);
  const known = names.find((name) => Object.hasOwn(words, name));
  if (known !== undefined) return words[known]!;
  return error instanceof Error && error.message !== '' ? error.message : 'the store did not say why';
}

/** Names of an error and of those that caused it; the innermost tells most. */
function namesOf(error: unknown): string[] {
  if (typeof error !== 'object' || error === null) return [];
  const { name, inner } = error as { name?: unknown; inner?: unknown };
  return [...namesOf(inner), ...(typeof name === 'string' ? [name] : [])];
}
