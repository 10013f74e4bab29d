import type { Floor, FloorPlace, Furniture } from '../../api/types';
import { TENTHS_PER_INCH } from '../../lib/measure';

export const INCH = TENTHS_PER_INCH;

/** The rectangle of a piece where it stands; a quarter turn changes its sides. */
export function cornersOf(furniture: Furniture, place: FloorPlace) {
  const isAcross = place.turns % 2 === 0;
  return {
    x: place.left,
    y: place.far,
    width: isAcross ? furniture.width : furniture.depth,
    height: isAcross ? furniture.depth : furniture.width,
  };
}

/** The same place, inside the walls as far as the piece is not larger than the room. */
export function held(furniture: Furniture, place: FloorPlace, wide: number, deep: number): FloorPlace {
  const box = cornersOf(furniture, place);
  return {
    ...place,
    left: Math.max(0, Math.min(place.left, wide - box.width)),
    far: Math.max(0, Math.min(place.far, deep - box.height)),
  };
}

/** Where in its wall something is. */
export function openingLine({ wall, from, width }: Floor['openings'][number], wide: number, deep: number) {
  const to = from + width;
  if (wall === 'far') return { x1: from, y1: 0, x2: to, y2: 0 };
  if (wall === 'near') return { x1: from, y1: deep, x2: to, y2: deep };
  return wall === 'left' ? { x1: 0, y1: from, x2: 0, y2: to } : { x1: wide, y1: from, x2: wide, y2: to };
}
