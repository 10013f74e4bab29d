import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, usePlaces } from '../../api/home';
import type { Piece, StockTake, Tote, ToteContents } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { FormErrors } from '../../ui/Field';

type Props = { tote: Tote; contents: ToteContents; pieces: readonly Piece[]; onDone: () => void };
type Counted = { piece: string; units: number };

/** Walks a tote: each piece that should lie here is counted, what lies here unexpected is added; the books follow only when told to. */
export function StockTakePanel({ tote, contents, pieces, onDone }: Props) {
  const house = useHouse();
  const [counted, setCounted] = useState<readonly Counted[]>(() => contents.content.map((one) => ({ piece: one.piece, units: one.units })));
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const expected = new Map(contents.content.map((one) => [one.piece, one.units]));
  const set = (piece: string, units: number) =>
    setCounted((now) =>
      now.some((one) => one.piece === piece) ? now.map((one) => (one.piece === piece ? { piece, units } : one)) : [...now, { piece, units }],
    );
  const send = useMutation({
    mutationFn: (keep: boolean) =>
      take(
        api.POST('/api/homes/{home}/totes/{tote}/stock-take', {
          params: { path: { home: house.home.id, tote: tote.id } },
          body: { counted: [...counted], keep },
        }),
      ),
    onSuccess: (result) => result.isKept && onDone(),
  });
  return (
    <section aria-label={`Counting ${tote.code}`} className="mt-3 bg-wall px-4 py-3" data-testid="stock-take">
      <p className="text-[15px]">Take everything out. Set what you find; leave the rest at 0.</p>
      <FormErrors error={send.error}>
        <ul className="mt-2 grid gap-x-6 sm:grid-cols-2 xl:grid-cols-3">
          {counted.map((one) => (
            <CountRow
              key={one.piece}
              piece={byId.get(one.piece)}
              expected={expected.get(one.piece) ?? 0}
              units={one.units}
              onUnits={(units) => set(one.piece, units)}
            />
          ))}
        </ul>
        <label className="mt-2 flex flex-wrap items-center gap-2">
          Something else lies here:
          <select value="" onChange={(event) => event.target.value && set(event.target.value, 1)} aria-label="Add a piece that lies here">
            <option value="">choose what it is…</option>
            {pieces
              .filter((piece) => !counted.some((one) => one.piece === piece.id))
              .map((piece) => (
                <option key={piece.id} value={piece.id}>
                  {piece.name}
                </option>
              ))}
          </select>
        </label>
      </FormErrors>
      {send.data && <Result result={send.data} />}
      <div className="mt-3 flex gap-2">
        <button type="button" className="btn" onClick={() => send.mutate(false)} disabled={send.isPending}>
          What differs?
        </button>
        <button type="button" className="btn btn-main" onClick={() => send.mutate(true)} disabled={send.isPending || !send.data}>
          Put the books right
        </button>
        <button type="button" className="btn" onClick={onDone}>
          Stop counting
        </button>
      </div>
    </section>
  );
}

type RowProps = { piece: Piece | undefined; expected: number; units: number; onUnits: (units: number) => void };

function CountRow({ piece, expected, units, onUnits }: RowProps) {
  if (!piece) return null;
  return (
    <li className="flex items-center gap-2 border-b border-line py-1">
      <svg width="40" height="34" className="flex-none" aria-hidden="true">
        <Silhouette piece={piece} scale={Math.min(31 / shownHeight(piece), 37 / (piece.width / 254))} x={20} y={33} />
      </svg>
      <span className="min-w-0 flex-1 truncate">{piece.name}</span>
      <button
        type="button"
        className="btn size-[44px] justify-center p-0 md:size-[34px]"
        aria-label={`One less of ${piece.name}`}
        onClick={() => onUnits(Math.max(0, units - 1))}
      >
        −
      </button>
      <output className="w-12 text-center font-semibold" aria-label={`${piece.name}: ${units} of ${expected}`}>
        {units} / {expected}
      </output>
      <button
        type="button"
        className="btn size-[44px] justify-center p-0 md:size-[34px]"
        aria-label={`One more of ${piece.name}`}
        onClick={() => onUnits(units + 1)}
      >
        +
      </button>
    </li>
  );
}

function Result({ result }: { result: StockTake }) {
  const place = usePlaces();
  const isRight = result.missing.length + result.extra.length + result.unknown.length === 0;
  return (
    <div className="mt-2" aria-live="polite">
      {isRight && <p>✓ All is where the books have it.</p>}
      <ul>
        {result.missing.map((move) => (
          <li key={move.piece}>
            <b>
              {move.units} of {move.name}
            </b>{' '}
            missing: goes to the lost until it is found
          </li>
        ))}
        {result.extra.map((move) => (
          <li key={move.piece + move.from}>
            <b>
              {move.units} of {move.name}
            </b>{' '}
            lies here; the books had it {place(move.from)}
          </li>
        ))}
        {result.unknown.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
    </div>
  );
}
