import { registerSW } from 'virtual:pwa-register';
import { create } from 'zustand';
import { refuse } from './refusal-store';

/** Whether a newer version of the application waits, and how it is taken: the page loads anew, with all of it. */
export const useUpdate = create<{ take: (() => void) | undefined }>()(() => ({ take: undefined }));

/** Keeps the application for use without a server, and tells when a newer version waits. */
export function keepOffline(): void {
  const update = registerSW({
    onNeedRefresh: () =>
      useUpdate.setState({
        take: () => {
          update(true).catch((error: unknown) => refuse('The new version could not be taken', String(error)));
        },
      }),
    // Without it everything works as long as the server does; where a browser forbids it there is nothing to do.
    onRegisterError: () => undefined,
  });
}
