import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useHouse, usePlaces, useSwap } from '../api/home';
import { piecesQuery } from '../api/queries';
import type { Piece, SearchResult } from '../api/types';
import { useSearch } from '../api/useSearch';
import { counted } from '../lib/text';
import { Silhouette, shownHeight } from '../silhouettes/Silhouette';
import { Dialog } from '../ui/Dialog';
import { HomeWords } from './HomeWords';

const MOST = 12;

/** Where is it? Finds pieces by anything that is known of them, and what else goes by those words, and goes there. */
export function Finder({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const navigate = useNavigate();
  const pieces = useQuery(piecesQuery(house.home.id));
  const [text, setText] = useState('');
  const [isGoing, setGoing] = useState(false);
  const { found, near, all, sentence, unknown, words, elsewhere, isCurrent } = useSearch(house.home.id, text);
  const asked = text.trim();
  const base = `/homes/${house.home.id}`;
  const places = asked === '' ? [] : elsewhere.map((one) => ({ ...one, to: addressOf(one, base, current?.swap.id) }));
  const byId = new Map(pieces.data?.map((piece) => [piece.id, piece]));
  const listed = (answers: readonly (readonly [string, readonly string[]])[]) =>
    answers.slice(0, MOST).flatMap(([id, why]) => {
      const piece = byId.get(id);
      return piece ? [{ piece, why }] : [];
    });
  const shown = listed([...(found ?? [])]);
  const almost = listed([...near].map(([id, misses]) => [id, misses.map((miss) => `but not ${miss}`)] as const));
  const go = (to: string) => {
    onClose();
    setText('');
    void navigate(to);
  };
  const best = shown[0] ?? (places.length === 0 ? almost[0] : undefined);
  const first = best ? `${base}/cupboard?piece=${best.piece.id}` : places[0]?.to;
  // Enter may come before the answer to the last letter: it waits for it.
  useEffect(() => {
    if (!isGoing || !isCurrent) return;
    setGoing(false);
    if (first) go(first);
  });
  return (
    <Dialog title="Where is it?" isOpen={isOpen} onClose={onClose} isHung>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          setGoing(true);
        }}
      >
        <input
          aria-label="What you look for"
          className="w-full border-2 border-ink text-[15px]"
          dir="auto"
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder="brass under 10 in, sage cushion, not used for 2 years…"
        />
      </form>
      {asked === '' && (
        <p className="note mt-3">
          Name, kind, colour, texture, place or season; “fits in 12 in”, “brass under 10 in”, “not used for 2 years”, “how many stockings”, “what is
          left of the ribbon”, “empty totes”.
        </p>
      )}
      {asked !== '' && (
        <div className="mt-2" data-testid="search-said">
          {sentence !== '' && <p className="text-[15px] font-semibold">{sentence}</p>}
          {shown.length === 0 && almost.length > 0 && <p>Nothing meets all of it; these miss one thing.</p>}
          {unknown.length > 0 && (shown.length > 0 || almost.length > 0) && (
            <p className="note">No piece is known by {unknown.map((word) => `“${word}”`).join(', ')}: shown without it.</p>
          )}
          <HomeWords home={house.home.id} unknown={unknown} words={words} />
        </div>
      )}
      <ul className="rows mt-2" aria-live="polite">
        {places.filter(isPlace).map((one) => (
          <Elsewhere key={one.id} {...one} onGo={() => go(one.to)} />
        ))}
        {shown.map((one) => (
          <Answer key={one.piece.id} {...one} onGo={() => go(`${base}/cupboard?piece=${one.piece.id}`)} />
        ))}
        {places
          .filter((one) => !isPlace(one))
          .map((one) => (
            <Elsewhere key={one.id} {...one} onGo={() => go(one.to)} />
          ))}
      </ul>
      {almost.length > 0 && (
        <>
          {shown.length > 0 && <p className="ledge mt-2 px-1 text-[12px]/[16px]">Almost</p>}
          <ul className="rows">
            {almost.map((one) => (
              <Answer key={one.piece.id} {...one} onGo={() => go(`${base}/cupboard?piece=${one.piece.id}`)} />
            ))}
          </ul>
        </>
      )}
      {all > shown.length && <p className="note mt-2">{counted(all, 'piece')} in all; the Cupboard shows them when you ask there.</p>}
      {asked !== '' && found !== null && sentence === '' && almost.length === 0 && places.length === 0 && (
        <p className="mt-3">
          {unknown.length > 0
            ? `No piece here is known by ${unknown.map((word) => `“${word}”`).join(', ')}. Try its kind, colour, material or place.`
            : 'Nothing that is owned here is so.'}
        </p>
      )}
    </Dialog>
  );
}

/** Totes and spots come before the pieces: who types a code wants to go there. */
const isPlace = (one: { what: string }): boolean => one.what === 'tote' || one.what === 'spot';

function Elsewhere({ what, title, detail, onGo }: { what: string; title: string; detail: string; onGo: () => void }) {
  return (
    <li>
      <button type="button" className="flex w-full justify-between gap-3 px-1 py-1.5 text-left hover:bg-yolk-soft" onClick={onGo}>
        <b>{title}</b>
        <span className="note">
          {WHAT[what] ?? what}
          {detail !== '' && `, ${detail}`}
        </span>
      </button>
    </li>
  );
}

const WHAT: Record<string, string> = { tote: 'tote', spot: 'spot', look: 'look', note: 'note', line: 'haul', swap: 'swap' };

/** Where something that is no piece is looked at. */
function addressOf(one: SearchResult['elsewhere'][number], base: string, current: string | undefined): string {
  const swap = `${base}/swaps/${one.swap ?? current}`;
  switch (one.what) {
    case 'tote':
      return `${base}/totes/${one.id}`;
    case 'spot':
      return current ? `${swap}/rooms/${one.id}` : `${base}/house`;
    case 'note':
      return `${swap}/settle`;
    case 'line':
      return `${swap}/haul`;
    case 'swap':
      return `${base}/swaps/${one.id}/look`;
    default:
      return current ? `${swap}/look` : `${base}/swaps`;
  }
}

function Answer({ piece, why, onGo }: { piece: Piece; why: readonly string[]; onGo: () => void }) {
  const place = usePlaces();
  return (
    <li>
      <button type="button" className="flex w-full items-center gap-3 px-1 py-1 text-left hover:bg-yolk-soft" onClick={onGo}>
        <svg width="44" height="36" className="flex-none" aria-hidden="true">
          <Silhouette piece={piece} scale={Math.min(33 / shownHeight(piece), 40 / (piece.width / 254))} x={22} y={35} />
        </svg>
        <span className="flex-1">
          <b>{piece.name}</b>
          {why.length > 0 && <span className="note"> {why.join(', ')}</span>}
        </span>
        <span className="note text-right">{piece.places.map((at) => place(at.place)).join('; ')}</span>
      </button>
    </li>
  );
}
