import { create } from 'zustand';
import { storageTrouble } from '../../storage/storage-trouble';

/** Something that was asked for and could not be done. */
interface Told {
  title: string;
  why: string;
  /** Something happened that is to be read; nothing was refused. */
  isNews?: boolean;
}

interface RefusalState {
  refusal: Told | undefined;
  close: () => void;
}

/** What could not be done, until the person has read it. Every failure in the interface ends here, never in silence. */
export const useRefusal = create<RefusalState>()((set) => ({
  refusal: undefined,
  close: () => set({ refusal: undefined }),
}));

/** Tells the person that something could not be done, and why. */
export const refuse = (title: string, why: string): void => useRefusal.setState({ refusal: { title, why } });

/** Tells the person of something that happened to the build. */
export const tell = (title: string, why: string): void =>
  useRefusal.setState({ refusal: { title, why, isNews: true } });

/** Tells of failures that nobody waited for. Returns a function that stops it. */
export function tellOfFailures(): () => void {
  const words = (reason: unknown) => (reason instanceof Error ? storageTrouble(reason) : String(reason));
  const onRejection = ({ reason }: PromiseRejectionEvent) => refuse('That could not be done', words(reason));
  // Screens that cannot be drawn are caught by their own boundary; this is for what happens between.
  const onError = ({ error, message }: ErrorEvent) => {
    if (!message.includes('ResizeObserver')) refuse('That could not be done', words(error ?? message));
  };
  window.addEventListener('unhandledrejection', onRejection);
  window.addEventListener('error', onError);
  return () => {
    window.removeEventListener('unhandledrejection', onRejection);
    window.removeEventListener('error', onError);
  };
}
