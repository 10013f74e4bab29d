import type { Spot } from '../api/types';

/** Whether its width is how tall it is, its depth how thick, and places on it are measured from its foot. */
export const isUpright = (spot: Pick<Spot, 'kind'>): boolean => spot.kind === 'post';
