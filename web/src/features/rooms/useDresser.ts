import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { dressingQuery } from '../../api/queries';
import type { ArrangedPlace, Dressing, Placement, Taste } from '../../api/types';
import { useNotices } from '../../lib/notices';

export type Stand = Pick<Placement, 'count' | 'layer' | 'raise' | 'tier' | 'dips' | 'face'> & {
  /** Null where a place is to be found for it. */
  left: number | null;
  posture: Placement['posture'] | null;
  at?: string;
};
export type Arrangement = { places: ArrangedPlace[]; off: string[]; says: string };

/** A changed place as it is drawn until the answer comes: its foot follows board and raise. */
function shown(dressing: Dressing, one: Placement, { at: _, posture, left, ...stand }: Stand): Placement {
  const board = (tier: number) => dressing.boards[tier] ?? 0;
  // How it is put otherwise is drawn when its place is known.
  if (left === null) return one;
  return { ...one, ...stand, left, posture: posture ?? one.posture, foot: one.foot + board(stand.tier) - board(one.tier) + stand.raise - one.raise };
}

/** What is wished for is shown at once; what the coach says to it comes with the answer. */
function judgedBy(dressing: Dressing, { school, mood, ribbons, overruled }: Taste): Dressing {
  const findings = dressing.findings.map((one) => ({ ...one, isOverruled: overruled?.includes(one.code) ?? one.isOverruled }));
  return { ...dressing, school: school ?? null, mood: mood ?? null, ribbons: ribbons ?? [], findings };
}

/** Stands pieces on one spot, moves them and takes them off: drawn at once, judged by the coach a moment later. */
export function useDresser(home: string, swap: string, spot: string) {
  const queries = useQueryClient();
  const notices = useNotices();
  const key = dressingQuery(home, swap, spot).queryKey;
  const path = { home, swap };
  const now = () => queries.getQueryData<Dressing>(key);
  const keep = (dressing: Dressing) => queries.setQueryData(key, dressing);
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
        (dressing) => dressing && { ...dressing, placements: dressing.placements.map((one) => (one.id === id ? shown(dressing, one, stand) : one)) },
      );
    },
    onSuccess: keep,
    onError: fail,
  });
  const add = useMutation({
    mutationFn: ({ piece, stand }: { piece: string; stand?: Partial<Stand> | undefined }) =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/placements', {
          params: { path },
          body: { piece, spot, count: 1, left: null, layer: null, raise: 0, dips: 0, ...stand },
        }),
      ),
    onSuccess: keep,
    onError: fail,
  });
  const taste = useMutation({
    mutationFn: (body: Taste) => take(api.PUT('/api/homes/{home}/swaps/{swap}/spots/{spot}/taste', { params: { path: { ...path, spot } }, body })),
    // Two quick presses are two wishes: the second is made from what the first one asked for, and sent after it.
    scope: { id: `taste-${swap}` },
    onMutate: (body) => {
      queries.setQueryData<Dressing>(key, (dressing) => dressing && judgedBy(dressing, body));
    },
    onSuccess: keep,
    onError: fail,
  });
  const roomTaste = useMutation({
    mutationFn: ({ room, body }: { room: string; body: Taste }) =>
      take(api.PUT('/api/homes/{home}/swaps/{swap}/rooms/{room}/taste', { params: { path: { ...path, room } }, body })),
    scope: { id: `taste-${swap}` },
    onError: fail,
  });
  const spread = useMutation({
    mutationFn: (id: string) =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/placements/{placement}/spread', { params: { path: { ...path, placement: id } } })),
    onSuccess: keep,
    onError: fail,
  });
  const arrange = useMutation({
    mutationFn: (body: Arrangement) =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/spots/{spot}/arrangement', { params: { path: { ...path, spot } }, body })),
    scope: { id: `dresser-${spot}` },
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
  return {
    move: (placement: Placement, stand: Partial<Stand>) => {
      const { count, left, layer, raise, tier, posture, dips, face } = placement;
      change.mutate({ id: placement.id, stand: { count, left, layer, raise, tier, posture, dips, face, ...stand } });
    },
    add: (piece: string, stand?: Partial<Stand>) => add.mutate({ piece, stand }),
    spread: (placement: Placement) => spread.mutate(placement.id),
    takeOff: (placement: Placement) => remove.mutate(placement.id),
    arrange: (arrangement: Arrangement) => arrange.mutate(arrangement),
    judgeBy: (body: Taste) => taste.mutate(body),
    judgeRoomBy: (room: string, body: Taste) => roomTaste.mutate({ room, body }),
    isBusy: add.isPending || remove.isPending || arrange.isPending,
  };
}
