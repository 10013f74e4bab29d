import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useRefresh } from '../../api/home';
import { dressingQuery } from '../../api/queries';
import type { Dressing, Placement } from '../../api/types';
import { useNotices } from '../../lib/notices';

type Stand = Pick<Placement, 'count' | 'left' | 'layer' | 'raise'>;

/** Stands pieces on one spot, moves them and takes them off: drawn at once, judged by the coach a moment later, undone with one key. */
export function useDresser(home: string, swap: string, spot: string, nameOf: (piece: string) => string) {
  const queries = useQueryClient();
  const refresh = useRefresh();
  const notices = useNotices();
  const key = dressingQuery(home, swap, spot).queryKey;
  const path = { home, swap };
  const now = () => queries.getQueryData<Dressing>(key);
  const keep = (dressing: Dressing) => {
    queries.setQueryData(key, dressing);
    void refresh('stations', 'rooms', 'table', 'day', 'haul');
  };
  const fail = (error: unknown) => {
    notices.problem(error);
    void queries.invalidateQueries({ queryKey: key });
  };
  const change = useMutation({
    mutationFn: ({ id, stand }: { id: string; stand: Stand }) => {
      const placement = now()?.placements.find((one) => one.id === id);
      return take(
        api.PUT('/api/homes/{home}/swaps/{swap}/placements/{placement}', {
          params: { path: { ...path, placement: id } },
          body: { ...stand, piece: placement?.piece ?? '', spot, version: placement?.version ?? 0 },
        }),
      );
    },
    scope: { id: `dresser-${spot}` },
    onMutate: ({ id, stand }) => {
      queries.setQueryData<Dressing>(
        key,
        (dressing) => dressing && { ...dressing, placements: dressing.placements.map((one) => (one.id === id ? { ...one, ...stand } : one)) },
      );
    },
    onSuccess: keep,
    onError: fail,
  });
  const add = useMutation({
    mutationFn: ({ piece, stand }: { piece: string; stand?: Stand }) =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/placements', {
          params: { path },
          body: { piece, spot, count: stand?.count ?? 1, left: stand?.left ?? null, layer: stand?.layer ?? null, raise: stand?.raise ?? 0 },
        }),
      ),
    onSuccess: keep,
    onError: fail,
  });
  const remove = useMutation({
    mutationFn: (id: string) =>
      take(api.DELETE('/api/homes/{home}/swaps/{swap}/placements/{placement}', { params: { path: { ...path, placement: id } } })),
    onMutate: (id) => {
      queries.setQueryData<Dressing>(key, (dressing) => dressing && { ...dressing, placements: dressing.placements.filter((one) => one.id !== id) });
    },
    onSuccess: keep,
    onError: fail,
  });
  /** Offers the way back at once; it waits for what it takes back. */
  const offer = <T>(text: string, done: Promise<T>, back: (result: T) => Promise<unknown>) => {
    done.catch(() => undefined);
    notices.done(text, async () => back(await done));
  };
  return {
    move: (placement: Placement, stand: Partial<Stand>) => {
      const before: Stand = { count: placement.count, left: placement.left, layer: placement.layer, raise: placement.raise };
      offer(`${nameOf(placement.piece)} moved`, change.mutateAsync({ id: placement.id, stand: { ...before, ...stand } }), () =>
        change.mutateAsync({ id: placement.id, stand: before }),
      );
    },
    add: (piece: string) =>
      offer(`${nameOf(piece)} stands here`, add.mutateAsync({ piece }), async (dressing) => {
        const placed = dressing.placements.find((one) => one.piece === piece);
        return placed && remove.mutateAsync(placed.id);
      }),
    takeOff: (placement: Placement) =>
      offer(`${nameOf(placement.piece)} taken off`, remove.mutateAsync(placement.id), () =>
        add.mutateAsync({ piece: placement.piece, stand: placement }),
      ),
    isBusy: add.isPending || remove.isPending,
  };
}
