import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Sum, SumInput, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';

/** What follows from an answer: what is missing goes onto the haul list, owned lengths are cut. */
export function useReckonedActs(sum: Sum, body: SumInput, swap: Swap | undefined, need: string | null) {
  const { home } = useHouse();
  const notices = useNotices();
  const onError = (error: unknown) => notices.problem(error);
  const buy = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/sums/{sum}/lines', {
          params: { path: { home: home.id, swap: swap?.id ?? '', sum: sum.sum } },
          body: { ...body, need },
        }),
      ),
    onError,
  });
  const cut = useMutation({
    mutationFn: () => take(api.POST('/api/homes/{home}/sums/{sum}/cuts', { params: { path: { home: home.id, sum: sum.sum } }, body })),
    onError,
  });
  return { buy, cut };
}
