import type { House, Piece } from '../../api/types';
import { PIECE_KINDS } from '../../api/words';
import { capital } from '../../lib/text';
import type { ShelfGroup } from '../../shelves/layout';

export type Arrangement = 'tote' | 'room' | 'kind' | 'list';

const WORDS: Record<string, string> = {
  table: 'Table',
  arrived: 'By the door',
  loose: 'Loose',
  within: 'Parts',
  lent: 'Lent out',
  lost: 'Lost',
  parted: 'Left',
};

/** Groups the stock for the shelves; a piece in two places stands in both. */
export function cupboardGroups(pieces: readonly Piece[], house: House, by: Exclude<Arrangement, 'list'>): ShelfGroup[] {
  if (by === 'kind')
    return PIECE_KINDS.flatMap((kind) =>
      group(
        kind,
        capital(kind),
        pieces.filter((piece) => piece.kind === kind),
      ),
    );
  const roomOf = new Map(house.spots.map((spot) => [`spot:${spot.id}`, spot.room]));
  const isAt = (piece: Piece, test: (place: string) => boolean) => piece.places.some((at) => test(at.place));
  const totes = house.totes.flatMap((tote) =>
    group(
      tote.id,
      tote.code,
      pieces.filter((piece) => isAt(piece, (place) => place === `tote:${tote.id}`)),
      tote.code,
      tote.place,
    ),
  );
  const rooms = house.rooms.flatMap((room) =>
    group(
      room.id,
      room.name,
      pieces.filter((piece) => isAt(piece, (place) => roomOf.get(place) === room.id)),
    ),
  );
  const elsewhere = Object.entries(WORDS).flatMap(([place, title]) =>
    group(
      place,
      title,
      pieces.filter((piece) => isAt(piece, (at) => at.split(':')[0] === place)),
    ),
  );
  return by === 'tote' ? [...totes, ...elsewhere, ...rooms] : [...rooms, ...elsewhere, ...totes];
}

function group(key: string, title: string, pieces: readonly Piece[], toteCode?: string, note?: string): ShelfGroup[] {
  if (pieces.length === 0) return [];
  const items = pieces.map((piece) => ({ id: piece.id, piece }));
  return [{ key, title, note: note ? `${note}, ${pieces.length}` : String(pieces.length), items, ...(toteCode ? { toteCode } : {}) }];
}
