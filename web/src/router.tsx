import { type ComponentType, lazy, Suspense } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Frame } from './frame/Frame';
import { PageError, PageGuard } from './frame/PageError';
import { pages } from './pages';
import { LoadingLedges } from './ui/States';

const SignInPage = lazy(async () => ({ default: (await import('./features/signin')).SignInPage }));
const FirstPage = lazy(async () => ({ default: (await import('./features/swaps/FirstPage')).FirstPage }));

// One part for each page, not for each address: from spot to spot the page stays.
const parts = new Map<() => Promise<ComponentType>, ComponentType>();
const ofHome = Object.entries(pages).map(([path, page]) => {
  const Page = parts.get(page) ?? lazy(async () => ({ default: await page() }));
  parts.set(page, Page);
  return <Route key={path} path={path} element={<Page />} />;
});

/** Which page an address shows; what was on the page stays there until the next one has come. */
export function Router() {
  return (
    <BrowserRouter>
      <PageGuard>
        <Suspense fallback={<LoadingLedges />}>
          <Routes>
            <Route path="/sign-in" element={<SignInPage />} />
            <Route path="/" element={<FirstPage />} />
            <Route path="/homes/:home" element={<Frame />}>
              {ofHome}
            </Route>
            <Route path="*" element={<PageError isMissing />} />
          </Routes>
        </Suspense>
      </PageGuard>
    </BrowserRouter>
  );
}
