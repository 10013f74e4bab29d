/** Of the API's tenths of a millimetre. */
export const inch = (tenths: number): number => tenths / 254;

/** How thick a board is drawn: an inch, in tenths of a millimetre. */
const BOARD = 254;

/** Heights of boards over the lowest one, by what is clear over each; in tenths of a millimetre. */
export function boardsOf(tiers: readonly number[]): number[] {
  return tiers.length === 0 ? [0] : tiers.map((_, i) => tiers.slice(0, i).reduce((sum, clear) => sum + clear + BOARD, 0));
}
