import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { offersQuery } from '../../api/queries';
import type { Piece } from '../../api/types';
import { Silhouette } from '../../silhouettes/Silhouette';

type Props = { home: string; swap: string; spot: string; pieces: ReadonlyMap<string, Piece>; onStand: (piece: string) => void };

/** Any owned piece by its name, with the word why it is not offered; it can be put here all the same. */
export function OtherPieces({ home, swap, spot, pieces, onStand }: Props) {
  const [find, setFind] = useState('');
  const asked = useDeferredValue(find.trim());
  const offers = useQuery(offersQuery(home, swap, spot, asked));
  const found = offers.data?.offers ?? [];
  return (
    <div className="px-2 pb-2">
      <input
        value={find}
        onChange={(event) => setFind(event.target.value)}
        placeholder="Any other piece, by name"
        aria-label="Any other piece, by name"
        className="w-64 max-md:w-full"
        dir="auto"
      />
      {asked !== '' && offers.data && found.length === 0 && <p className="note mt-1">Nothing free is called that.</p>}
      <ul className="flex flex-wrap gap-2">
        {found.map((offer) => {
          const piece = pieces.get(offer.piece);
          return (
            piece && (
              <li key={offer.piece}>
                <button
                  type="button"
                  className="tagcard mt-1 flex items-center gap-2 px-2 py-1 text-left hover:bg-yolk-soft"
                  onClick={() => {
                    onStand(offer.piece);
                    setFind('');
                  }}
                >
                  <svg width="30" height="34" aria-hidden="true">
                    <Silhouette piece={piece} scale={Math.min(28 / (piece.height / 254), 26 / (piece.width / 254), 3)} x={15} y={33} />
                  </svg>
                  <span>
                    <b>{piece.name}</b>
                    <span className="note block">
                      {offer.where}
                      {offer.why && <span className="text-ink">; not offered: {offer.why}</span>}
                    </span>
                  </span>
                </button>
              </li>
            )
          );
        })}
      </ul>
    </div>
  );
}
