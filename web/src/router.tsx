import { lazy, Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { useHouse } from './api/home';
import { Frame } from './frame/Frame';
import { PageError, PageGuard } from './frame/PageError';
import { startOf } from './frame/startOf';
import { partOf } from './pageParts';
import { type Page, pages } from './pages';
import { LoadingLedges } from './ui/States';

const SignInPage = lazy(async () => ({ default: (await import('./features/signin')).SignInPage }));
const FirstPage = lazy(async () => ({ default: (await import('./features/swaps/FirstPage')).FirstPage }));

function Part({ page }: { page: Page }) {
  const Shown = partOf(page);
  return <Shown />;
}

/** An address cut short leads to where the work of that home is. */
function Start() {
  return <Navigate to={startOf(useHouse())} replace />;
}

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
              {Object.entries(pages).map(([path, page]) => (
                <Route key={path} path={path} element={<Part page={page} />} />
              ))}
              <Route index element={<Start />} />
              <Route path="*" element={<PageError isMissing />} />
            </Route>
            <Route path="*" element={<PageError isMissing />} />
          </Routes>
        </Suspense>
      </PageGuard>
    </BrowserRouter>
  );
}
