import type { House } from '../api/types';

/** Where the work of a home is: the table of its running swap, or the house when it has none. */
export function startOf(house: House): string {
  const running = house.swaps.find((swap) => swap.closedAt === null);
  return running ? `/homes/${house.home.id}/swaps/${running.id}/table` : `/homes/${house.home.id}/house`;
}
