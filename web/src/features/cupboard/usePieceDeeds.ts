import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Piece } from '../../api/types';
import { useWaiting } from '../../frame/waiting/WaitingActs';
import { useNotices } from '../../lib/notices';
import { standing } from './standing';

/** What can be done with the piece in hand beside changing and moving it. */
export function usePieceDeeds(piece: Piece) {
  const house = useHouse();
  const notices = useNotices();
  const waiting = useWaiting();
  const path = { home: house.home.id, piece: piece.id };
  const deed = useMutation({ mutationFn: (act: () => Promise<unknown>) => act(), onError: (error) => notices.problem(error) });
  const at = (place: string) => ({ params: { path }, body: { place } });
  return {
    turn: (face: string) => deed.mutate(() => take(api.PUT('/api/homes/{home}/pieces/{piece}/face', { params: { path }, body: { face } }))),
    takeApart: () => deed.mutate(() => take(api.POST('/api/homes/{home}/pieces/{piece}/apart', at(standing(piece) ?? 'loose')))),
    putTogetherAgain: () => deed.mutate(() => take(api.POST('/api/homes/{home}/pieces/{piece}/together', at('loose')))),
    addPhoto: (file: File) => waiting.add({ kind: 'photo', piece: piece.id, file }),
    dropPhoto: () => deed.mutate(() => take(api.DELETE('/api/homes/{home}/pieces/{piece}/photo', { params: { path } }))),
    remove: () => deed.mutate(() => take(api.DELETE('/api/homes/{home}/pieces/{piece}', { params: { path } }))),
  };
}
