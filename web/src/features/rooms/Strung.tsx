import type { Piece, Placement } from '../../api/types';
import { inch } from '../../lib/inches';
import { pieceForm } from '../../silhouettes/pieceForm';
import { swag } from '../../silhouettes/swag';

type Props = { placement: Placement; piece: Piece; x: number; y: number; width: number; scale: number };

/** Lights and beads cross what they run along at such distances, in inches; more than twice along it they would hide it. */
const CROSSING = 6;
const MOST_RUNS = 2;
/** How far over what they run along their middle is, and how far to either side they swing, in inches. */
const MIDDLE = 1.5;
const SWING = 1.3;

/** Lights or beads along a rail or in a garland: to and fro as often as they are long, in and out of it. */
export function Strung({ placement, piece, x, y, width, scale }: Props) {
  const runs = Math.min(MOST_RUNS, Math.max(1, Math.round((piece.width * placement.count) / Math.max(1, placement.width))));
  const middle = y - Math.min(MIDDLE, inch(placement.height) / 2) * scale;
  const swing = Math.min(SWING, inch(placement.height) / 2) * scale;
  const crossings = Math.max(2, Math.round(inch(placement.width) / CROSSING));
  const drawn = Array.from({ length: runs }, (_, run) => {
    const ties = Array.from({ length: crossings + 1 }, (_, i) => ({
      x: x + (width * i) / crossings,
      y: middle + ((i + run) % 2 === 0 ? -swing : swing),
    }));
    return swag(piece.kind, { ...pieceForm(piece), h: 1 }, ties, 0, scale, `${piece.id} ${run}`);
  }).join('');
  // biome-ignore lint/security/noDangerouslySetInnerHtml: path text made from numbers and checked hex colours only
  return <g opacity=".85" dangerouslySetInnerHTML={{ __html: drawn }} />;
}
