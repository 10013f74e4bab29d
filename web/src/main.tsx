import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { OfflineError, ProblemError } from './api/client';
import { NoticeBoard } from './lib/notices';
import { keepOnDevice } from './lib/withoutASignal';
import { router } from './router';
import './theme.css';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      networkMode: 'always',
      retry: (count, error) => !(error instanceof ProblemError) && !(error instanceof OfflineError) && count < 2,
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
          <RouterProvider router={router} />
        </NoticeBoard>
      </QueryClientProvider>
    </StrictMode>,
  );
}
keepOnDevice();
