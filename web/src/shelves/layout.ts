import type { Piece } from '../api/types';
import { shownHeight } from '../silhouettes/Silhouette';

export type ShelfItem = { id: string; piece: Piece };
export type ShelfGroup = { key: string; title: string; note: string; toteCode?: string; items: readonly ShelfItem[] };
/** How a piece was come to: by itself, to be taken with others, or only passing by, which lets go of nothing. */
export type Reach = 'alone' | 'adding' | 'passing';
/** One place on a row; the first of a group carries its card. */
export type Slot = { item: ShelfItem; width: number; pieceWidth: number };
export type Segment = { group: ShelfGroup; isFirst: boolean; width: number; slots: readonly Slot[] };
export type ShelfRow = { key: string; height: number; segments: readonly Segment[] };

const LABEL_CHARACTER = 5.6;
const LEAST_SLOT = 58;
const CARD = 92;
const GAP = 10;
const MOST_UNITS_DRAWN = 3;

/** How many units of a piece are drawn side by side; the count says the rest. */
export const drawnUnits = (piece: Piece): number => Math.min(MOST_UNITS_DRAWN, piece.count);

/** What is printed on the ledge under a piece. */
export const labelOf = (piece: Pick<Piece, 'name' | 'count'> | undefined): string =>
  piece ? piece.name + (piece.count > 1 ? ` ×${piece.count}` : '') : '';

/** Lays groups out on shelves of a given width, at one scale (px per inch), breaking a group where a shelf is full. */
export function layShelves(groups: readonly ShelfGroup[], width: number, scale: number): ShelfRow[] {
  const rows: { segments: { group: ShelfGroup; isFirst: boolean; width: number; slots: Slot[] }[]; used: number; tallest: number }[] = [];
  let row = { segments: [], used: 0, tallest: 0 } as (typeof rows)[number];
  const close = () => {
    if (row.segments.length > 0) rows.push(row);
    row = { segments: [], used: 0, tallest: 0 };
  };
  for (const group of groups) {
    let isFirst = true;
    let segment: (typeof row.segments)[number] | null = null;
    for (const item of group.items) {
      const pieceWidth = (item.piece.width / 254) * scale * (1 + 0.45 * (drawnUnits(item.piece) - 1));
      const slot: Slot = {
        item,
        pieceWidth,
        width: Math.max(LEAST_SLOT, pieceWidth + GAP, Math.min(96, item.piece.name.length * LABEL_CHARACTER + 8)),
      };
      const opening = segment ? 0 : CARD + 8;
      if (row.used + opening + slot.width > width && row.used > 0) {
        close();
        segment = null;
      }
      if (!segment) {
        segment = { group, isFirst, width: CARD, slots: [] };
        row.segments.push(segment);
        row.used += CARD + 8;
        isFirst = false;
      }
      segment.slots.push(slot);
      segment.width += slot.width;
      row.used += slot.width;
      row.tallest = Math.max(row.tallest, shownHeight(item.piece) * scale);
    }
  }
  close();
  return rows.map((one) => ({
    key: one.segments.map((s) => `${s.group.key}/${s.slots[0]?.item.id}`).join('|'),
    height: Math.max(52, one.tallest) + 14,
    segments: one.segments,
  }));
}

/** The piece to go to from another by an arrow: along the shelf, or the nearest on the shelf above or below. */
export function neighbour(rows: readonly ShelfRow[], id: string | null, key: string): string | null {
  const grid = rows.map((row) => {
    let x = 0;
    return row.segments.flatMap((segment) => {
      x += CARD + 8;
      return segment.slots.map((slot) => {
        const middle = x + slot.width / 2;
        x += slot.width;
        return { id: slot.item.id, middle };
      });
    });
  });
  const flat = grid.flat();
  const at = flat.findIndex((one) => one.id === id);
  if (at < 0 || key === 'Home') return flat[0]?.id ?? null;
  if (key === 'End') return flat.at(-1)?.id ?? null;
  if (key === 'ArrowRight' || key === 'ArrowLeft') return flat[at + (key === 'ArrowRight' ? 1 : -1)]?.id ?? id;
  const row = grid.findIndex((one) => one.some((slot) => slot.id === id));
  const from = flat[at];
  const target = grid[row + (key === 'ArrowDown' ? 1 : -1)];
  if (!target || !from) return id;
  return target.reduce((best, slot) => (Math.abs(slot.middle - from.middle) < Math.abs(best.middle - from.middle) ? slot : best)).id;
}
