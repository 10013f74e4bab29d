import type { Piece } from '../api/types';
import { draw, FOOT } from './draw';
import { type Drawable, pieceForm } from './pieceForm';

type Drawn = Drawable & Pick<Piece, 'id'>;

type Props = {
  piece: Drawn;
  /** Pixels per inch. */
  scale: number;
  /** Middle of the foot, in pixels. */
  x: number;
  y: number;
  isGhost?: boolean;
};

/** One unit of a piece inside an svg, at true scale. Plates and flat trays are shown standing, as they are displayed. */
export function Silhouette({ piece, scale, x, y, isGhost = false }: Props) {
  const drawn = draw(piece.kind, pieceForm(piece), scale, piece.id);
  if (isGhost) {
    return (
      <path
        d={drawn.d}
        transform={`translate(${x} ${y})`}
        fill="rgb(31 36 33 / 4%)"
        stroke="#4A514C"
        strokeWidth="1.3"
        strokeDasharray="4 3"
        strokeLinejoin="round"
      />
    );
  }
  const foot = ((piece.width / 254) * scale * (FOOT[piece.kind] ?? 0.44)).toFixed(1);
  return (
    <g transform={`translate(${x} ${y})`}>
      <ellipse cx="1.5" cy="0" rx={foot} ry={Math.max(1.2, Math.min(3.2, scale * 0.34))} fill="#1F2421" opacity=".2" />
      {/* biome-ignore lint/security/noDangerouslySetInnerHtml: path text made here from numbers and checked hex colours only */}
      <g className="pc" dangerouslySetInnerHTML={{ __html: drawn.g }} />
    </g>
  );
}

/** Drawn height in inches: what is shown standing is as tall as it is wide. */
export function shownHeight(piece: Pick<Piece, 'kind' | 'width' | 'height'>): number {
  const isStood = piece.kind === 'plate' && piece.height < piece.width / 2;
  return (isStood ? piece.width : piece.height) / 254;
}
