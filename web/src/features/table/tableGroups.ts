import type { House, Piece, TableRow } from '../../api/types';
import type { ShelfGroup } from '../../shelves/layout';

/** Out now by room on the walk through the house, then in store by tote, then what stands anywhere else. */
export function tableGroups(pieces: readonly Piece[], rows: ReadonlyMap<string, TableRow>, house: House): ShelfGroup[] {
  const at = new Map<string, Piece[]>();
  for (const piece of pieces) {
    const place = piece.places[0]?.place ?? 'loose';
    const [kind, id] = place.split(':');
    const key = kind === 'spot' ? `room:${house.spots.find((spot) => spot.id === id)?.room}` : place;
    at.set(key, [...(at.get(key) ?? []), piece]);
  }
  const group = (key: string, title: string, note: (count: string) => string, toteCode?: string): ShelfGroup[] => {
    const here = at.get(key);
    if (!here) return [];
    const open = here.filter((piece) => rows.get(piece.id)?.choice === null).length;
    return [
      {
        key,
        title,
        note: note(open === 0 ? 'all decided' : `${here.length - open} of ${here.length}`),
        ...(toteCode ? { toteCode } : {}),
        items: here.map((piece) => ({ id: piece.id, piece })),
      },
    ];
  };
  return [
    ...house.rooms.flatMap((room) => group(`room:${room.id}`, room.name, (count) => count)),
    ...group('table', 'Table', (count) => count),
    ...group('arrived', 'By the door', (count) => count),
    ...house.totes.flatMap((tote) => group(`tote:${tote.id}`, tote.code, (count) => `${tote.place}, ${count}`, tote.code)),
    ...group('loose', 'Loose', (count) => count),
    ...group('lent', 'Lent out', (count) => count),
    ...group('lost', 'Lost', (count) => count),
  ];
}
