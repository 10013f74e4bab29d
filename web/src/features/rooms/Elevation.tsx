import { type PointerEvent, useRef, useState } from 'react';
import { useSwap, useWriting } from '../../api/home';
import type { Dressing, Piece, Placement, Spot } from '../../api/types';
import { useNarrow } from '../../lib/useNarrow';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { BackWall, Lanes, Rulers } from './ElevationParts';
import { type Frame, frameFor, inch } from './frame';

type Props = {
  spot: Spot;
  dressing: Dressing;
  pieces: ReadonlyMap<string, Piece>;
  chosen: string | null;
  onChoose: (id: string) => void;
  onMove: (placement: Placement, left: number) => void;
  isClosed: boolean;
};

const ORDER = { back: 0, middle: 1, front: 2 } as const;
const SNAP = 0.25;

/** The spot from the front, to scale: wall, clear height, keep-clear, what stands there, the line along the tops, the layers from above. */
export function Elevation({ spot, dressing, pieces, chosen, onChoose, onMove, isClosed }: Props) {
  const [drag, setDrag] = useState<{ id: string; left: number } | null>(null);
  const grip = useRef<{ x: number; left: number } | null>(null);
  const svg = useRef<SVGSVGElement>(null);
  const tallest = Math.max(
    0,
    ...dressing.placements.map((one) => one.raise / 254 + (pieces.has(one.piece) ? shownHeight(pieces.get(one.piece) as Piece) : 0)),
  );
  const frame = frameFor(spot, tallest, useNarrow());
  const leftOf = (one: Placement) => (drag?.id === one.id ? drag.left : one.left) / 254;
  const sorted = [...dressing.placements].sort((a, b) => ORDER[a.layer] - ORDER[b.layer]);
  const perPixel = () => frame.viewWidth / (svg.current?.getBoundingClientRect().width ?? frame.viewWidth);
  const handleDown = (event: PointerEvent<SVGGElement>, one: Placement) => {
    onChoose(one.id);
    if (isClosed) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { x: event.clientX, left: one.left };
  };
  const handleMove = (event: PointerEvent, one: Placement) => {
    if (!grip.current) return;
    const inches = grip.current.left / 254 + ((event.clientX - grip.current.x) * perPixel()) / frame.scale;
    setDrag({ id: one.id, left: Math.round(inches / SNAP) * SNAP * 254 });
  };
  const handleUp = (one: Placement) => {
    if (drag && drag.left !== one.left) onMove(one, Math.round(drag.left));
    grip.current = null;
    setDrag(null);
  };

  return (
    <div className="overflow-x-auto">
      <svg
        ref={svg}
        viewBox={`0 0 ${frame.viewWidth} ${frame.viewHeight}`}
        className="block max-h-[43vh] w-full max-md:max-h-none"
        role="group"
        aria-label={`${spot.name} from the front, ${dressing.placements.length} placed`}
        data-testid="elevation"
      >
        <BackWall spot={spot} frame={frame} />
        {sorted.map((one) => {
          const piece = pieces.get(one.piece);
          return (
            piece && (
              <Placed
                key={one.id}
                placement={one}
                piece={piece}
                frame={frame}
                left={leftOf(one)}
                isChosen={one.id === chosen}
                onDown={(event) => handleDown(event, one)}
                onMove={(event) => handleMove(event, one)}
                onUp={() => handleUp(one)}
                onFocus={() => onChoose(one.id)}
              />
            )
          );
        })}
        {!drag && <SkylineAndThreads dressing={dressing} pieces={pieces} frame={frame} />}
        <Rulers spot={spot} frame={frame} />
        <Lanes placements={sorted} pieces={pieces} frame={frame} spot={spot} leftOf={leftOf} chosen={chosen} />
      </svg>
    </div>
  );
}

type PlacedProps = {
  placement: Placement;
  piece: Piece;
  frame: Frame;
  left: number;
  isChosen: boolean;
  onDown: (event: PointerEvent<SVGGElement>) => void;
  onMove: (event: PointerEvent) => void;
  onUp: () => void;
  onFocus: () => void;
};

function Placed({ placement, piece, frame, left, isChosen, onDown, onMove, onUp, onFocus }: PlacedProps) {
  const write = useWriting();
  const unit = inch(piece.width);
  const raise = inch(placement.raise);
  const foot = frame.y(raise);
  const height = shownHeight(piece) * frame.scale;
  const width = unit * placement.count * frame.scale;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={isChosen}
      aria-label={`${piece.name}${placement.count > 1 ? `, ${placement.count}` : ''}, ${write.length(Math.round(left * 254))} from the left, ${placement.layer} layer${raise > 0 ? `, raised ${write.length(placement.raise)}` : ''}`}
      data-testid={`placed-${piece.name}`}
      className="cursor-grab touch-none"
      onPointerDown={onDown}
      onPointerMove={onMove}
      onPointerUp={onUp}
      onPointerCancel={onUp}
      onFocus={onFocus}
      onKeyDown={(event) => event.key === 'Enter' && onFocus()}
    >
      {raise > 0 && <rect x={frame.x(left)} y={foot} width={width} height={raise * frame.scale} fill="#8F7B5E" stroke="#5F4F38" strokeWidth=".8" />}
      {Array.from({ length: placement.count }, (_, i) => i).map((i) => (
        <Silhouette key={i} piece={piece} scale={frame.scale} x={frame.x(left + unit * (i + 0.5))} y={foot} />
      ))}
      <rect
        x={frame.x(left)}
        y={foot - height}
        width={width}
        height={height}
        fill="transparent"
        stroke={isChosen ? '#1F2421' : 'none'}
        strokeWidth="1.4"
        strokeDasharray="5 3"
      />
      {isChosen && <rect x={frame.x(left)} y={foot} width={width} height="5" fill="#F4B740" />}
    </g>
  );
}

function SkylineAndThreads({ dressing, pieces, frame }: { dressing: Dressing; pieces: ReadonlyMap<string, Piece>; frame: Frame }) {
  const ribbons = useSwap()?.look.ribbons ?? [];
  const write = useWriting();
  const points = dressing.skyline.map((point) => [frame.x(inch(point.x)), frame.y(inch(point.top)), inch(point.top)] as const);
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
  return [[frame.x(inch(placement.left) + (inch(piece.width) * placement.count) / 2), frame.y(inch(placement.raise) + shownHeight(piece) * 0.45)]];
}
