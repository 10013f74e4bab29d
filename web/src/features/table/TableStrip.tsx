import { lazy, Suspense, useState } from 'react';
import { usePlaces, useWriting } from '../../api/home';
import type { Choice, Piece, TableRow } from '../../api/types';
import { CHOICES } from '../../api/words';
import { DamageOf } from '../../frame/DamageOf';
import { capital, counted } from '../../lib/text';
import { useKeys } from '../../lib/useKeys';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { ChoiceMark } from './ChoiceMark';

const FitDialog = lazy(async () => ({ default: (await import('./FitDialog')).FitDialog }));

type Props = {
  piece: Piece | undefined;
  row: TableRow | undefined;
  taken: number;
  onDecide: (choice: Choice | null) => void;
  onNext: () => void;
  onCompare: () => void;
  isClosed: boolean;
};

/** The piece in hand: its measures, colours, wear, why something is suggested, and the five tags. */
export function TableStrip({ piece, row, taken, onDecide, onNext, onCompare, isClosed }: Props) {
  const [isWhy, setWhy] = useState(false);
  useKeys({ w: () => setWhy(piece !== undefined) });
  if (!piece || !row) {
    return (
      <div className="flex min-h-[72px] items-center gap-3 border-t border-line bg-card px-[22px] text-ink-2 max-md:mb-12 max-md:px-3">
        Point at a piece, or press <kbd>N</kbd> for the next undecided.
        <button type="button" className="btn" onClick={onNext}>
          Next undecided
        </button>
      </div>
    );
  }
  return (
    <section
      aria-label="The piece in hand"
      className="flex min-h-[98px] items-stretch gap-6 border-t border-line bg-card px-[22px] py-2 max-md:mb-12 max-md:flex-wrap max-md:gap-2 max-md:px-3"
    >
      <PieceFacts piece={piece} taken={taken} />
      <div className="min-w-[180px] flex-1">
        <p className="font-semibold text-ink-2">
          {row.choice ? `${capital(row.choice)}, decided by ${row.by}` : `Why ${capital(row.suggestion)} is suggested`}
          {row.placed > 0 && `, ${row.placed} placed`}
        </p>
        <p>{row.reason}</p>
        <DamageOf piece={piece} />
        <p className="flex flex-wrap gap-x-3">
          {row.choice === null && <span className="note">{row.confidence}</span>}
          <button type="button" className="link" onClick={() => setWhy(true)}>
            {row.verdict === 'not judged' ? 'What would change' : `How fit ${row.score} came about, and what would change`} <kbd>W</kbd>
          </button>
          {taken > 1 && (
            <button type="button" className="link" onClick={onCompare}>
              {taken} side by side <kbd>C</kbd>
            </button>
          )}
        </p>
      </div>
      <fieldset
        className="flex items-center gap-2"
        aria-label={taken > 1 ? `Decide for ${taken} pieces` : `Decide for ${piece.name}`}
        disabled={isClosed}
      >
        {CHOICES.map((choice) => (
          <button
            key={choice}
            type="button"
            aria-pressed={row.choice === choice}
            onClick={() => onDecide(row.choice === choice ? null : choice)}
            className={`flex h-[72px] w-[50px] flex-col items-center justify-center gap-1 max-md:h-14
              ${row.choice === choice ? 'border-2 border-ink bg-yolk-soft' : 'hover:bg-yolk-soft'}`}
          >
            <ChoiceMark choice={choice} size={32} isSuggested={row.choice === null && row.suggestion === choice} />
            <span className="text-[12px]/[14px] font-semibold">{capital(choice)}</span>
          </button>
        ))}
      </fieldset>
      <Suspense fallback={null}>{isWhy && <FitDialog piece={piece} onClose={() => setWhy(false)} />}</Suspense>
    </section>
  );
}

function PieceFacts({ piece, taken }: { piece: Piece; taken: number }) {
  const write = useWriting();
  const place = usePlaces();
  const scale = 66 / Math.max(shownHeight(piece), (piece.width / 254) * 0.8);
  return (
    <>
      <svg width="96" height="84" className="flex-none max-md:hidden" aria-hidden="true">
        <Silhouette piece={piece} scale={scale} x={48} y={80} />
      </svg>
      <div className="w-[230px] max-md:w-full">
        <h2 className="text-[17px]/[22px]">
          {piece.name}
          {piece.count > 1 && ` ×${piece.count}`} {taken > 1 && <span className="note">and {taken - 1} more in hand</span>}
        </h2>
        <p>
          {write.size(piece)}
          {piece.weight > 0 && `, ${write.weight(piece.weight)}`}
        </p>
        <p className="truncate">
          {piece.places.map((at) => `${at.count > 1 || piece.count > 1 ? `${at.count} ` : ''}${place(at.place)}`).join('; ')}
        </p>
        <p className="note">
          {piece.worn === 0 ? 'Never out so far' : `Stood ${counted(piece.worn, 'season')}`}
          {piece.costEach > 0 &&
            `, ${write.money(piece.costEach)} each${piece.worn > 0 ? `, ${write.money(Math.round(piece.costEach / piece.worn))} a season` : ''}`}
        </p>
      </div>
      <div className="w-[130px] max-md:hidden">
        <p className="font-semibold text-ink-2">Colours</p>
        <div className="my-1 flex h-4 border border-line-2">
          {piece.colours.map((colour) => (
            <span key={colour.hex} style={{ background: colour.hex, width: `${colour.percent}%` }} title={`${colour.hex} ${colour.percent} %`} />
          ))}
        </div>
        <p className="note">
          {piece.colours.map((colour) => `${colour.percent} %`).join(', ')}, {piece.finish}
        </p>
      </div>
    </>
  );
}
