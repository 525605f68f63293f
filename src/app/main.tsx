import 'reflect-metadata/lite';
import '@fontsource-variable/archivo/wdth.css';
import '@fontsource-variable/jetbrains-mono/wght.css';
import './theme/base.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { router } from './routes';
import { keepHistory } from './state/history-keeping';
import { followLocker } from './state/locker-store';
import { tellOfFailures } from './state/refusal-store';
import { saveEachChange } from './state/saving';
import { showEachChange } from './state/shown-build';
import { keepOffline } from './state/updates';
import { BenchProvider } from './theme/BenchProvider';

saveEachChange();
showEachChange();
followLocker();
keepHistory();
tellOfFailures();
keepOffline();

// Everything is local: nothing goes stale by itself, and a failure will not mend by asking again.
const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity, retry: false } } });

const root = document.getElementById('root');
if (!root) throw new Error('the page has no root element');
createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BenchProvider>
        <RouterProvider router={router} />
      </BenchProvider>
    </QueryClientProvider>
  </StrictMode>,
);
