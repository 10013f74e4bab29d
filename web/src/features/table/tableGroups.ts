import type { House, Piece, Ribbon, TableRow } from '../../api/types';
import { CHOICES, PIECE_KINDS } from '../../api/words';
import { capital } from '../../lib/text';
import type { ShelfGroup } from '../../shelves/layout';

export const GROUPINGS = ['place', 'ribbon', 'kind', 'decision', 'sureness'] as const;
export type Grouping = (typeof GROUPINGS)[number];

type Stock = { pieces: readonly Piece[]; rows: ReadonlyMap<string, TableRow>; house: House; ribbons: readonly Ribbon[] };

/** The table arranged: by place as it lies before one, or by what the pieces have in common. */
export function tableGroups(stock: Stock, by: Grouping): ShelfGroup[] {
  if (by === 'place') return byPlace(stock);
  const row = (piece: Piece) => stock.rows.get(piece.id);
  const groups: [string, string, (piece: Piece) => boolean][] = {
    ribbon: [
      ...stock.ribbons.map((ribbon, i): [string, string, (piece: Piece) => boolean] => [
        `ribbon-${i}`,
        ribbon.name,
        (piece) => row(piece)?.verdict !== 'outside' && row(piece)?.ribbon === i,
      ]),
      ['outside', 'Outside', (piece: Piece) => row(piece)?.verdict === 'outside'] as [string, string, (piece: Piece) => boolean],
    ],
    kind: PIECE_KINDS.map((kind): [string, string, (piece: Piece) => boolean] => [kind, capital(kind), (piece) => piece.kind === kind]),
    decision: [
      ['open', 'Not decided', (piece: Piece) => row(piece)?.choice === null] as [string, string, (piece: Piece) => boolean],
      ...CHOICES.map((choice): [string, string, (piece: Piece) => boolean] => [choice, capital(choice), (piece) => row(piece)?.choice === choice]),
    ],
    sureness: (['unsure', 'likely', 'sure'] as const).map((word): [string, string, (piece: Piece) => boolean] => [
      word,
      capital(word),
      (piece) => row(piece)?.choice === null && row(piece)?.confidence === word,
    ]),
  }[by];
  return groups.flatMap(([key, title, keep]) => group(key, title, stock.pieces.filter(keep), stock.rows));
}

/** Out now by room on the walk through the house, then in store by tote, then what stands anywhere else. */
function byPlace({ pieces, rows, house }: Stock): ShelfGroup[] {
  const roomOf = new Map(house.spots.map((spot) => [spot.id, spot.room]));
  const at = new Map<string, Piece[]>();
  for (const piece of pieces) {
    const place = piece.places[0]?.place ?? 'loose';
    const [kind, id] = place.split(':');
    const key = kind === 'spot' ? `room:${roomOf.get(id ?? '')}` : place;
    const here = at.get(key);
    if (here) here.push(piece);
    else at.set(key, [piece]);
  }
  const here = (key: string) => at.get(key) ?? [];
  return [
    ...house.rooms.flatMap((room) => group(`room:${room.id}`, room.name, here(`room:${room.id}`), rows)),
    ...group('table', 'Table', here('table'), rows),
    ...group('arrived', 'By the door', here('arrived'), rows),
    ...house.totes.flatMap((tote) => group(`tote:${tote.id}`, tote.code, here(`tote:${tote.id}`), rows, tote)),
    ...group('loose', 'Loose', here('loose'), rows),
    ...group('lent', 'Lent out', here('lent'), rows),
    ...group('lost', 'Lost', here('lost'), rows),
  ];
}

function group(
  key: string,
  title: string,
  here: readonly Piece[],
  rows: ReadonlyMap<string, TableRow>,
  tote?: { code: string; place: string },
): ShelfGroup[] {
  if (here.length === 0) return [];
  const open = here.filter((piece) => rows.get(piece.id)?.choice === null).length;
  const count = open === 0 ? 'all decided' : `${here.length - open} of ${here.length}`;
  return [
    {
      key,
      title,
      note: tote ? `${tote.place}, ${count}` : count,
      ...(tote ? { toteCode: tote.code } : {}),
      items: here.map((piece) => ({ id: piece.id, piece })),
    },
  ];
}
