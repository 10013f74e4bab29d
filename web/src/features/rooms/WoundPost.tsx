import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { pieceForm } from '../../silhouettes/pieceForm';
import { swag, type Tie } from '../../silhouettes/swag';
import type { Frame } from './frame';

type Props = { spot: Spot; placement: Placement; piece: Piece; frame: Frame; left: number };

/** What is thicker hides the post that it is wound round; in inches. */
const THICKEST = 6;
/** Half a turn is behind the post; the other half is seen as a line from edge to edge. */
const SEEN = 0.5;

/** What goes round a post, as far as it is seen from the front: a line from edge to edge in each turn, rising; without a turn it runs straight up. */
export function WoundPost({ spot, placement, piece, frame, left }: Props) {
  const [foot, climb] = [inch(left), inch(placement.width)];
  const form = { ...pieceForm(piece), h: Math.min(THICKEST, inch(piece.height)) };
  const drawn = turns(placement.dips, foot, climb, inch(spot.depth), frame)
    .map((ties, i) => swag(piece.kind, form, ties, 0, frame.scale, `${piece.id} ${i}`))
    .join('');
  // biome-ignore lint/security/noDangerouslySetInnerHtml: path text made from numbers and checked hex colours only
  return <g dangerouslySetInnerHTML={{ __html: drawn }} />;
}

function turns(count: number, foot: number, climb: number, thick: number, frame: Frame): (readonly Tie[])[] {
  if (count === 0) {
    const x = frame.x(thick / 2);
    return [
      [
        { x, y: frame.y(foot) },
        { x, y: frame.y(foot + climb) },
      ],
    ];
  }
  const pitch = climb / count;
  return Array.from({ length: count }, (_, i) => {
    const from = foot + pitch * i + (pitch * (1 - SEEN)) / 2;
    return [
      { x: frame.x(0), y: frame.y(from) },
      { x: frame.x(thick), y: frame.y(from + pitch * SEEN) },
    ];
  });
}

/** What it takes in the picture. */
export function aroundPost(spot: Spot, placement: Placement, frame: Frame, left: number): { x: number; y: number; width: number; height: number } {
  const out = 2;
  return {
    x: frame.x(-out),
    y: frame.y(inch(left + placement.width)),
    width: (inch(spot.depth) + 2 * out) * frame.scale,
    height: inch(placement.width) * frame.scale,
  };
}
