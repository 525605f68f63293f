import { createBrowserRouter, redirect } from 'react-router';
import { CouldNotOpen } from './shell/CouldNotOpen';
import { Opening } from './shell/Opening';
import { ScreenFault } from './shell/ScreenFault';
import { useBuildStore } from './state/build-store';
import { openAtStart } from './state/open-build';

/** A screen of its own; a fault in it leaves the frame and the others. */
const station = (path: string, lazy: () => Promise<{ Component: React.ComponentType }>) => ({
  path,
  lazy,
  ErrorBoundary: ScreenFault,
});

export const router = createBrowserRouter([
  {
    path: '/',
    // The frame loads while the build is read: neither waits for the other.
    lazy: async () => ({ Component: (await import('./shell/Shell')).Shell }),
    HydrateFallback: Opening,
    ErrorBoundary: CouldNotOpen,
    loader: async () => {
      const isOther = !useBuildStore.getState().build && (await openAtStart());
      return isOther ? redirect('/builds') : null;
    },
    shouldRevalidate: () => false,
    children: [
      { index: true, loader: () => redirect('/loom') },
      station('brief', () => import('./brief/BriefStation')),
      station('locker', () => import('./locker/LockerStation')),
      station('sheet', () => import('./sheet/SheetScreen')),
      station('builds', () => import('./builds/BuildsScreen')),
      station('loom', () => import('./loom/LoomStation')),
      station('berths', () => import('./berths/BerthsStation')),
      station('trial', () => import('./trial/TrialStation')),
      station('fit-out', () => import('./fitout/FitOutStation')),
      station('log', () => import('./log/LogStation')),
      { path: '*', loader: () => redirect('/loom') },
    ],
  },
]);
