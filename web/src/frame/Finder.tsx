import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useHouse, usePlaces, useSwap } from '../api/home';
import { piecesQuery } from '../api/queries';
import { useSearch } from '../api/useSearch';
import { counted } from '../lib/text';
import { Silhouette, shownHeight } from '../silhouettes/Silhouette';
import { Dialog } from '../ui/Dialog';

const MOST = 12;

/** Where is it? Finds pieces by anything that is known of them, spots and totes by name, and goes there. */
export function Finder({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const place = usePlaces();
  const navigate = useNavigate();
  const pieces = useQuery(piecesQuery(house.home.id));
  const [text, setText] = useState('');
  const [isGoing, setGoing] = useState(false);
  const { found, near, all, units, unknown, isCurrent } = useSearch(house.home.id, text);
  const asked = text.trim().toLowerCase();
  const has = (...words: string[]) => words.some((word) => word.toLowerCase().includes(asked));
  const base = `/homes/${house.home.id}`;
  const places =
    asked === ''
      ? []
      : [
          ...house.spots
            .filter((spot) => has(spot.name, spot.kind))
            .map((spot) => ({
              key: spot.id,
              name: spot.name,
              about: `spot, ${spot.kind}`,
              to: current ? `${base}/swaps/${current.swap.id}/rooms/${spot.id}` : `${base}/house`,
            })),
          ...house.totes
            .filter((tote) => has(tote.code, tote.place))
            .map((tote) => ({ key: tote.id, name: `Tote ${tote.code}`, about: tote.place, to: `${base}/totes/${tote.id}` })),
        ].slice(0, 6);
  const byId = new Map(pieces.data?.map((piece) => [piece.id, piece]));
  const answers = [...(found ?? []), ...[...near].map(([id, misses]) => [id, misses.map((miss) => `but not ${miss}`)] as const)];
  const shown = answers.slice(0, MOST).flatMap(([id, why]) => {
    const piece = byId.get(id);
    return piece ? [{ piece, why }] : [];
  });
  const go = (to: string) => {
    onClose();
    setText('');
    void navigate(to);
  };
  const first = shown[0] ? `${base}/cupboard?piece=${shown[0].piece.id}` : places[0]?.to;
  // Enter may come before the answer to the last letter: it waits for it.
  useEffect(() => {
    if (!isGoing || !isCurrent) return;
    setGoing(false);
    if (first) go(first);
  });
  return (
    <Dialog title="Where is it?" isOpen={isOpen} onClose={onClose}>
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
          Name, kind, colour, texture, place or season; “fits in 12 in”, “brass under 10 in”, “not used for 2 years”, “lent”, “never used”.
        </p>
      )}
      {shown.length > 0 && (
        <p className="note mt-2" data-testid="search-said">
          {near.size > 0 ? 'Nothing meets all of it; these miss one thing.' : `${counted(all, 'piece')}, ${counted(units, 'unit')}.`}
          {unknown.length > 0 && ` No piece is known by ${unknown.map((word) => `“${word}”`).join(', ')}: shown without it.`}
        </p>
      )}
      <ul className="rows mt-2" aria-live="polite">
        {places.map((one) => (
          <li key={one.key}>
            <button type="button" className="flex w-full justify-between gap-3 px-1 py-1.5 text-left hover:bg-yolk-soft" onClick={() => go(one.to)}>
              <b>{one.name}</b>
              <span className="note">{one.about}</span>
            </button>
          </li>
        ))}
        {shown.map(({ piece, why }) => (
          <li key={piece.id}>
            <button
              type="button"
              className="flex w-full items-center gap-3 px-1 py-1 text-left hover:bg-yolk-soft"
              onClick={() => go(`${base}/cupboard?piece=${piece.id}`)}
            >
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
        ))}
      </ul>
      {all > shown.length && <p className="note mt-2">{counted(all, 'piece')} in all; the Cupboard shows them when you ask there.</p>}
      {asked !== '' && found !== null && shown.length === 0 && places.length === 0 && (
        <p className="mt-3">
          {unknown.length > 0
            ? `No piece here is known by ${unknown.map((word) => `“${word}”`).join(', ')}. Try its kind, colour, material or place.`
            : 'Nothing that is owned here is so.'}
        </p>
      )}
    </Dialog>
  );
}
