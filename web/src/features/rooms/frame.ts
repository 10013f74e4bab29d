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

const LEFT = 50;
const RIGHT = 20;
const TOP = 26;
const BELOW = 86;
const WIDE = 700;
const NARROW = 366;
const LEAST_WALL = 16;

/** Fits the ledge to the width of the picture and the wall to what stands there, or to the clear height. */
export function frameFor(spot: Spot, tallest: number, isNarrow: boolean): Frame {
  const full = isNarrow ? NARROW : WIDE;
  const clear = spot.clearHeight === null ? 0 : inch(spot.clearHeight);
  const wall = Math.max(LEAST_WALL, tallest + 4, Math.min(clear + 2, tallest + 14));
  const scale = Math.min((full - LEFT - RIGHT) / inch(spot.width), 360 / wall, 14);
  const wallHeight = wall * scale;
  const ledgeY = TOP + wallHeight;
  const used = inch(spot.width) * scale;
  const start = LEFT + (full - LEFT - RIGHT - used) / 2;
  return {
    scale,
    viewWidth: full,
    viewHeight: ledgeY + BELOW,
    ledgeY,
    wallHeight,
    x: (inches) => start + inches * scale,
    y: (inches) => ledgeY - inches * scale,
  };
}

type Mark = { at: number; text: string };

/** Where a ruler is marked and what stands there, in the home's unit; places are inches, as in the rest of the drawing. */
export function rulerMarks(width: number, height: number, unit: 'in' | 'cm'): { along: readonly Mark[]; up: readonly Mark[] } {
  const perInch = unit === 'cm' ? 2.54 : 1;
  const marks = (length: number, step: number): Mark[] =>
    Array.from({ length: Math.floor((length * perInch) / step) + 1 }, (_, i) => ({ at: (i * step) / perInch, text: String(i * step) }));
  const step = width > 90 ? 12 : width > 40 ? 8 : 4;
  return unit === 'cm'
    ? { along: marks(width, step === 12 ? 30 : step === 8 ? 20 : 10), up: marks(height, 15) }
    : { along: marks(width, step), up: marks(height, 6) };
}
