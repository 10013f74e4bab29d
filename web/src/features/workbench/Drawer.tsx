import { useQuery } from '@tanstack/react-query';
import { useHouse, useWriting } from '../../api/home';
import { piecesQuery } from '../../api/queries';
import type { Sketch, Supply } from '../../api/types';
import { useNarrow } from '../../lib/useNarrow';
import { frameOf } from './benchFrame';

type Props = { sketch: Sketch; supplies: readonly Supply[] };

type Row = { key: string; piece: string; name: string; run: number; isUsed: boolean; count: number };

const ROW = 24;
const BAR = 12;
const SHOWN = 8;
const GREEN = '#5b6b4c';

/** The drawer under the bench: owned lengths to the same scale; those that went up into the run leave an empty place. */
export function Drawer({ sketch, supplies }: Props) {
  const { home } = useHouse();
  const write = useWriting();
  const pieces = useQuery(piecesQuery(home.id));
  const isNarrow = useNarrow();
  const rows = supplies.flatMap((supply) => supply.lengths).flatMap(rowsOf);
  if (rows.length === 0) return null;
  const frame = frameOf(sketch, isNarrow);
  const longest = Math.max(...rows.map((row) => row.run));
  const scale = Math.min(frame.scale, (frame.viewWidth - 2 * frame.left) / longest, (frame.viewWidth - 80) / longest);
  const shown = rows.slice(0, SHOWN);
  const colours = new Map((pieces.data ?? []).map((piece) => [piece.id, piece.colours[0]?.hex ?? GREEN]));
  return (
    <section aria-label="In the drawer" className="print-keep bg-wall shadow-[inset_0_6px_8px_-6px_rgb(31_36_33/35%)]">
      <svg
        viewBox={`0 0 ${frame.viewWidth} ${shown.length * ROW + 10}`}
        className="block h-auto w-full"
        role="img"
        aria-label={said(rows, write.run)}
      >
        {shown.map((row, i) => {
          const y = 8 + i * ROW;
          const width = Math.max(6, row.run * scale);
          const text = `${row.count > 1 ? `${row.count} × ` : ''}${row.name}, ${write.run(row.run)}${row.isUsed ? ': up in the run' : ''}`;
          const isOutside = width + text.length * 6.6 < frame.viewWidth - frame.left - 8;
          return (
            <g key={row.key}>
              <rect
                x={frame.left}
                y={y}
                width={width}
                height={BAR}
                rx="2"
                fill={row.isUsed ? 'none' : (colours.get(row.piece) ?? GREEN)}
                stroke="var(--color-ink-3)"
                strokeDasharray={row.isUsed ? '4 3' : undefined}
              />
              <text
                x={isOutside ? frame.left + width + 8 : frame.left + 6}
                y={y + BAR - 1}
                fontSize="12"
                fill="var(--color-ink)"
                stroke="var(--color-wall)"
                strokeWidth="3"
                paintOrder="stroke"
              >
                {text}
              </text>
            </g>
          );
        })}
      </svg>
      {rows.length > SHOWN && <p className="note px-3 pb-1">and {rows.length - SHOWN} more</p>}
    </section>
  );
}

/** Units that went up, and those that lie there still. */
function rowsOf({ piece, name, run, free, used }: Supply['lengths'][number]): Row[] {
  const row = (isUsed: boolean, count: number): Row[] => (count > 0 ? [{ key: `${piece} ${isUsed}`, piece, name, run, isUsed, count }] : []);
  return [...row(true, used), ...row(false, free - used)];
}

const said = (rows: readonly Row[], run: (tenths: number) => string): string =>
  `Owned lengths: ${rows.map((row) => `${row.count} ${row.name}, ${run(row.run)}${row.isUsed ? ', used' : ''}`).join('; ')}`;
