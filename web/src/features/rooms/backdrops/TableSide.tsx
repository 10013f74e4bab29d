import { useWriting } from '../../../api/home';
import { inch } from '../../../lib/inches';
import { BackWall } from '../ElevationParts';
import type { BackdropProps } from './Backdrop';

/** Where people who sit look at one another, over the top. */
const SIGHT = { from: 12, to: 24 };

/** A table from one side; where people eat, the stretch they look through is a tape over the top. */
export function TableSide({ spot, frame }: BackdropProps) {
  const write = useWriting();
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  return (
    <g>
      <BackWall spot={spot} frame={frame} />
      {spot.seats > 0 && (
        <g>
          <rect
            x={left}
            y={frame.y(SIGHT.to)}
            width={right - left}
            height={(SIGHT.to - SIGHT.from) * frame.scale}
            fill="var(--color-yolk)"
            opacity=".16"
          />
          <path d={`M${left} ${frame.y(SIGHT.from)}H${right}M${left} ${frame.y(SIGHT.to)}H${right}`} stroke="var(--color-yolk)" />
          <text x={right - 6} y={frame.y(SIGHT.to) + 15} textAnchor="end" fontSize="12" fill="var(--color-ink-2)">
            seen through here: {write.length(SIGHT.from * 254)} to {write.length(SIGHT.to * 254)}
          </text>
        </g>
      )}
      <path
        d={`M${left + 10} ${frame.ledgeY + 20}v${frame.below * frame.scale}M${right - 10} ${frame.ledgeY + 20}v${frame.below * frame.scale}`}
        stroke="var(--color-line-2)"
        strokeWidth="6"
      />
    </g>
  );
}
