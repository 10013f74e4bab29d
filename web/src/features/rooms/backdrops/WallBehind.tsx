import type { ReactNode } from 'react';
import type { Spot } from '../../../api/types';
import type { Frame } from '../frame';

type Props = { spot: Spot; frame: Frame; wide: number; children: ReactNode };

/** The wall and the floor about something upright of a width in inches, with what stands before them. */
export function WallBehind({ spot, frame, wide, children }: Props) {
  const across = { x: frame.x(-frame.past), width: (wide + 2 * frame.past) * frame.scale };
  return (
    <g>
      <rect {...across} y={frame.ledgeY - frame.wallHeight} height={frame.wallHeight} fill={spot.wall} />
      <rect {...across} y={frame.ledgeY} height={frame.below * frame.scale} fill="var(--color-ledge)" stroke="var(--color-line-2)" />
      {children}
    </g>
  );
}
