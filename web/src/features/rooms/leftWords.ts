import type { Spot } from '../../api/types';
import { hasSides } from '../../lib/runs';

/** How far from the left something begins; over a doorway also how far down its left side. */
export const leftWords = (spot: Spot, left: number, length: (tenths: number) => string): string =>
  hasSides(spot) && left < 0 ? `${length(-left)} down the left side` : length(left);
