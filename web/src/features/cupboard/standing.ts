import type { Piece } from '../../api/types';

/** Where one of an arrangement is that can be taken apart; nothing when all of it is away. */
export const standing = (piece: Piece): string | undefined => piece.places.find((at) => !/^(parted|lent|lost|within)/.test(at.place))?.place;
