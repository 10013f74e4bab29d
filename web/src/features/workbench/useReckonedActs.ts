import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Sum, SumInput, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';

/** What follows from an answer: what is missing goes onto the haul list, owned lengths are cut. */
export function useReckonedActs(sum: Sum, body: SumInput, swap: Swap | undefined, need: string | null) {
  const { home } = useHouse();
  const notices = useNotices();
  const asked = JSON.stringify([sum.sum, body]);
  const onError = (error: unknown) => notices.problem(error);
  const buy = useMutation({
    mutationFn: (_: string) =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/sums/{sum}/lines', {
          params: { path: { home: home.id, swap: swap?.id ?? '', sum: sum.sum } },
          body: { ...body, need },
        }),
      ),
    onError,
  });
  const cut = useMutation({
    mutationFn: (_: string) => take(api.POST('/api/homes/{home}/sums/{sum}/cuts', { params: { path: { home: home.id, sum: sum.sum } }, body })),
    onError,
  });
  // The same figures are bought for and cut once; what they leave is reckoned anew and would be cut again.
  const isDone = (act: { isSuccess: boolean; variables: string | undefined }) => act.isSuccess && act.variables === asked;
  return {
    buy: { act: () => buy.mutate(asked), isPending: buy.isPending, isDone: isDone(buy) },
    cut: { act: () => cut.mutate(asked), isPending: cut.isPending, isDone: isDone(cut) },
  };
}
