import { useCallback } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Piece } from '../../api/types';

/** Where one of an arrangement is that can be taken apart; nothing when all of it is away. */
export const standing = (piece: Piece): string | undefined => piece.places.find((at) => !/^(parted|lent|lost|within)/.test(at.place))?.place;

/** Takes one of an arrangement apart; undoing sends its parts back to where they came from. */
export function useApart() {
  const house = useHouse();
  return useCallback(
    (piece: Piece, isUndone = false) =>
      take(
        api.POST('/api/homes/{home}/pieces/{piece}/apart', {
          params: { path: { home: house.home.id, piece: piece.id } },
          body: { place: standing(piece) ?? 'loose', isUndone },
        }),
      ),
    [house],
  );
}
