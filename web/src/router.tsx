import { createBrowserRouter } from 'react-router';
import { SignInPage } from './features/signin';
import { FirstPage } from './features/swaps/FirstPage';
import { Frame } from './frame/Frame';
import { PageError } from './frame/PageError';
import { pages } from './pages';

export const router = createBrowserRouter([
  { path: '/sign-in', element: <SignInPage />, errorElement: <PageError /> },
  { path: '/', element: <FirstPage />, errorElement: <PageError /> },
  {
    path: '/homes/:home',
    element: <Frame />,
    errorElement: <PageError />,
    children: Object.entries(pages).map(([path, page]) => ({ path, lazy: async () => ({ Component: await page() }) })),
  },
]);
