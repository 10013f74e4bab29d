import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { KeptError, OfflineError, ProblemError } from './api/client';
import { NoticeBoard } from './lib/notices';
import { keepOnDevice } from './lib/withoutASignal';
import { Router } from './router';
import './theme.css';

// On a slow line what an act changed is asked for until it has come, or what was before would stay on the page.
const MOST_ASKED = 15;
const ASKED_AGAIN_MS = 2000;

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      networkMode: 'always',
      retry: (count, error) =>
        error instanceof KeptError ? count < MOST_ASKED : !(error instanceof ProblemError) && !(error instanceof OfflineError) && count < 2,
      retryDelay: (count, error) => (error instanceof KeptError ? ASKED_AGAIN_MS : 1000 * 2 ** count),
    },
    mutations: { networkMode: 'always' },
  },
});

const root = document.getElementById('root');
if (root) {
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <NoticeBoard>
          <Router />
        </NoticeBoard>
      </QueryClientProvider>
    </StrictMode>,
  );
}
keepOnDevice();
