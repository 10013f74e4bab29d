import { usePlaces } from '../../api/home';
import type { Piece } from '../../api/types';
import { counted } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

/** What came out of the box so far, the latest first. */
export function BoxSoFar({ pieces }: { pieces: readonly Piece[] }) {
  const place = usePlaces();
  if (pieces.length === 0) return <p className="note mt-6 text-center">What you take in stands here, the latest first.</p>;
  const units = pieces.reduce((sum, piece) => sum + piece.count, 0);
  return (
    <section aria-label="Taken in so far" className="mt-6" data-testid="box">
      <h3 className="panel-title">
        {counted(pieces.length, 'piece')} so far, {counted(units, 'unit')}
      </h3>
      <ul className="mt-2 flex flex-wrap gap-y-4">
        {pieces.map((piece) => (
          <li key={piece.id} className="w-[124px] text-center text-[12px]/[15px]">
            <svg width="110" height="86" className="mx-auto block" aria-hidden="true">
              <Silhouette piece={piece} scale={Math.min(78 / shownHeight(piece), 100 / (piece.width / 254))} x={55} y={85} />
            </svg>
            <span className="ledge block truncate px-1 font-semibold">
              {piece.name}
              {piece.count > 1 && ` ×${piece.count}`}
            </span>
            <span className="note mt-1 block truncate">{piece.places.map((at) => place(at.place)).join('; ')}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
