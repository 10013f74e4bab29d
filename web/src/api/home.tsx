import { createContext, useCallback, useContext, useMemo } from 'react';
import { useParams } from 'react-router';
import { writeLength, writeRun, writeWeight } from '../lib/measure';
import { writeMoney } from '../lib/text';
import type { House, Look, Piece, Spot, Swap } from './types';

export const HouseContext = createContext<House | null>(null);

/** The home that is open, with its rooms, spots, totes, looks and swaps; must stand inside Frame. */
export function useHouse(): House {
  const house = useContext(HouseContext);
  if (!house) throw new Error('useHouse is used outside Frame.');
  return house;
}

/** Writing lengths, weights and money the way this home does. */
export function useWriting() {
  const { home } = useHouse();
  return useMemo(
    () => ({
      length: (tenths: number) => writeLength(tenths, home.unit),
      /** Without its unit, for a drawing that says it once. */
      bare: (tenths: number) => writeLength(tenths, home.unit).replace(/ (in|cm)$/, ''),
      run: (tenths: number) => writeRun(tenths, home.unit),
      weight: (grams: number) => writeWeight(grams, home.unit),
      money: (minor: number) => writeMoney(minor, home.currency),
      size: (piece: Pick<Piece, 'width' | 'depth' | 'height'>) =>
        `${[piece.width, piece.depth, piece.height].map((side) => writeLength(side, home.unit).replace(/ (in|cm)$/, '')).join(' × ')} ${home.unit}`,
    }),
    [home.unit, home.currency],
  );
}

/** What places are called. */
export function usePlaces() {
  const house = useHouse();
  return useCallback(
    (key: string): string => {
      const [kind, id] = key.split(':');
      if (kind === 'spot') return house.spots.find((spot) => spot.id === id)?.name ?? 'a spot that is gone';
      if (kind === 'tote') {
        const tote = house.totes.find((one) => one.id === id);
        return tote ? `${tote.code}, ${tote.place}` : 'a tote that is gone';
      }
      const words: Record<string, string> = {
        table: 'on the table',
        arrived: 'just come in',
        loose: 'loose in store',
        within: 'part of an arrangement',
        lent: 'lent out',
        lost: 'lost',
        parted: 'left the home',
      };
      return words[kind ?? ''] ?? key;
    },
    [house],
  );
}

/** The swap the address names, or the running one, or the last. */
export function useSwap(): { swap: Swap; look: Look; isClosed: boolean } | null {
  const house = useHouse();
  const { swap: id } = useParams();
  const swap = house.swaps.find((one) => one.id === id) ?? house.swaps.find((one) => one.closedAt === null) ?? house.swaps[0];
  const look = house.looks.find((one) => one.id === swap?.look);
  return swap && look ? { swap, look, isClosed: swap.closedAt !== null } : null;
}

export function useSpot(id: string | undefined): Spot | undefined {
  return useHouse().spots.find((spot) => spot.id === id);
}
