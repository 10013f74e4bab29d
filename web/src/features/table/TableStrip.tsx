import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useHouse, usePlaces, useSwap, useWriting } from '../../api/home';
import { consequencesQuery, fitQuery } from '../../api/queries';
import type { Choice, Piece, TableRow } from '../../api/types';
import { CHOICES } from '../../api/words';
import { DamageOf } from '../../frame/DamageOf';
import { capital, counted } from '../../lib/text';
import { useKeys } from '../../lib/useKeys';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { Dialog } from '../../ui/Dialog';
import { ChoiceMark } from './ChoiceMark';

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
            className={`flex h-[72px] w-[50px] flex-col items-center justify-center gap-1 max-md:h-14 ${row.choice === choice ? 'border-2 border-ink bg-yolk-soft' : 'hover:bg-yolk-soft'}`}
          >
            <ChoiceMark choice={choice} size={32} isSuggested={row.choice === null && row.suggestion === choice} />
            <span className="text-[12px]/[14px] font-semibold">{capital(choice)}</span>
          </button>
        ))}
      </fieldset>
      {isWhy && <FitDialog piece={piece} onClose={() => setWhy(false)} />}
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

/** The working of one fit, colour by colour. */
function FitDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const fit = useQuery(fitQuery(house.home.id, current?.swap.id ?? '', piece.id));
  return (
    <Dialog title={`${piece.name} and the look`} isOpen onClose={onClose}>
      {fit.data && (
        <>
          <table className="plain">
            <thead>
              <tr>
                <th>Colour</th>
                <th className="num">Share</th>
                <th>Nearest ribbon</th>
                <th className="num">Distance</th>
                <th className="num">Score</th>
              </tr>
            </thead>
            <tbody>
              {fit.data.colours.map((colour) => (
                <tr key={colour.hex}>
                  <td>
                    <span className="mr-2 inline-block size-3 border border-line-2 align-middle" style={{ background: colour.hex }} />
                    {colour.hex}
                  </td>
                  <td className="num">{colour.percent} %</td>
                  <td>
                    {colour.ribbon}
                    {colour.rests && ', but rests'}
                  </td>
                  <td className="num">{colour.distance}</td>
                  <td className="num">{colour.score}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-3">
            Share times score, summed, makes a figure out of 100{fit.data.notes.length > 0 ? `; then ${fit.data.notes.join('; ')}` : ''}. That is{' '}
            <b>{fit.data.score}</b>, {fit.data.verdict}.
          </p>
          <Changes piece={piece} />
          <p className="note mt-2">
            Distance is CIEDE2000: up to 8 scores 1, from 30 on nothing. A quiet neutral of the look’s warmth scores at least 0.75.
          </p>
        </>
      )}
    </Dialog>
  );
}

/** What each decision would change for the rooms; nothing is said of those that change nothing. */
function Changes({ piece }: { piece: Piece }) {
  const house = useHouse();
  const current = useSwap();
  const said = useQuery(consequencesQuery(house.home.id, current?.swap.id ?? '', piece.id));
  const choices = said.data?.choices.filter((one) => one.sentences.length > 0) ?? [];
  if (choices.length === 0) return null;
  return (
    <section className="mt-4" aria-label="What would change">
      <h3 className="font-text font-semibold text-ink-2">What would change for the rooms</h3>
      <dl className="mt-1 grid grid-cols-[70px_1fr] gap-x-3 gap-y-1">
        {choices.map((one) => (
          <div key={one.choice} className="contents">
            <dt className="flex items-start gap-1.5 font-semibold">
              <ChoiceMark choice={one.choice} /> {capital(one.choice)}
            </dt>
            <dd>{one.sentences.join(' ')}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
