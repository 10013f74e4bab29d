import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse, useRefresh } from '../../api/home';
import { keepPhoto } from '../../api/keepPhoto';
import { turnFace } from '../../api/turnFace';
import type { Piece } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { standing, useApart } from './useApart';

type Undo = () => Promise<unknown>;

/** What can be done with the piece in hand beside changing and moving it: each says what was done, or why not. */
export function usePieceDeeds(piece: Piece) {
  const house = useHouse();
  const refresh = useRefresh();
  const notices = useNotices();
  const path = { home: house.home.id, piece: piece.id };
  const deed = useMutation({
    mutationFn: ({ act }: { act: () => Promise<Undo | null>; done: string }) => act(),
    onSuccess: async (undo, { done }) => {
      await refresh();
      notices.done(
        done,
        undo === null
          ? undefined
          : async () => {
              await undo();
              await refresh();
            },
      );
    },
    onError: (error) => notices.problem(error),
  });
  const apart = useApart();
  const again = (place: string) => take(api.POST('/api/homes/{home}/pieces/{piece}/together', { params: { path }, body: { place } }));
  const dropPhoto = () => take(api.DELETE('/api/homes/{home}/pieces/{piece}/photo', { params: { path } }));
  return {
    turn: (face: string) => deed.mutate({ act: () => turnFace(house.home.id, piece, face), done: `${piece.name} shows “${face}”` }),
    takeApart: () =>
      deed.mutate({
        act: async () => {
          await apart(piece);
          return () => again(standing(piece) ?? 'loose');
        },
        done: `One ${piece.name} is taken apart; its parts stand where it was`,
      }),
    putTogetherAgain: () =>
      deed.mutate({
        act: async () => {
          const { pieces } = await again('loose');
          return () => apart(pieces[0] ?? piece, true);
        },
        done: `One ${piece.name} is put together again, loose in store`,
      }),
    addPhoto: (photo: File) =>
      deed.mutate({
        act: async () => {
          await keepPhoto(house.home.id, piece.id, photo);
          return dropPhoto;
        },
        done: `${piece.name} has its photo`,
      }),
    dropPhoto: () =>
      deed.mutate({
        act: async () => {
          await dropPhoto();
          return null;
        },
        done: 'The photo is gone',
      }),
  };
}
