import { type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { Dressing, Placement, Spot } from '../../api/types';
import { inch } from '../../lib/inches';
import { pixelsPerUnit } from '../../lib/pixelsPerUnit';
import { isUpright } from '../../lib/runs';
import type { Frame } from './frame';
import type { Stand } from './useDresser';
import { hasOwnHeight } from './whereDrawn';

const SNAP = 0.25;
/** Within so many inches of the middle, a third or the middle between its neighbours, the middle of a piece settles on it. */
const CATCH = 0.75;

export type Drag = { id: string; left: number; foot: number; caught: number | null };

/** The middle of the gap between what is left and what is right of a piece on its board; nothing at the ends. */
function evenGap(placements: readonly Placement[], one: Placement, centre: number): readonly number[] {
  const others = placements.filter((other) => other.id !== one.id && other.tier === one.tier && other.layer === one.layer);
  const before = others.map((other) => inch(other.left + other.width)).filter((right) => right <= centre);
  const after = others.map((other) => inch(other.left)).filter((left) => left >= centre);
  return before.length > 0 && after.length > 0 ? [(Math.max(...before) + Math.min(...after)) / 2] : [];
}

/**
 * Pulls a piece along its spot, up a post, on tiers and trees to another board or band, on a wall up and down; it settles on quarters of
 * an inch, on the middle and the thirds, and where the gaps to both its neighbours are even.
 */
export function usePlacedDrag(
  spot: Spot,
  dressing: Dressing,
  frame: Frame,
  svg: RefObject<SVGSVGElement | null>,
  onMove: (placement: Placement, stand: Partial<Stand>) => void,
  isMirrored: boolean,
) {
  const [drag, setDrag] = useState<Drag | null>(null);
  const grip = useRef<{ x: number; y: number } | null>(null);
  const perInch = () => 1 / pixelsPerUnit(svg.current) / frame.scale;
  const boardOf = (foot: number) =>
    dressing.boards.reduce((best, board, i) => (Math.abs(foot - board) < Math.abs(foot - (dressing.boards[best] ?? 0)) ? i : best), 0);

  const down = (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { x: event.clientX, y: event.clientY };
  };
  const move = (event: PointerEvent, one: Placement) => {
    if (!grip.current) return;
    const up = (grip.current.y - event.clientY) * perInch();
    const across = isUpright(spot) ? up : (event.clientX - grip.current.x) * perInch() * (isMirrored ? -1 : 1);
    const width = inch(one.width);
    const whole = inch(spot.width);
    let left = Math.round((inch(one.left) + across) / SNAP) * SNAP;
    const caught =
      [...evenGap(dressing.placements, one, left + width / 2), inch(dressing.middle), whole / 3, (2 * whole) / 3].find(
        (line) => Math.abs(left + width / 2 - line) < CATCH,
      ) ?? null;
    if (caught !== null) left = caught - width / 2;
    const foot = inch(one.foot) + up;
    const free = hasOwnHeight(spot, one) ? Math.max(0, Math.round(foot / SNAP) * SNAP) : null;
    const board = dressing.boards[boardOf(foot * 254)] ?? 0;
    setDrag({
      id: one.id,
      left: Math.round(left * 254),
      foot: free !== null ? Math.round(free * 254) : dressing.boards.length > 1 ? board + one.raise : one.foot,
      caught,
    });
  };
  const end = (one: Placement) => {
    if (drag && (drag.left !== one.left || drag.foot !== one.foot)) {
      onMove(one, {
        left: drag.left,
        ...(hasOwnHeight(spot, one) ? { raise: drag.foot } : {}),
        ...(dressing.boards.length > 1 ? { tier: boardOf(drag.foot - one.raise) } : {}),
      });
    }
    grip.current = null;
    setDrag(null);
  };
  return { drag, down, move, end };
}
