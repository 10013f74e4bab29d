import { createBrowserRouter } from 'react-router';
import { Frame } from './frame/Frame';
import { PageError } from './frame/PageError';
import { pages } from './pages';

export const router = createBrowserRouter([
  { path: '/sign-in', lazy: async () => ({ Component: (await import('./features/signin')).SignInPage }), errorElement: <PageError /> },
  { path: '/', lazy: async () => ({ Component: (await import('./features/swaps/FirstPage')).FirstPage }), errorElement: <PageError /> },
  {
    path: '/homes/:home',
    element: <Frame />,
    errorElement: <PageError />,
    children: Object.entries(pages).map(([path, page]) => ({ path, lazy: async () => ({ Component: await page() }) })),
  },
]);
