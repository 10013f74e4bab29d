import { useVirtualizer } from '@tanstack/react-virtual';
import { useMemo, useRef, useState } from 'react';
import { usePlaces, useWriting } from '../../api/home';
import type { Piece } from '../../api/types';

type Column = 'name' | 'kind' | 'count' | 'height' | 'cost' | 'worn' | 'where';
const COLUMNS: readonly { key: Column; title: string; width: string; isNumber?: boolean }[] = [
  { key: 'name', title: 'Name', width: '2fr' },
  { key: 'kind', title: 'Kind', width: '1.2fr' },
  { key: 'count', title: 'Count', width: '60px', isNumber: true },
  { key: 'height', title: 'Size (w × d × h)', width: '1.6fr' },
  { key: 'cost', title: 'Cost each', width: '80px', isNumber: true },
  { key: 'worn', title: 'Seasons out', width: '90px', isNumber: true },
  { key: 'where', title: 'Where', width: '2fr' },
];
const ROW = 30;

/** The stock as a plain list that sorts; only the rows in sight are drawn. */
export function PieceList({ pieces, onOpen }: { pieces: readonly Piece[]; onOpen: (piece: Piece) => void }) {
  const write = useWriting();
  const place = usePlaces();
  const scroller = useRef<HTMLDivElement>(null);
  const [sort, setSort] = useState<{ by: Column; isDown: boolean }>({ by: 'name', isDown: false });
  const rows = useMemo(() => {
    const value = (piece: Piece): string | number =>
      ({
        name: piece.name.toLowerCase(),
        kind: piece.kind,
        count: piece.count,
        height: piece.height,
        cost: piece.costEach,
        worn: piece.worn,
        where: place(piece.places[0]?.place ?? 'loose'),
      })[sort.by];
    const sorted = [...pieces].sort((a, b) => (value(a) < value(b) ? -1 : value(a) > value(b) ? 1 : a.name.localeCompare(b.name)));
    return sort.isDown ? sorted.reverse() : sorted;
  }, [pieces, sort, place]);
  const virtual = useVirtualizer({ count: rows.length, getScrollElement: () => scroller.current, estimateSize: () => ROW, overscan: 10 });
  const template = COLUMNS.map((column) => column.width).join(' ');
  return (
    <div
      role="table"
      aria-label="Pieces"
      aria-rowcount={rows.length + 1}
      className="flex h-full flex-col px-[22px] max-md:overflow-x-auto max-md:px-2"
    >
      <div role="row" className="grid min-w-[820px] gap-3 border-b border-line-2" style={{ gridTemplateColumns: template }}>
        {COLUMNS.map((column) => (
          <div key={column.key} role="columnheader" aria-sort={sort.by === column.key ? (sort.isDown ? 'descending' : 'ascending') : 'none'}>
            <button
              type="button"
              className={`py-1 font-semibold text-ink-2 ${column.isNumber ? 'w-full text-right' : ''}`}
              onClick={() => setSort({ by: column.key, isDown: sort.by === column.key && !sort.isDown })}
            >
              {column.title} {sort.by === column.key && (sort.isDown ? '↓' : '↑')}
            </button>
          </div>
        ))}
      </div>
      <div ref={scroller} role="rowgroup" className="scroller min-h-0 min-w-[820px] flex-1 overflow-y-auto" tabIndex={-1}>
        <div role="presentation" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
          {virtual.getVirtualItems().map((item) => {
            const piece = rows[item.index];
            return (
              piece && (
                <div
                  key={piece.id}
                  role="row"
                  aria-rowindex={item.index + 2}
                  className="absolute inset-x-0 grid items-center gap-3 border-b border-line"
                  style={{ top: item.start, height: ROW, gridTemplateColumns: template }}
                >
                  <span role="cell" className="flex min-w-0 items-center gap-2">
                    <span className="flex h-3 w-6 flex-none border border-line-2" aria-hidden="true">
                      {piece.colours.map((colour) => (
                        <span key={colour.hex} style={{ background: colour.hex, width: `${colour.percent}%` }} />
                      ))}
                    </span>
                    <button type="button" className="truncate text-left font-semibold hover:underline" dir="auto" onClick={() => onOpen(piece)}>
                      {piece.name}
                    </button>
                  </span>
                  <span role="cell">{piece.kind}</span>
                  <span role="cell" className="text-right">
                    {piece.count}
                  </span>
                  <span role="cell">{write.size(piece)}</span>
                  <span role="cell" className="text-right">
                    {piece.costEach > 0 ? write.money(piece.costEach) : '–'}
                  </span>
                  <span role="cell" className="text-right">
                    {piece.worn}
                  </span>
                  <span role="cell" className="truncate">
                    {piece.places.map((at) => place(at.place)).join('; ')}
                  </span>
                </div>
              )
            );
          })}
        </div>
      </div>
    </div>
  );
}
