import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useHouse, usePlaces, useSwap } from '../api/home';
import { piecesQuery } from '../api/queries';
import { Dialog } from '../ui/Dialog';

const MOST = 12;

/** Finds a piece, tote or spot by name and goes there. */
export function Finder({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const place = usePlaces();
  const navigate = useNavigate();
  const pieces = useQuery(piecesQuery(house.home.id));
  const [text, setText] = useState('');
  const asked = text.trim().toLowerCase();
  const has = (...words: string[]) => words.some((word) => word.toLowerCase().includes(asked));
  const base = `/homes/${house.home.id}`;
  const found = [
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
      .map((tote) => ({ key: tote.id, name: `Tote ${tote.code}`, about: tote.place, to: `${base}/cupboard?by=tote#${tote.id}` })),
    ...(pieces.data ?? [])
      .filter((piece) => has(piece.name, piece.kind))
      .map((piece) => ({
        key: piece.id,
        name: piece.name,
        about: piece.places.map((at) => place(at.place)).join('; '),
        to: `${base}/cupboard?piece=${piece.id}`,
      })),
  ].slice(0, MOST);
  const go = (to: string) => {
    onClose();
    setText('');
    void navigate(to);
  };
  return (
    <Dialog title="Find a piece, tote or spot" isOpen={isOpen} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (found[0]) go(found[0].to);
        }}
      >
        <input
          aria-label="Name, kind or place"
          className="w-full"
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder="jug, C4, stove shelf…"
        />
      </form>
      <ul className="rows mt-2">
        {asked !== '' &&
          found.map((one) => (
            <li key={one.key}>
              <button type="button" className="flex w-full justify-between gap-3 px-1 py-1.5 text-left hover:bg-yolk-soft" onClick={() => go(one.to)}>
                <b>{one.name}</b>
                <span className="note">{one.about}</span>
              </button>
            </li>
          ))}
      </ul>
      {asked !== '' && found.length === 0 && <p className="mt-3">Nothing of that name is owned here.</p>}
    </Dialog>
  );
}
