import type { Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { shade } from '../../silhouettes/tone';
import type { Frame } from './frame';

/** How thick cloth is drawn at the least, and what hangs over an edge, in pixels. */
const THICK = 3;
/** A round one is seen a little from above: so deep for its width. */
const SEEN = 0.07;
const FOLDS = 9;

type Props = { spot: Spot; placement: Placement; piece: Piece; frame: Frame; left: number; y: number };

/** Whether a placement is cloth that lies as long as it is laid out, and not as it is kept. */
export const isLaidCloth = (placement: Placement, piece: Piece): boolean => placement.posture === 'lies' && piece.laidOut !== null;

/** A runner along what it lies on, its ends down over the edges where it is longer; a skirt round the foot of a tree. */
export function LaidCloth({ spot, placement, piece, frame, left, y }: Props) {
  const colour = piece.colours[0]?.hex ?? 'var(--color-line)';
  const trim = piece.colours[1]?.hex ?? shade(colour, -0.25);
  if (piece.kind === 'tree skirt') return <Skirt middle={frame.x(inch(left + placement.width / 2))} {...{ placement, frame, y, colour, trim }} />;
  const [from, to] = [Math.max(0, left), Math.min(spot.width, left + placement.width)];
  const thick = Math.max(THICK, inch(placement.unitHeight) * frame.scale);
  const ends = [
    { x: frame.x(0) - THICK, over: -left },
    { x: frame.x(inch(spot.width)), over: left + placement.width - spot.width },
  ].filter(({ over }) => over > 0);
  const fall = inch(fallsInFront(spot, piece)) * frame.scale;
  const [x, wide] = [frame.x(inch(from)), inch(to - from) * frame.scale];
  return (
    <g fill={colour} stroke={shade(colour, -0.3)} strokeWidth=".6">
      {fall > 0 && <Fall {...{ x, y, wide, fall, colour, trim }} />}
      <rect x={x} y={y - thick} width={wide} height={thick} />
      {ends.map(({ x, over }) => (
        <g key={x}>
          <rect x={x} y={y - thick} width={THICK} height={inch(over) * frame.scale + thick} />
          <rect x={x} y={y + (inch(over) - 1) * frame.scale} width={THICK} height={frame.scale} fill={trim} stroke="none" />
        </g>
      ))}
    </g>
  );
}

/** How far cloth that is wider than what it lies on hangs down towards whoever looks, in tenths of a millimetre: on a table on both sides. */
function fallsInFront(spot: Spot, piece: Piece): number {
  const over = Math.max(0, piece.width - spot.depth);
  return spot.form === 'table' ? Math.min(over / 2, spot.ledgeHeight) : spot.form === 'ledge' ? Math.min(over, spot.ledgeHeight) : 0;
}

type FallProps = { x: number; y: number; wide: number; fall: number; colour: string; trim: string };

/** What hangs down in front, in folds, with its hem. */
function Fall({ x, y, wide, fall, colour, trim }: FallProps) {
  return (
    <g>
      <rect x={x} y={y} width={wide} height={fall} opacity=".94" />
      {Array.from({ length: FOLDS }, (_, i) => x + (wide * (i + 0.5)) / FOLDS).map((at) => (
        <path key={at} d={`M${at} ${y + fall * 0.25}L${at + 2} ${y + fall}`} fill="none" stroke={shade(colour, -0.12)} />
      ))}
      <rect x={x} y={y + fall - Math.min(3, fall / 4)} width={wide} height={Math.min(3, fall / 4)} fill={trim} stroke="none" />
    </g>
  );
}

type SkirtProps = { middle: number; placement: Placement; frame: Frame; y: number; colour: string; trim: string };

function Skirt({ middle, placement, frame, y, colour, trim }: SkirtProps) {
  const across = (inch(placement.width) / placement.count) * frame.scale;
  const [rx, ry] = [across / 2, across * SEEN];
  return (
    <g strokeWidth=".7">
      <ellipse cx={middle} cy={y} rx={rx} ry={ry} fill={trim} stroke={shade(trim, -0.3)} />
      <ellipse cx={middle} cy={y - 1} rx={rx * 0.93} ry={ry * 0.88} fill={colour} stroke="none" />
      {Array.from({ length: FOLDS }, (_, i) => (Math.PI * (i + 1)) / (FOLDS + 1)).map((angle) => {
        const [x, below] = [Math.cos(angle) * rx, Math.sin(angle) * ry];
        return (
          <path
            key={angle}
            d={`M${middle + x * 0.2} ${y - 1 + below * 0.2}L${middle + x * 0.9} ${y - 1 + below * 0.84}`}
            fill="none"
            stroke={shade(colour, -0.18)}
          />
        );
      })}
    </g>
  );
}
