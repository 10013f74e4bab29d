import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

/** How broad its frame is, in inches. */
const FRAME = 4;

/** An opening in a wall with its frame. */
export function Doorway({ spot, frame }: BackdropProps) {
  const [wide, high] = [inch(spot.width), inch(spot.clearHeight ?? 0)];
  const box = (out: number) => ({
    x: frame.x(-out),
    y: frame.y(high + out),
    width: (wide + 2 * out) * frame.scale,
    height: (high + out) * frame.scale,
  });
  return (
    <g>
      <rect
        x={frame.x(-frame.past)}
        y={frame.ledgeY - frame.wallHeight}
        width={(wide + 2 * frame.past) * frame.scale}
        height={frame.wallHeight}
        fill={spot.wall}
      />
      <rect {...box(FRAME)} fill="var(--color-ledge)" stroke="var(--color-line-2)" />
      <rect {...box(0)} fill="var(--color-card)" stroke="var(--color-line-2)" />
      <rect
        x={frame.x(-frame.past)}
        y={frame.ledgeY}
        width={(wide + 2 * frame.past) * frame.scale}
        height={frame.below * frame.scale}
        fill="var(--color-ledge)"
        stroke="var(--color-line-2)"
      />
    </g>
  );
}
