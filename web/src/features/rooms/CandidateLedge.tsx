import type { ReactNode } from 'react';
import type { Candidate, Candidates, Piece, Spot } from '../../api/types';
import { counted } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { RecipeLine } from './RecipeLine';

type Props = {
  spot: Spot;
  /** Not there yet while the stock is looked through. */
  ranking: Candidates | undefined;
  pieces: ReadonlyMap<string, Piece>;
  onStand: (candidate: Candidate) => void;
  isClosed: boolean;
  children?: ReactNode;
};

const SLOT = 112;
/** What is longer, in inches, is drawn at a scale of its own; and so small, in pixels, nothing is drawn. */
const LONG = 48;
const SMALLEST = 26;

/** Owned pieces that belong here, best first, each with what it would do and where it is; then any other piece. */
export function CandidateLedge({ spot, ranking, pieces, onStand, isClosed, children }: Props) {
  const found = (ranking?.candidates ?? []).flatMap((candidate) => {
    const piece = pieces.get(candidate.piece);
    return piece ? [{ candidate, piece }] : [];
  });
  // At one scale, but for what runs along and would make all else too small to tell, and what would be too small itself.
  const alike = found.filter(({ piece }) => piece.width / 254 <= LONG);
  const tallest = Math.max(8, ...alike.map(({ piece }) => shownHeight(piece)));
  const widest = Math.max(8, ...alike.map(({ piece }) => piece.width / 254));
  const scale = Math.min(84 / tallest, (SLOT * 0.94) / widest, 6);
  const scaleOf = (piece: Piece) => {
    const [wide, high] = [piece.width / 254, shownHeight(piece)];
    return Math.min(Math.max(scale, SMALLEST / Math.max(wide, high)), (SLOT * 0.94) / wide, 84 / high);
  };
  const left = (ranking?.leftOut ?? []).map((one) => `${one.pieces} ${one.reason}`).join(', ');
  return (
    <section aria-label="Who could stand here" className="no-print bg-wall pt-2" data-testid="candidates">
      <p className="px-2">
        <b className="panel-title">Belongs here</b>{' '}
        {ranking ? `${counted(ranking.suitable, 'owned piece')} would go, best first.` : 'The stock is looked through …'}
        {left && <span className="note"> Left out: {left}.</span>}
      </p>
      {ranking && <RecipeLine spot={spot} recipe={ranking.recipe} isClosed={isClosed} />}
      {ranking && found.length === 0 && (
        <p className="px-2 py-6">Nothing owned and free fits here. Write down what is missing, and the haul will look further.</p>
      )}
      <div className="flex min-h-[92px] overflow-x-auto px-2 pb-3">
        {found.map(({ candidate, piece }, i) => (
          <button
            key={candidate.piece}
            type="button"
            disabled={isClosed}
            onClick={() => onStand(candidate)}
            className="group flex flex-none flex-col justify-start text-center"
            style={{ width: SLOT }}
            title={candidate.reasons.join('. ')}
            data-testid={`candidate-${piece.name}`}
          >
            <span className="relative block">
              <span className="absolute top-1 left-1 font-display text-[17px] font-semibold text-ink-3">{i < 9 ? i + 1 : ''}</span>
              <svg width={SLOT} height="92" aria-hidden="true" className="block overflow-visible">
                <Silhouette piece={piece} scale={scaleOf(piece)} x={SLOT / 2} y={91} />
              </svg>
            </span>
            <span className="ledge block truncate px-1 text-[12px]/[17px] font-semibold">{piece.name}</span>
            <span className="tagcard mx-1 mt-1 block px-1 py-1 text-[12px]/[15px] group-hover:bg-yolk-soft">
              <b>{candidate.score}</b> {candidate.does}
              <span className="note mt-0.5 block">{candidate.reasons[3] ?? candidate.where}</span>
            </span>
          </button>
        ))}
      </div>
      {children}
    </section>
  );
}
