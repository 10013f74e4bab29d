import { useState } from 'react';
import type { Piece } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

const SHOWN = 60;

/** Pieces to tick, as small silhouettes; narrowed by name or kind. */
export function PieceChecklist({ pieces, onChange }: { pieces: readonly Piece[]; onChange: (ids: string[]) => void }) {
  const [text, setText] = useState('');
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const asked = text.trim().toLowerCase();
  const shown = pieces.filter((piece) => ticked.includes(piece.id) || `${piece.name} ${piece.kind}`.toLowerCase().includes(asked)).slice(0, SHOWN);
  const toggle = (id: string) => {
    const next = ticked.includes(id) ? ticked.filter((one) => one !== id) : [...ticked, id];
    setTicked(next);
    onChange(next);
  };
  return (
    <div>
      <input
        aria-label="Narrow by name or kind"
        placeholder="name or kind"
        value={text}
        onChange={(event) => setText(event.target.value)}
        className="mb-2 w-56"
      />
      <ul className="flex max-h-[230px] flex-wrap gap-1 overflow-y-auto">
        {shown.map((piece) => (
          <li key={piece.id}>
            <button
              type="button"
              aria-pressed={ticked.includes(piece.id)}
              onClick={() => toggle(piece.id)}
              className={`w-[92px] border px-1 pb-0.5 text-center text-[12px]
                ${ticked.includes(piece.id) ? 'border-2 border-ink bg-yolk-soft font-semibold' : 'border-line bg-card'}`}
            >
              <svg width="80" height="56" className="mx-auto block" aria-hidden="true">
                <Silhouette piece={piece} scale={50 / Math.max(shownHeight(piece), (piece.width / 254) * 0.66)} x={40} y={53} />
              </svg>
              <span className="block truncate">{piece.name}</span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
