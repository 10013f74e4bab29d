import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Navigate } from 'react-router';
import { ProblemError } from '../../api/client';
import { houseQuery, meQuery } from '../../api/queries';
import { SignInFirst } from '../../frame/SignInFirst';
import { startOf } from '../../frame/startOf';
import { failed } from '../../lib/failed';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';

const NewHomeDialog = lazy(async () => ({ default: (await import('../../frame/NewHomeDialog')).NewHomeDialog }));

/** Goes where the work is: the table of the running swap, or the house of a home that has none. */
export function FirstPage() {
  const me = useQuery(meQuery());
  const first = me.data?.homes[0];
  const house = useQuery({ ...houseQuery(first?.id ?? ''), enabled: first !== undefined });
  const [isAdding, setAdding] = useState(false);
  if (me.error instanceof ProblemError && me.error.problem.status === 401) return <SignInFirst />;
  const error = failed(me, house);
  if (error) return <ErrorLedge error={error} onRetry={() => void (me.error ? me.refetch() : house.refetch())} />;
  if (me.data && !first) {
    return (
      <EmptyLedge>
        <p>No home yet. Open one, then enter a room and count one cupboard.</p>
        <button type="button" className="btn btn-main mt-3" onClick={() => setAdding(true)}>
          Open a home
        </button>
        <Suspense fallback={null}>{isAdding && <NewHomeDialog isOpen onClose={() => setAdding(false)} />}</Suspense>
      </EmptyLedge>
    );
  }
  if (!first || !house.data) return <LoadingLedges />;
  return <Navigate to={startOf(house.data)} replace />;
}
