import { useWriting } from '../../../api/home';
import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

const UPRIGHT = 5;

/** Boards one over the other between two uprights, each with its clear height. */
export function Tiers({ spot, frame, dressing }: BackdropProps) {
  const write = useWriting();
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  const top = frame.ledgeY - frame.wallHeight;
  return (
    <g>
      <rect x={left} y={top} width={right - left} height={frame.wallHeight} fill={spot.wall} />
      {dressing.boards.map((board, i) => {
        const y = frame.y(inch(board));
        return (
          <g key={board}>
            {i > 0 && (
              <>
                <rect
                  x={left - UPRIGHT}
                  y={y}
                  width={right - left + 2 * UPRIGHT}
                  height={frame.scale}
                  fill="var(--color-ledge)"
                  stroke="var(--color-line-2)"
                />
                <rect
                  x={left}
                  y={y + frame.scale}
                  width={right - left}
                  height={Math.min(6, frame.scale * 0.8)}
                  fill="var(--color-ink)"
                  opacity=".08"
                />
              </>
            )}
            <text x={right + UPRIGHT + 3} y={y - 5} fontSize="12" fill="var(--color-ink-2)" className="max-md:hidden">
              {write.bare(spot.tiers[i] ?? 0)}
            </text>
          </g>
        );
      })}
      {[left - UPRIGHT, right].map((x) => (
        <rect
          key={x}
          x={x}
          y={top}
          width={UPRIGHT}
          height={frame.wallHeight + 2 * frame.scale}
          fill="var(--color-ledge)"
          stroke="var(--color-line-2)"
        />
      ))}
    </g>
  );
}
