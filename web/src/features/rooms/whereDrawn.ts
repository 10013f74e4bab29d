import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { isUpright } from '../../lib/runs';
import { type Frame, hangsDown } from './frame';

/** Of a sofa or chair: how high its arms are over the seat, how far they stand out beside it, and how near an end a throw lies over one, in inches. */
const ARM = { height: 8, reach: 5 };
/** Of a bow, so much of its height is below the knot. */
const TAILS = 0.7;

/** Whether a placement is put at a height of its own: what hangs on a wall, and all that is on a wall, door or window. */
export const hasOwnHeight = (spot: Spot, placement: Placement): boolean => placement.isOnWall || spot.form === 'panel';

/**
 * Where the left end and the foot of a placement are in the picture: what drapes lies about its line, a throw at the end of a
 * sofa over its arm, what hangs from an edge below it, and along a rail everything that drapes takes its slope (`turn`, in
 * degrees to the left); what is on a post is before it, as high as it is from its foot. Left and foot are as drawn now, in tenths of a millimetre.
 */
export function whereDrawn(
  placement: Placement,
  piece: Piece,
  spot: Spot,
  frame: Frame,
  left: number,
  foot: number,
): { x: number; y: number; turn: number } {
  const height = inch(placement.height);
  const width = inch(placement.width);
  if (isUpright(spot)) {
    return { x: frame.x(inch(spot.depth) / 2 - width / 2), y: frame.y(inch(left) + (width - height) / 2), turn: 0 };
  }
  const isThrow = piece.kind === 'throw';
  if (placement.posture === 'drapes' && isThrow && (spot.kind === 'sofa' || spot.kind === 'chair')) {
    const end = inch(left) < ARM.reach ? 0 : inch(left) + width > inch(spot.width) - ARM.reach ? inch(spot.width) : null;
    const outer = end === 0 ? -frame.past : inch(spot.width) + frame.past - width;
    if (end !== null) return { x: frame.x(outer), y: frame.y(inch(foot) + ARM.height), turn: 0 };
  }
  // A bow is tied at its knot: its tails hang down from what it trims.
  const isBow = piece.kind === 'ribbon' && placement.posture === 'trims' && spot.form === 'run';
  if (isBow) return { x: frame.x(inch(left)), y: frame.y(inch(foot) - height * TAILS), turn: 0 };
  const below = placement.posture === 'drapes' && !isThrow ? height / 2 : hangsDown(placement) && spot.form !== 'cone' ? height : 0;
  const turn = spot.form === 'run' && placement.posture === 'drapes' ? (Math.atan2(spot.rise ?? 0, spot.width) * 180) / Math.PI : 0;
  return { x: frame.x(inch(left)), y: frame.y(inch(foot) - below), turn };
}
