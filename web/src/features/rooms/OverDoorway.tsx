import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { pieceForm } from '../../silhouettes/pieceForm';
import { swag, type Tie } from '../../silhouettes/swag';
import type { Frame } from './frame';

type Props = { spot: Spot; placement: Placement; piece: Piece; frame: Frame; left: number };

/** What goes over a doorway: along its top, and what is longer down its sides. */
export function OverDoorway({ spot, placement, piece, frame, left }: Props) {
  const drawn = swag(piece.kind, pieceForm(piece), corners(spot, placement, frame, left), 0, frame.scale, piece.id);
  // biome-ignore lint/security/noDangerouslySetInnerHtml: path text made from numbers and checked hex colours only
  return <g dangerouslySetInnerHTML={{ __html: drawn }} />;
}

/** From the end of what hangs on the left over both corners to the end of what hangs on the right. */
function corners(spot: Spot, placement: Placement, frame: Frame, left: number): readonly Tie[] {
  const [from, to, wide, high] = [inch(left), inch(left + placement.width), inch(spot.width), inch(spot.clearHeight ?? 0)];
  const at = (along: number) => ({
    x: frame.x(Math.max(0, Math.min(wide, along))),
    y: frame.y(high - Math.max(0, -along, along - wide)),
  });
  return [from, ...[0, wide].filter((corner) => corner > from && corner < to), to].map(at);
}

/** What it takes in the picture. */
export function aroundDoorway(spot: Spot, placement: Placement, frame: Frame, left: number): { x: number; y: number; width: number; height: number } {
  const out = inch(placement.height) / 2;
  const [xs, ys] = [corners(spot, placement, frame, left).map(({ x }) => x), corners(spot, placement, frame, left).map(({ y }) => y)];
  const [x, y] = [Math.min(...xs) - out * frame.scale, Math.min(...ys) - out * frame.scale];
  return { x, y, width: Math.max(...xs) - x + out * frame.scale, height: Math.max(...ys) - y + out * frame.scale };
}
