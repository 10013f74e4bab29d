import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useHouse, useWriting } from '../../api/home';
import type { Spot } from '../../api/types';
import { pixelsPerUnit } from '../../lib/pixelsPerUnit';
import { useNarrow } from '../../lib/useNarrow';
import { Backdrop } from './backdrops/Backdrop';
import { Rulers } from './ElevationParts';
import { type Frame, frameFor, inch } from './frame';

type Measures = Pick<Spot, 'width' | 'clearHeight' | 'rise' | 'tiers'>;
type Grip = { name: string; value: number; x: number; y: number; isAcross: boolean; to: (value: number) => Partial<Measures> };
type Props = { spot: Spot; onPull: (part: Partial<Measures>) => void };

/** So much room beside and above the spot to pull it into. */
const ROOM = 1.25;
const BOARD = 254;
const STEP = { in: 127, cm: 100 } as const;
const MOST = 200_000;

/** The spot as it is measured, with a grip at each measure that the picture shows: pulled, or moved by the arrows. */
export function PullMeasures({ spot, onPull }: Props) {
  const { home } = useHouse();
  const write = useWriting();
  const [now, setNow] = useState<Measures>({ width: spot.width, clearHeight: spot.clearHeight, rise: spot.rise, tiers: spot.tiers });
  // The picture keeps its scale while something is pulled, or it would run away from the hand.
  const [held, setHeld] = useState<Measures>(now);
  const svg = useRef<SVGSVGElement>(null);
  const grip = useRef<{ from: number; at: number } | null>(null);
  const frame = roomyFrame(spot, held, useNarrow());
  const drawn: Spot = { ...spot, ...now };
  const step = STEP[home.unit];
  const change = (one: Grip, value: number) => {
    const part = one.to(Math.max(step, Math.min(MOST, Math.round(value / step) * step)));
    setNow((before) => ({ ...before, ...part }));
    onPull(part);
  };
  const perPixel = () => 254 / pixelsPerUnit(svg.current) / frame.scale;
  const handleDown = (event: PointerEvent<SVGGElement>, one: Grip) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { from: one.value, at: one.isAcross ? event.clientX : event.clientY };
  };
  const handleMove = (event: PointerEvent, one: Grip) => {
    if (!grip.current) return;
    const by = one.isAcross ? event.clientX - grip.current.at : grip.current.at - event.clientY;
    change(one, grip.current.from + by * perPixel());
  };
  const handleUp = () => {
    grip.current = null;
    setHeld(now);
  };
  const handleKey = (event: KeyboardEvent, one: Grip) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    change(one, one.value + by * step);
    setHeld({ ...now, ...one.to(one.value + by * step) });
  };
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${frame.viewWidth} ${frame.viewHeight}`}
      className="block max-h-[34vh] w-full"
      role="group"
      aria-label={`${spot.name}, its measures to be pulled`}
      data-testid="pull-measures"
    >
      <Backdrop spot={drawn} frame={frame} dressing={{ boards: boardsOf(now.tiers), placements: [], hangAt: null }} />
      <Rulers spot={drawn} frame={frame} />
      {gripsOf(drawn, frame).map((one) => (
        <g
          key={one.name}
          role="slider"
          tabIndex={0}
          aria-label={one.name}
          aria-valuenow={one.value}
          aria-valuetext={write.length(one.value)}
          className={`touch-none ${one.isAcross ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
          onPointerDown={(event) => handleDown(event, one)}
          onPointerMove={(event) => handleMove(event, one)}
          onPointerUp={handleUp}
          onPointerCancel={handleUp}
          onKeyDown={(event) => handleKey(event, one)}
        >
          <rect x={one.x - 22} y={one.y - 22} width="44" height="44" fill="transparent" />
          <rect
            x={one.x - (one.isAcross ? 6 : 18)}
            y={one.y - (one.isAcross ? 18 : 6)}
            width={one.isAcross ? 12 : 36}
            height={one.isAcross ? 36 : 12}
            fill="var(--color-yolk)"
            stroke="var(--color-ink)"
          />
          <text
            x={one.x + (one.isAcross ? 12 : 24)}
            y={one.y + 4}
            fontSize="13"
            fontWeight="650"
            stroke="#FBFAF6"
            strokeWidth="3"
            paintOrder="stroke"
          >
            {write.length(one.value)}
          </text>
        </g>
      ))}
    </svg>
  );
}

/** Heights of the boards over the lowest one. */
function boardsOf(tiers: readonly number[]): number[] {
  return tiers.length === 0 ? [0] : tiers.map((_, i) => tiers.slice(0, i).reduce((sum, clear) => sum + clear + BOARD, 0));
}

function roomyFrame(spot: Spot, held: Measures, isNarrow: boolean): Frame {
  const tall = (held.clearHeight ?? held.rise ?? 0) * ROOM;
  const tiers = held.tiers.map((clear) => Math.round(clear * ROOM));
  return frameFor({ ...spot, ...held, tiers, width: Math.round(held.width * ROOM) }, inch(tall), isNarrow);
}

function gripsOf(spot: Spot, frame: Frame): Grip[] {
  const across = (share: number) => frame.x(inch(spot.width) * share);
  const grips: Grip[] = [
    {
      name: spot.form === 'run' ? 'Pull its length' : 'Pull its width',
      value: spot.width,
      x: across(1),
      y: frame.ledgeY - 20,
      isAcross: true,
      to: (width) => ({ width }),
    },
  ];
  if (spot.tiers.length > 1) {
    const boards = boardsOf(spot.tiers);
    spot.tiers.forEach((clear, i) => {
      grips.push({
        name: `Pull what is clear over board ${i + 1}`,
        value: clear,
        x: across(0.5),
        y: frame.y(inch((boards[i] ?? 0) + clear)),
        isAcross: false,
        to: (value) => ({ tiers: spot.tiers.map((one, j) => (j === i ? value : one)) }),
      });
    });
  } else if (spot.form === 'run') {
    grips.push({
      name: 'Pull its rise',
      value: spot.rise ?? 0,
      x: across(0.8),
      y: frame.y(inch(spot.rise ?? 0)),
      isAcross: false,
      to: (rise) => ({ rise }),
    });
  } else if (spot.clearHeight !== null) {
    grips.push({
      name: spot.form === 'panel' ? 'Pull its height' : 'Pull its clear height',
      value: spot.clearHeight,
      x: across(0.5),
      y: frame.y(inch(spot.clearHeight)),
      isAcross: false,
      to: (clearHeight) => ({ clearHeight }),
    });
  }
  return grips;
}
