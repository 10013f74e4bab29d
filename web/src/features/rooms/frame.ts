import type { Placement, Spot } from '../../api/types';
import { boardsOf, inch } from '../../lib/inches';
import { hasSides, isUpright } from '../../lib/runs';

/** The drawing of a spot in its own units: how inches on the spot become units of the picture. */
export type Frame = {
  scale: number;
  viewWidth: number;
  viewHeight: number;
  /** Where the lowest board, the seat or the lower edge of a panel is. */
  ledgeY: number;
  wallHeight: number;
  /** Inches that are drawn under it: legs, the furniture under a wall, posts, what hangs from the edge. */
  below: number;
  /** Inches that are drawn past each end: the arms of a sofa or chair, what is beside a post or doorway. */
  past: number;
  x: (inches: number) => number;
  y: (inches: number) => number;
};

const LEFT = 50;
const RIGHT = 20;
const TOP = 26;
const RULER = 30;
/** The strip under the rulers in which the lanes are drawn. */
export const LANES = 56;
const WIDE = 700;
const NARROW = 366;
const LEAST_WALL = 16;
/** How far an arm reaches out over the end of the seat. */
const ARM_OUT = 2.5;
/** What is seen of the wall on either side of a post or a doorway. */
const BESIDE_A_POST = 14;
/** Of a sofa or chair over its seat, of a bed over its mattress. */
const BACK = 18;

/** Whether the picture is completed by three lanes from above: where things stand one before the other on one board. */
export const hasLanes = (spot: Spot): boolean => ['ledge', 'floor', 'seat'].includes(spot.form);

/** Whether it hangs down from an edge, a rail or a branch, and not on a wall. */
export const hangsDown = (placement: Placement): boolean => placement.posture === 'hangs' && !placement.isOnWall;

/** How high what is put somewhere reaches over the lowest board and how far it hangs below an edge, in inches. */
export type Reach = { tallest: number; deepest: number };

export function reachOf(placements: readonly Placement[]): Reach {
  return {
    tallest: Math.max(0, ...placements.map((one) => inch(one.foot + one.height))),
    deepest: Math.max(0, ...placements.map((one) => inch(hangsDown(one) ? one.height : one.drop > 0 ? one.drop + one.height : 0))),
  };
}

/** How high the picture must reach over the lowest board, and how far below it, in inches. */
function extent(spot: Spot, { tallest, deepest }: Reach): { wall: number; below: number } {
  const clear = spot.clearHeight === null ? 0 : inch(spot.clearHeight);
  switch (spot.form) {
    case 'tiers': {
      const boards = inch(boardsOf([...spot.tiers, 0]).at(-1) ?? 0);
      return { wall: boards > 0 ? boards + 2 : Math.max(LEAST_WALL, tallest + 4, Math.min(clear + 2, tallest + 14)), below: 2 };
    }
    case 'panel':
      return {
        wall: Math.max(clear || 60, tallest + 2),
        below: spot.belowTop === null ? 0 : Math.max(0, inch(spot.ledgeHeight - spot.belowTop)) + 8,
      };
    case 'run':
      if (isUpright(spot)) return { wall: inch(spot.width) + 4, below: 2 };
      if (hasSides(spot)) return { wall: Math.max(clear || 80, tallest - 4) + 12, below: 2 };
      return { wall: inch(spot.rise ?? 0) + Math.max(10, tallest - inch(spot.rise ?? 0) + 4), below: 26 };
    case 'seat':
      return { wall: Math.max(BACK + 3, tallest + 3), below: Math.min(12, Math.max(6, inch(spot.ledgeHeight))) };
    case 'cone':
      return { wall: Math.max(clear, tallest) + 3, below: 3 };
    case 'table':
      return { wall: Math.max(LEAST_WALL, tallest + 4, spot.seats > 0 ? 26 : 0), below: 6 };
    default:
      return { wall: Math.max(LEAST_WALL, tallest + 4, Math.min(clear + 2, tallest + 14)), below: deepest > 0 ? deepest + 1 : 0 };
  }
}

/** Fits the spot to the width of the picture and the wall to what is put there, or to the clear height. */
export function frameFor(spot: Spot, reach: Reach, isNarrow: boolean): Frame {
  const full = isNarrow ? NARROW : WIDE;
  const { wall, below } = extent(spot, reach);
  const past = spot.kind === 'sofa' || spot.kind === 'chair' ? ARM_OUT : isUpright(spot) || hasSides(spot) ? BESIDE_A_POST : 0;
  const wide = inch(isUpright(spot) ? spot.depth : spot.width);
  const scale = Math.min((full - LEFT - RIGHT) / (wide + 2 * past), 360 / (wall + below), 14);
  const wallHeight = wall * scale;
  const ledgeY = TOP + wallHeight;
  const used = wide * scale;
  const start = LEFT + (full - LEFT - RIGHT - used) / 2;
  return {
    scale,
    viewWidth: full,
    viewHeight: ledgeY + below * scale + RULER + (hasLanes(spot) ? LANES : 0),
    ledgeY,
    wallHeight,
    below,
    past,
    x: (inches) => start + inches * scale,
    y: (inches) => ledgeY - inches * scale,
  };
}

type Mark = { at: number; text: string };

/** Where a ruler is marked and what stands there, in the home's unit; places are inches, as in the rest of the drawing. */
export function rulerMarks(width: number, height: number, unit: 'in' | 'cm', from = 0): { along: readonly Mark[]; up: readonly Mark[] } {
  const perInch = unit === 'cm' ? 2.54 : 1;
  const marks = (length: number, step: number, start = 0): Mark[] => {
    const first = Math.ceil((start * perInch) / step);
    const last = Math.floor(((start + length) * perInch) / step);
    return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => ({
      at: ((first + i) * step) / perInch - start,
      text: String((first + i) * step),
    }));
  };
  const step = width > 90 ? 12 : width > 40 ? 8 : 4;
  const up = height > 48 ? 12 : 6;
  return unit === 'cm'
    ? { along: marks(width, step === 12 ? 30 : step === 8 ? 20 : 10), up: marks(height, up === 12 ? 30 : 15, from) }
    : { along: marks(width, step), up: marks(height, up, from) };
}
