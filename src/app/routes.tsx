import { createBrowserRouter, redirect } from 'react-router';
import { CouldNotOpen } from './shell/CouldNotOpen';
import { Opening } from './shell/Opening';
import { Shell } from './shell/Shell';
import { useBuildStore } from './state/build-store';
import { openAtStart } from './state/open-build';

export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    HydrateFallback: Opening,
    ErrorBoundary: CouldNotOpen,
    loader: async () => {
      if (!useBuildStore.getState().build) await openAtStart();
      return null;
    },
    shouldRevalidate: () => false,
    children: [
      { index: true, loader: () => redirect('/loom') },
      { path: 'brief', lazy: () => import('./brief/BriefStation') },
      { path: 'locker', lazy: () => import('./locker/LockerStation') },
      { path: 'sheet', lazy: () => import('./sheet/SheetScreen') },
      { path: 'builds', lazy: () => import('./builds/BuildsScreen') },
      { path: 'loom', lazy: () => import('./loom/LoomStation') },
      { path: 'trial', lazy: () => import('./trial/TrialStation') },
      { path: 'fit-out', lazy: () => import('./fitout/FitOutStation') },
      { path: '*', loader: () => redirect('/loom') },
    ],
  },
]);
