import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useHouse, useWriting } from '../../api/home';
import type { Spot } from '../../api/types';
import { boardsOf, inch } from '../../lib/inches';
import { pixelsPerUnit } from '../../lib/pixelsPerUnit';
import { useNarrow } from '../../lib/useNarrow';
import { Backdrop } from './backdrops/Backdrop';
import { Rulers } from './ElevationParts';
import { type Frame, frameFor } from './frame';
import { type Grip, gripsOf, type Measures, planOf, ROOM } from './measureGrips';

type Props = { spot: Spot; onPull: (part: Partial<Measures>) => void };

const STEP = { in: 127, cm: 100 } as const;
const MOST = 200_000;
const GROWS = {
  right: { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 },
  down: { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 },
};

/** The spot as it is measured, from the front and from above, with a grip at each measure that it shows: pulled, or moved by the arrows. */
export function PullMeasures({ spot, onPull }: Props) {
  const { home } = useHouse();
  const write = useWriting();
  const [now, setNow] = useState<Measures>({
    width: spot.width,
    depth: spot.depth,
    clearHeight: spot.clearHeight,
    rise: spot.rise,
    tiers: spot.tiers,
  });
  // The picture keeps its scale while something is pulled, or it would run away from the hand.
  const [held, setHeld] = useState<Measures>(now);
  const svg = useRef<SVGSVGElement>(null);
  const grip = useRef<{ from: number; at: number } | null>(null);
  const frame = roomyFrame(spot, held, useNarrow());
  const drawn: Spot = { ...spot, ...now };
  const plan = planOf(drawn, frame, held);
  const step = STEP[home.unit];
  const change = (one: Grip, value: number) => {
    const part = one.to(Math.max(step, Math.min(MOST, Math.round(value / step) * step)));
    setNow((before) => ({ ...before, ...part }));
    onPull(part);
    return part;
  };
  const perPixel = () => 254 / pixelsPerUnit(svg.current) / frame.scale;
  const handleDown = (event: PointerEvent<SVGGElement>, one: Grip) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { from: one.value, at: one.way === 'right' ? event.clientX : event.clientY };
  };
  const handleMove = (event: PointerEvent, one: Grip) => {
    if (!grip.current) return;
    const by = (one.way === 'right' ? event.clientX : event.clientY) - grip.current.at;
    change(one, grip.current.from + (one.way === 'up' ? -by : by) * perPixel());
  };
  const handleUp = () => {
    grip.current = null;
    setHeld(now);
  };
  const handleKey = (event: KeyboardEvent, one: Grip) => {
    const by = (GROWS[one.way === 'down' ? 'down' : 'right'] as Record<string, number>)[event.key];
    if (by === undefined) return;
    event.preventDefault();
    setHeld({ ...now, ...change(one, one.value + by * step) });
  };
  const high = plan?.bottom ?? frame.viewHeight;
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${frame.viewWidth} ${high}`}
      className={`block w-full ${high > frame.viewWidth * 0.75 ? 'max-h-[62vh]' : 'max-h-[42vh]'}`}
      role="group"
      aria-label={`${spot.name}, its measures to be pulled`}
      data-testid="pull-measures"
    >
      <Backdrop spot={drawn} frame={frame} dressing={{ boards: boardsOf(now.tiers), placements: [], hangAt: null }} />
      <Rulers spot={drawn} frame={frame} middle={drawn.width / 2} />
      {plan && <FromAbove spot={drawn} frame={frame} top={plan.top} height={plan.height} />}
      {gripsOf(drawn, frame, plan).map((one) => (
        <g
          key={one.name}
          role="slider"
          tabIndex={0}
          aria-label={one.name}
          aria-valuenow={one.value}
          aria-valuetext={write.length(one.value)}
          className={`touch-none ${one.way === 'right' ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
          onPointerDown={(event) => handleDown(event, one)}
          onPointerMove={(event) => handleMove(event, one)}
          onPointerUp={handleUp}
          onPointerCancel={handleUp}
          onKeyDown={(event) => handleKey(event, one)}
        >
          <GripMark grip={one} past={one.way === 'right' ? frame.past * frame.scale : 0} text={write.length(one.value)} />
        </g>
      ))}
    </svg>
  );
}

/** A bar across the way it is pulled, wide enough for a thumb, with its measure, past the arm of a sofa. */
function GripMark({ grip: { x, y, way }, past, text }: { grip: Grip; past: number; text: string }) {
  const [wide, high] = way === 'right' ? [12, 36] : [36, 12];
  return (
    <>
      <rect x={x - 22} y={y - 22} width="44" height="44" fill="transparent" />
      <rect x={x - wide / 2} y={y - high / 2} width={wide} height={high} fill="var(--color-yolk)" stroke="var(--color-ink)" />
      <text x={x + Math.max(wide / 2, past) + 6} y={y + 4} fontSize="13" fontWeight="650" stroke="#FBFAF6" strokeWidth="3" paintOrder="stroke">
        {text}
      </text>
    </>
  );
}

/** The surface from above, its back at the top. */
function FromAbove({ spot, frame, top, height }: { spot: Spot; frame: Frame; top: number; height: number }) {
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  const isOval = spot.form === 'cone' || (spot.form === 'table' && spot.tableShape === 'oval');
  const shape = { fill: '#EFE9DC', stroke: 'var(--color-ink)', strokeWidth: 1.2 };
  return (
    <g>
      <text x={left} y={top - 7} fontSize="12" fill="var(--color-ink-2)">
        from above
      </text>
      {isOval ? (
        <ellipse cx={(left + right) / 2} cy={top + height / 2} rx={(right - left) / 2} ry={height / 2} {...shape} />
      ) : (
        <rect x={left} y={top} width={right - left} height={height} {...shape} />
      )}
    </g>
  );
}

function roomyFrame(spot: Spot, held: Measures, isNarrow: boolean): Frame {
  const tall = (held.clearHeight ?? held.rise ?? 0) * ROOM;
  const tiers = held.tiers.map((clear) => Math.round(clear * ROOM));
  return frameFor({ ...spot, ...held, tiers, width: Math.round(held.width * ROOM) }, { tallest: inch(tall), deepest: 0 }, isNarrow);
}
