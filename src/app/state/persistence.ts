/** Whether this browser may clear what is stored when it runs short of room. */
export async function mayBeCleared(): Promise<boolean> {
  return !((await navigator.storage?.persisted?.()) ?? false);
}

/** Asks the browser not to clear what is stored when it runs short of room; some ask the person in turn. */
export async function askToKeep(): Promise<void> {
  if (await mayBeCleared()) await navigator.storage?.persist?.();
}
