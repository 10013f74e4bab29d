import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { pieceForm } from '../../silhouettes/pieceForm';
import { swag, type Tie } from '../../silhouettes/swag';
import type { Frame } from './frame';

type Props = { spot: Spot; placement: Placement; piece: Piece; frame: Frame; left: number; foot: number };

/** Where what drapes is tied: evenly along what it spans, on a stair along its slope. */
export function tiesOf({ spot, placement, frame, left, foot }: Omit<Props, 'piece'>): readonly Tie[] {
  const slope = spot.form === 'run' ? (spot.rise ?? 0) / spot.width : 0;
  const middle = left + placement.width / 2;
  return Array.from({ length: placement.dips + 1 }, (_, i) => {
    const x = left + (placement.width * i) / placement.dips;
    return { x: frame.x(inch(x)), y: frame.y(inch(foot + slope * (x - middle))) };
  });
}

/** A garland in its dips, with a knot at each tie. */
export function Hanging(props: Props) {
  const { piece, placement, frame } = props;
  const ties = tiesOf(props);
  const drawn = swag(piece.kind, pieceForm(piece), ties, inch(placement.drop) * frame.scale, frame.scale, piece.id);
  return (
    <>
      {/* biome-ignore lint/security/noDangerouslySetInnerHtml: path text made from numbers and checked hex colours only */}
      <g dangerouslySetInnerHTML={{ __html: drawn }} />
      {ties.map(({ x, y }) => (
        <circle key={x} cx={x} cy={y} r={Math.max(2, frame.scale * 0.5)} fill="#5F4F38" />
      ))}
    </>
  );
}
