import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

/** The stretch for what hangs, as a tape on the wall: for its middle, or over furniture for its lower edge. */
export function HangAim({ spot, frame, dressing }: BackdropProps) {
  const aim = dressing.hangAt;
  if (!aim) return null;
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  const [low, high] = [frame.y(inch(aim.least - spot.ledgeHeight)), frame.y(inch(aim.most - spot.ledgeHeight))];
  return (
    <g>
      <rect x={left} y={high} width={right - left} height={Math.max(1, low - high)} fill="var(--color-yolk)" opacity=".22" />
      <text
        x={right - 4}
        y={high - 3}
        fontSize="12"
        textAnchor="end"
        fill="var(--color-ink-2)"
        stroke={spot.wall}
        strokeWidth="3"
        paintOrder="stroke"
      >
        {aim.isOver ? 'lower edge here' : 'middle here'}
      </text>
    </g>
  );
}
