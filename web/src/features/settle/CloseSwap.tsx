import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, ProblemError, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Settle, Swap } from '../../api/types';
import { Triangle } from '../../lib/notices';

/** Closing counts what stands as worn and makes it the start of the next swap. */
export function CloseSwap({ settle, swap }: { settle: Settle; swap: Swap }) {
  const house = useHouse();
  const close = useMutation({
    mutationFn: (leaveOpen: boolean) =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/close', { params: { path: { home: house.home.id, swap: swap.id } }, body: { leaveOpen } })),
  });
  if (settle.isClosed) {
    return (
      <section className="bg-wall p-4">
        <h2 className="panel-title">Closed</h2>
        <p className="mt-1">What stood is counted as worn. The next swap starts from here.</p>
        <Link className="btn mt-2" to={`/homes/${house.home.id}/swaps`}>
          To the seasons
        </Link>
      </section>
    );
  }
  const isRefused = close.error instanceof ProblemError && close.error.problem.status === 409;
  return (
    <section className="bg-wall p-4" aria-label="Close the swap">
      <h2 className="panel-title">Close {swap.name}</h2>
      <p className="mt-1">
        Everything that stands is counted as worn this season, and the next swap starts from it. A closed swap is kept as it was.
      </p>
      {close.error && (
        <p role="alert" className="mt-2 flex gap-2 border-2 border-ink bg-yolk-soft px-3 py-2">
          <Triangle /> <span>{close.error.message}</span>
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-main" onClick={() => close.mutate(false)} disabled={close.isPending}>
          Close the swap
        </button>
        {isRefused && (
          <button type="button" className="btn" onClick={() => close.mutate(true)}>
            Close and leave things as they stand
          </button>
        )}
      </div>
    </section>
  );
}
