import { type RefObject, useRef } from 'react';
import { useSwap, useWriting } from '../../api/home';
import type { Dressing, Piece, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { isUpright } from '../../lib/runs';
import { useNarrow } from '../../lib/useNarrow';
import { Backdrop } from './backdrops/Backdrop';
import { HangAim } from './backdrops/HangAim';
import { Lanes, Rulers } from './ElevationParts';
import { type Frame, frameFor, hasLanes, type Reach, reachOf } from './frame';
import { treeOf } from './onTree';
import { Placed } from './Placed';
import type { Stand } from './useDresser';
import { usePlacedDrag } from './usePlacedDrag';

type Props = {
  /** The drawing itself, to be kept as a file. */
  ref?: RefObject<SVGSVGElement | null>;
  spot: Spot;
  dressing: Dressing;
  pieces: ReadonlyMap<string, Piece>;
  chosen: string | null;
  onChoose: (id: string) => void;
  onMove: (placement: Placement, stand: Partial<Stand>) => void;
  isClosed: boolean;
  /** Seen from the other side: left is right, what stands at the back is in front. */
  isMirrored?: boolean;
  /** What the picture must have room for, so that several are drawn to one scale. */
  reach?: Reach;
};

const ORDER = { back: 0, middle: 1, front: 2 } as const;

/** The spot from the front, to scale: what it is, what is put there, the line along the tops, the layers from above. */
export function Elevation({ ref, spot, dressing, pieces, chosen, onChoose, onMove, isClosed, isMirrored = false, reach }: Props) {
  const own = useRef<SVGSVGElement>(null);
  const svg = ref ?? own;
  const frame = frameFor(spot, reach ?? reachOf(dressing.placements), useNarrow());
  const { drag, down, move, end } = usePlacedDrag(spot, dressing, frame, svg, onMove, isMirrored);
  const leftOf = (one: Placement) => {
    const left = drag?.id === one.id ? drag.left : one.left;
    return isMirrored ? spot.width - left - one.width : left;
  };
  // What hangs on the wall is drawn behind all, what is in a vessel behind that, what trims in front of everything in its layer.
  const within = (one: Placement) => (one.isOnWall ? -0.9 : one.posture === 'fills' ? -0.5 : one.posture === 'trims' ? 0.3 : 0);
  const depth = (one: Placement) => (isMirrored ? -1 : 1) * ORDER[one.layer] + within(one);
  const sorted = [...dressing.placements].sort((a, b) => depth(a) - depth(b));
  const tree = spot.form === 'cone' ? treeOf(spot, dressing.placements, dressing.boards) : null;
  const isStanding = ['ledge', 'tiers', 'table', 'floor'].includes(spot.form);

  return (
    <div className="overflow-x-auto">
      <svg
        ref={svg}
        viewBox={`0 0 ${frame.viewWidth} ${frame.viewHeight}`}
        className="block max-h-[43vh] w-full max-md:max-h-none"
        role="group"
        aria-label={`${spot.name} from the ${isMirrored ? 'other side' : 'front'}, ${dressing.placements.length} placed`}
        data-testid="elevation"
      >
        <Backdrop spot={spot} frame={frame} dressing={dressing} />
        {spot.form !== 'panel' && dressing.placements.some((one) => one.isOnWall && one.id === chosen) && (
          <HangAim spot={spot} frame={frame} dressing={dressing} />
        )}
        {sorted.map((one) => {
          const piece = pieces.get(one.piece);
          return (
            piece && (
              <Placed
                key={one.id}
                spot={spot}
                placement={one}
                piece={piece}
                frame={frame}
                left={leftOf(one)}
                foot={drag?.id === one.id ? drag.foot : one.foot}
                tree={tree}
                isOnRiser={one.standsOn !== null}
                isChosen={one.id === chosen}
                onDown={(event) => {
                  onChoose(one.id);
                  if (!isClosed) down(event);
                }}
                onMove={(event) => move(event, one)}
                onUp={() => end(one)}
                onFocus={() => onChoose(one.id)}
              />
            )
          );
        })}
        {drag?.caught != null && <path d={caughtLine(spot, frame, drag.caught)} stroke="var(--color-door)" strokeDasharray="3 3" />}
        {!drag && !isMirrored && isStanding && (
          <SkylineAndThreads dressing={dressing} pieces={pieces} frame={frame} isOneBoard={dressing.boards.length === 1} />
        )}
        <Rulers spot={spot} frame={frame} middle={isMirrored ? spot.width - dressing.middle : dressing.middle} />
        {hasLanes(spot) && (
          <Lanes placements={sorted} pieces={pieces} frame={frame} spot={spot} leftOf={(one) => inch(leftOf(one))} chosen={chosen} />
        )}
      </svg>
    </div>
  );
}

/** The line on which a pulled piece settles: upright, on a post level. */
const caughtLine = (spot: Spot, frame: Frame, at: number): string =>
  isUpright(spot)
    ? `M${frame.x(-frame.past)} ${frame.y(at)}H${frame.x(inch(spot.depth) + frame.past)}`
    : `M${frame.x(at)} ${frame.ledgeY - frame.wallHeight}V${frame.ledgeY}`;

type LineProps = { dressing: Dressing; pieces: ReadonlyMap<string, Piece>; frame: Frame; isOneBoard: boolean };

function SkylineAndThreads({ dressing, pieces, frame, isOneBoard }: LineProps) {
  const ribbons = useSwap()?.look.ribbons ?? [];
  const write = useWriting();
  const points = (isOneBoard ? dressing.skyline : []).map((point) => [frame.x(inch(point.x)), frame.y(inch(point.top)), inch(point.top)] as const);
  const line = points
    .map(([x, y], i) => (i === 0 ? `M${x} ${y}` : `Q${((points[i - 1]?.[0] ?? x) + x) / 2} ${Math.max(points[i - 1]?.[1] ?? y, y) + 8} ${x} ${y}`))
    .join('');
  const threads = ribbons
    .map((ribbon, i) => ({
      ribbon,
      knots: dressing.placements
        .filter((one) => one.ribbon === i && ribbon.role !== 'base')
        .flatMap((one) => knot(one, pieces.get(one.piece), frame)),
    }))
    .filter((thread) => thread.knots.length > 1);
  return (
    <g pointerEvents="none">
      {points.length > 1 && <path d={line} fill="none" stroke="#1E4D45" strokeWidth="1.6" />}
      {points.map(([x, y, top]) => (
        <g key={x}>
          <circle cx={x} cy={y} r="2.6" fill="#fff" stroke="#1E4D45" strokeWidth="1.4" />
          <text
            x={x}
            y={y - 6}
            textAnchor="middle"
            fontSize="12"
            fontWeight="650"
            fill="#1E4D45"
            stroke="#FBFAF6"
            strokeWidth="3"
            paintOrder="stroke"
          >
            {write.bare(Math.round(top * 254))}
          </text>
        </g>
      ))}
      {threads.map(({ ribbon, knots }) => (
        <g key={ribbon.name}>
          {[5, 2.2].map((width) => (
            <path
              key={width}
              d={`M${knots.map(([x, y]) => `${x} ${y}`).join('L')}`}
              fill="none"
              stroke={width === 5 ? '#fff' : ribbon.hex}
              strokeWidth={width}
              strokeLinejoin="round"
              opacity={width === 5 ? 0.8 : 1}
            />
          ))}
          {knots.map(([x, y]) => (
            <circle key={`${x} ${y}`} cx={x} cy={y} r="3.4" fill={ribbon.hex} stroke="#fff" strokeWidth="1.4" />
          ))}
        </g>
      ))}
    </g>
  );
}

function knot(placement: Placement, piece: Piece | undefined, frame: Frame): [number, number][] {
  if (!piece) return [];
  return [[frame.x(inch(placement.left) + (inch(piece.width) * placement.count) / 2), frame.y(inch(placement.foot) + inch(placement.height) * 0.45)]];
}
