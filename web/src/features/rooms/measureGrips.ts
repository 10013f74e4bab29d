import type { Spot } from '../../api/types';
import { boardsOf, inch } from '../../lib/inches';
import { hasSides, isUpright } from '../../lib/runs';
import { type Frame, hasLanes, LANES } from './frame';

export type Measures = Pick<Spot, 'width' | 'depth' | 'clearHeight' | 'rise' | 'tiers'>;

/** Pulled this way it grows. */
type Way = 'right' | 'up' | 'down';

export type Grip = { name: string; value: number; x: number; y: number; way: Way; to: (value: number) => Partial<Measures> };

/** So much room beside and above the spot to pull it into. */
export const ROOM = 1.25;
const ROOM_BELOW = 1.1;
const UNDER_THE_RULER = 22;
const AT_LEAST = 36;

/** Where the spot is drawn from above, under its front; null where its depth is only the room before it. */
export function planOf(spot: Spot, frame: Frame, held: Measures): { top: number; height: number; bottom: number } | null {
  if (spot.form === 'panel' || spot.form === 'run' || isRound(spot)) return null;
  const top = frame.viewHeight - (hasLanes(spot) ? LANES : 0) + UNDER_THE_RULER;
  return { top, height: inch(spot.depth) * frame.scale, bottom: top + Math.max(AT_LEAST, inch(held.depth) * ROOM_BELOW * frame.scale) + 10 };
}

/** As deep as it is wide, whatever is pulled. */
export const isRound = (spot: Spot): boolean => spot.form === 'table' && spot.tableShape === 'round';

/** Its height at the top, how thick it is at its right edge. */
const gripsOfPost = (spot: Spot, frame: Frame): Grip[] => [
  {
    name: 'Pull its height',
    value: spot.width,
    x: frame.x(inch(spot.depth) / 2),
    y: frame.y(inch(spot.width)),
    way: 'up',
    to: (width) => ({ width }),
  },
  {
    name: 'Pull how thick it is',
    value: spot.depth,
    x: frame.x(inch(spot.depth)),
    y: frame.y(inch(spot.width) / 2),
    way: 'right',
    to: (depth) => ({ depth }),
  },
];

/** A grip for each measure that the picture shows. */
export function gripsOf(spot: Spot, frame: Frame, plan: ReturnType<typeof planOf>): Grip[] {
  if (isUpright(spot)) return gripsOfPost(spot, frame);
  const across = (share: number) => frame.x(inch(spot.width) * share);
  const grips: Grip[] = [
    {
      name: spot.form === 'run' && !hasSides(spot) ? 'Pull its length' : 'Pull its width',
      value: spot.width,
      x: across(1),
      y: frame.ledgeY - 20,
      way: 'right',
      to: (width) => (isRound(spot) ? { width, depth: width } : { width }),
    },
  ];
  if (spot.tiers.length > 1) {
    const boards = boardsOf(spot.tiers);
    spot.tiers.forEach((clear, i) => {
      grips.push({
        name: `Pull what is clear over board ${i + 1}`,
        value: clear,
        x: across(0.5),
        y: frame.y(inch((boards[i] ?? 0) + clear)),
        way: 'up',
        to: (value) => ({ tiers: spot.tiers.map((one, j) => (j === i ? value : one)) }),
      });
    });
  } else if (spot.form === 'run' && !hasSides(spot)) {
    grips.push({
      name: 'Pull its rise',
      value: spot.rise ?? 0,
      x: across(0.8),
      y: frame.y(inch(spot.rise ?? 0)),
      way: 'up',
      to: (rise) => ({ rise }),
    });
  } else if (spot.clearHeight !== null) {
    grips.push({
      name: spot.form === 'panel' || hasSides(spot) ? 'Pull its height' : 'Pull its clear height',
      value: spot.clearHeight,
      x: across(0.5),
      y: frame.y(inch(spot.clearHeight)),
      way: 'up',
      to: (clearHeight) => ({ clearHeight }),
    });
  }
  if (plan) {
    grips.push({ name: 'Pull its depth', value: spot.depth, x: across(0.5), y: plan.top + plan.height, way: 'down', to: (depth) => ({ depth }) });
  }
  return grips;
}
