import type { Piece, Spot } from '../api/types';

type Of = Pick<Spot, 'kind'>;

/** Whether its width is how tall it is, its depth how thick, and places on it are measured from its foot. */
export const isUpright = (spot: Of): boolean => spot.kind === 'post';

/** Whether what goes along it goes over it, and hangs down both its sides. */
export const hasSides = (spot: Of): boolean => spot.kind === 'doorway';

/** No thicker than a string with something on it. */
export const isStrung = (piece: Pick<Piece, 'kind'>): boolean => piece.kind === 'lights' || piece.kind === 'beads';
