import type { Spot } from '../../api/types';

/** The drawing of a spot in its own units: how inches on the ledge become units of the picture. */
export type Frame = {
  scale: number;
  viewWidth: number;
  viewHeight: number;
  ledgeY: number;
  wallHeight: number;
  x: (inches: number) => number;
  y: (inches: number) => number;
};

export const inch = (tenths: number): number => tenths / 254;

const LEFT = 44;
const RIGHT = 20;
const TOP = 26;
const BELOW = 86;
const WIDTH = 700;
const LEAST_WALL = 16;

/** Fits the ledge to the width of the picture and the wall to what stands there, or to the clear height. */
export function frameFor(spot: Spot, tallest: number): Frame {
  const clear = spot.clearHeight === null ? 0 : inch(spot.clearHeight);
  const wall = Math.max(LEAST_WALL, tallest + 4, Math.min(clear + 2, tallest + 14));
  const scale = Math.min((WIDTH - LEFT - RIGHT) / inch(spot.width), 360 / wall, 14);
  const wallHeight = wall * scale;
  const ledgeY = TOP + wallHeight;
  const used = inch(spot.width) * scale;
  const start = LEFT + (WIDTH - LEFT - RIGHT - used) / 2;
  return {
    scale,
    viewWidth: WIDTH,
    viewHeight: ledgeY + BELOW,
    ledgeY,
    wallHeight,
    x: (inches) => start + inches * scale,
    y: (inches) => ledgeY - inches * scale,
  };
}
