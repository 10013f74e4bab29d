import { useMutation } from '@tanstack/react-query';
import { api, asForm, take } from '../../api/client';
import { useHouse, useRefresh } from '../../api/home';
import type { Piece } from '../../api/types';
import { useNotices } from '../../lib/notices';

/** What can be done with the piece in hand beside changing and moving it: each says what was done, or why not. */
export function usePieceDeeds(piece: Piece) {
  const house = useHouse();
  const refresh = useRefresh();
  const notices = useNotices();
  const path = { home: house.home.id, piece: piece.id };
  const deed = useMutation({
    mutationFn: async ({ act }: { act: () => Promise<unknown>; done: string; undo?: () => Promise<unknown> }) => act(),
    onSuccess: async (_answer, { done, undo }) => {
      await refresh();
      notices.done(
        done,
        undo &&
          (async () => {
            await undo();
            await refresh();
          }),
      );
    },
    onError: (error) => notices.problem(error),
  });
  const turn = (face: string) => take(api.PUT('/api/homes/{home}/pieces/{piece}/face', { params: { path }, body: { face } }));
  return {
    turn: (face: string) => deed.mutate({ act: () => turn(face), done: `${piece.name} shows “${face}”`, undo: () => turn('as it was') }),
    takeApart: () =>
      deed.mutate({
        act: () => take(api.POST('/api/homes/{home}/pieces/{piece}/apart', { params: { path }, body: { place: piece.places[0]?.place ?? 'loose' } })),
        done: `One ${piece.name} is taken apart; its parts stand where it was`,
      }),
    keepPhoto: (photo: File) =>
      deed.mutate({
        act: () =>
          take(
            api.POST('/api/homes/{home}/pieces/{piece}/photo', {
              params: { path },
              body: { photo: '' },
              bodySerializer: asForm('photo', photo),
            }),
          ),
        done: `${piece.name} has its photo`,
        undo: () => take(api.DELETE('/api/homes/{home}/pieces/{piece}/photo', { params: { path } })),
      }),
    dropPhoto: () =>
      deed.mutate({ act: () => take(api.DELETE('/api/homes/{home}/pieces/{piece}/photo', { params: { path } })), done: 'The photo is gone' }),
  };
}
