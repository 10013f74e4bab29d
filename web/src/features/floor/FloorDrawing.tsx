import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { useWriting } from '../../api/home';
import type { Floor, FloorPlace, Furniture } from '../../api/types';
import { pixelsPerUnit } from '../../lib/pixelsPerUnit';
import { cornersOf, held, INCH, openingLine } from './floorFrame';

type Props = {
  title: string;
  floor: Floor;
  which: 'now' | 'planned';
  chosen: string | null;
  onChoose: (id: string) => void;
  onMove: (id: string, change: (place: FloorPlace) => FloorPlace) => void;
  isClosed: boolean;
};

const STEP = 2 * INCH;
const FOOT = 12 * INCH;
const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** A floor from above, all at one scale: paper pieces with a broad edge at their front; where something stands now, it is dashed in the plan. */
export function FloorDrawing({ title, floor, which, chosen, onChoose, onMove, isClosed }: Props) {
  const { length } = useWriting();
  const svg = useRef<SVGSVGElement>(null);
  const grip = useRef<{ x: number; y: number } | null>(null);
  const [pulled, setPulled] = useState<{ id: string; place: FloorPlace } | null>(null);
  const [wide, deep] = [floor.width ?? 0, floor.depth ?? 0];
  const edge = 8 * INCH;
  const perPixel = () => 1 / pixelsPerUnit(svg.current);
  const shift = (one: Furniture, across: number, down: number): FloorPlace => {
    const snap = (tenths: number) => Math.round(tenths / STEP) * STEP;
    return held(one, { ...one[which], left: snap(one[which].left + across), far: snap(one[which].far + down) }, wide, deep);
  };
  const handleKey = (event: KeyboardEvent, one: Furniture) => {
    const arrow = ARROWS[event.key];
    if (arrow) {
      const step = event.shiftKey ? FOOT : STEP;
      onMove(one.id, (at) => held(one, { ...at, left: at.left + arrow[0] * step, far: at.far + arrow[1] * step }, wide, deep));
    } else if (event.key.toLowerCase() === 'r') onMove(one.id, (at) => held(one, { ...at, turns: (at.turns + 1) % 4 }, wide, deep));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const start = (event: PointerEvent<SVGGElement>, one: Furniture) => {
    onChoose(one.id);
    if (isClosed) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { x: event.clientX, y: event.clientY };
  };
  const pull = (event: PointerEvent, one: Furniture) => {
    if (!grip.current) return;
    setPulled({ id: one.id, place: shift(one, (event.clientX - grip.current.x) * perPixel(), (event.clientY - grip.current.y) * perPixel()) });
  };
  const drop = (one: Furniture) => {
    if (pulled?.id === one.id && (pulled.place.left !== one[which].left || pulled.place.far !== one[which].far)) onMove(one.id, () => pulled.place);
    grip.current = null;
    setPulled(null);
  };
  const inOrder = [...floor.furniture].sort((a, b) => Number(b.kind === 'rug') - Number(a.kind === 'rug') || b.width * b.depth - a.width * a.depth);
  return (
    <figure>
      <figcaption className="font-semibold">{title}</figcaption>
      <svg
        ref={svg}
        viewBox={`${-edge} ${-edge} ${wide + 2 * edge} ${deep + 2 * edge}`}
        className="mt-1 max-h-[62vh] w-full select-none"
        role="group"
        aria-label={`${title}: the floor from above, ${length(wide)} by ${length(deep)}`}
      >
        <rect x={0} y={0} width={wide} height={deep} className="fill-wall stroke-ink" strokeWidth={3 * INCH} />
        {floor.openings.map((one) => (
          <OpeningMark key={`${one.kind}${one.wall}${one.from}`} {...openingLine(one, wide, deep)} kind={one.kind} />
        ))}
        <g>
          <rect
            x={wide - 31 * INCH}
            y={deep + 3.2 * INCH}
            width={30 * INCH}
            height={3 * INCH}
            className="fill-yolk-soft stroke-line-2"
            strokeWidth={INCH / 4}
          />
          <text x={wide - 33 * INCH} y={deep + 6.4 * INCH} fontSize={5 * INCH} textAnchor="end" className="fill-ink-3">
            {length(30 * INCH)}
          </text>
        </g>
        {which === 'planned' &&
          inOrder
            .filter((one) => JSON.stringify(one.now) !== JSON.stringify(one.planned))
            .map((one) => {
              const box = cornersOf(one, one.now);
              return (
                <rect key={one.id} {...box} className="fill-none stroke-ink-3" strokeWidth={INCH * 0.8} strokeDasharray={`${4 * INCH} ${3 * INCH}`} />
              );
            })}
        {inOrder.map((one) => {
          const place = pulled?.id === one.id ? pulled.place : one[which];
          return (
            <g
              key={one.id}
              role="button"
              tabIndex={0}
              aria-pressed={chosen === one.id}
              aria-label={[
                one.name,
                `${length(place.left)} from the left wall`,
                `${length(place.far)} from the far wall`,
                `front to the ${['near wall', 'left', 'far wall', 'right'][place.turns]}`,
              ].join(', ')}
              className={`outline-none ${isClosed ? '' : 'cursor-grab touch-none'} [&:focus-visible>rect]:stroke-ink`}
              onFocus={() => onChoose(one.id)}
              onKeyDown={(event) => !isClosed && handleKey(event, one)}
              onPointerDown={(event) => start(event, one)}
              onPointerMove={(event) => pull(event, one)}
              onPointerUp={() => drop(one)}
              onPointerCancel={() => drop(one)}
            >
              <Paper furniture={one} place={place} isChosen={chosen === one.id} />
            </g>
          );
        })}
      </svg>
    </figure>
  );
}

function OpeningMark({ kind, x1, y1, x2, y2 }: { kind: Floor['openings'][number]['kind']; x1: number; y1: number; x2: number; y2: number }) {
  if (kind === 'outlet')
    return <circle cx={(x1 + x2) / 2} cy={(y1 + y2) / 2} r={2.4 * INCH} className="fill-yolk stroke-ink" strokeWidth={INCH / 2} />;
  const isDoor = kind === 'door';
  return (
    <g>
      <line x1={x1} y1={y1} x2={x2} y2={y2} className="stroke-paper" strokeWidth={3.4 * INCH} />
      <line
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        className={isDoor ? 'stroke-door' : 'stroke-ink-3'}
        strokeWidth={isDoor ? 1.6 * INCH : 0.8 * INCH}
        strokeDasharray={isDoor ? `${3 * INCH} ${2 * INCH}` : undefined}
      />
    </g>
  );
}

/** A piece cut from paper: its name on it, and a broad edge where its front is. */
function Paper({ furniture, place, isChosen }: { furniture: Furniture; place: FloorPlace; isChosen: boolean }) {
  const box = cornersOf(furniture, place);
  const isRug = furniture.kind === 'rug';
  const lip = Math.min(3 * INCH, Math.min(box.width, box.height) / 4);
  const front = [
    { x: box.x, y: box.y + box.height - lip, width: box.width, height: lip },
    { x: box.x, y: box.y, width: lip, height: box.height },
    { x: box.x, y: box.y, width: box.width, height: lip },
    { x: box.x + box.width - lip, y: box.y, width: lip, height: box.height },
  ][place.turns];
  const isUpright = !isRug && box.height > box.width * 1.4;
  const room = isUpright ? box.height : box.width;
  const fits = Math.min(6 * INCH, (1.75 * room) / furniture.name.length, Math.min(box.width, box.height) / 1.6);
  // What is too small for its name has it beneath.
  const isBeneath = fits < 3.4 * INCH && !isRug;
  const size = isBeneath ? 4 * INCH : Math.max(3.4 * INCH, fits);
  const x = box.x + box.width / 2;
  const y = isRug ? box.y + lip + size * 0.8 : isBeneath ? box.y + box.height + size * 0.7 : box.y + box.height / 2;
  return (
    <>
      <rect
        {...box}
        className={`${isRug ? 'fill-ledge' : 'fill-card'} ${isChosen ? 'stroke-ink' : 'stroke-line-2'}`}
        strokeWidth={isChosen ? 1.4 * INCH : 0.8 * INCH}
      />
      {isRug ? (
        <rect
          x={box.x + lip}
          y={box.y + lip}
          width={box.width - 2 * lip}
          height={box.height - 2 * lip}
          className="fill-none stroke-line-2"
          strokeWidth={INCH / 2}
        />
      ) : (
        <rect {...front} className="fill-lip" />
      )}
      <text
        x={x}
        y={y}
        fontSize={size}
        textAnchor="middle"
        dominantBaseline="central"
        className="pointer-events-none fill-ink font-semibold"
        transform={isUpright && !isBeneath ? `rotate(-90 ${x} ${y})` : undefined}
      >
        {furniture.name}
      </text>
    </>
  );
}
