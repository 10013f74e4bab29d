import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Outlet, useMatch, useParams } from 'react-router';
import { ProblemError } from '../api/client';
import { HouseContext } from '../api/home';
import { houseQuery, meQuery } from '../api/queries';
import { failed } from '../lib/failed';
import { useKeys } from '../lib/useKeys';
import { fetchAhead } from '../pages';
import { ErrorLedge, LoadingLedges } from '../ui/States';
import { PageGuard } from './PageError';
import { SignInFirst } from './SignInFirst';
import { StationShelf } from './StationShelf';
import { Stile } from './Stile';
import { useActs } from './useActs';
import { usePlaceKeys } from './usePlaceKeys';
import { NotSent } from './waiting/NotSent';
import { WaitingActs } from './waiting/WaitingActs';

// What opens over a page comes when it is asked for, or ahead of it while nothing else is to do.
const KeyMap = lazy(async () => ({ default: (await import('./KeyMap')).KeyMap }));
const DoneSheet = lazy(async () => ({ default: (await import('./DoneSheet')).DoneSheet }));
const Finder = lazy(async () => ({ default: (await import('./Finder')).Finder }));

/** The joinery round every page: the stile with its drawers on the left, the station shelf on top. */
export function Frame() {
  const { home = '' } = useParams();
  const me = useQuery(meQuery());
  const house = useQuery({ ...houseQuery(home), enabled: me.isSuccess });
  const openSwap = useMatch('/homes/:home/swaps/:swap/*');
  const [shown, setShown] = useState<'keys' | 'finder' | 'done' | null>(null);
  useKeys({ '?': () => setShown('keys'), '/': () => setShown('finder'), j: () => setShown('done') });
  usePlaceKeys(house.data, openSwap?.params.swap ?? house.data?.swaps.find((swap) => swap.closedAt === null)?.id);
  useEffect(() => {
    document.title = house.data ? `${house.data.home.name} · Bright Cupboard` : 'Bright Cupboard';
  }, [house.data]);

  if (me.error instanceof ProblemError && me.error.problem.status === 401) return <SignInFirst />;
  const error = failed(me, house);
  if (error) return <ErrorLedge error={error} onRetry={() => void (me.error ? me.refetch() : house.refetch())} />;
  if (!me.data || !house.data) return <LoadingLedges />;

  return (
    <HouseContext value={house.data}>
      <WaitingActs key={home + me.data.id} home={home} person={me.data.id}>
        <Acts home={home} />
        <a href="#page" className="absolute -top-20 left-24 z-50 bg-card p-2 focus:top-2">
          Skip to the page
        </a>
        <Stile me={me.data} onWhatWasDone={() => setShown('done')} />
        <div className="min-h-screen md:pl-[88px] print:pl-0">
          <StationShelf isOpen={openSwap !== null} onFind={() => setShown('finder')} />
          <main id="page" tabIndex={-1} className="outline-none">
            <NotSent />
            <PageGuard>
              <Suspense fallback={<LoadingLedges />}>
                <Outlet />
              </Suspense>
            </PageGuard>
          </main>
        </div>
        <Suspense fallback={null}>
          {shown === 'keys' && <KeyMap isOpen onClose={() => setShown(null)} />}
          {shown === 'done' && <DoneSheet isOpen onClose={() => setShown(null)} />}
          {shown === 'finder' && <Finder isOpen onClose={() => setShown(null)} />}
        </Suspense>
      </WaitingActs>
    </HouseContext>
  );
}

/** What goes on behind an open home: acts are heard, and the stations that were not opened yet are fetched. */
function Acts({ home }: { home: string }) {
  useActs(home);
  useEffect(() => {
    void fetchAhead();
  }, []);
  return null;
}
