import { useWriting } from '../../../api/home';
import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';
import { HangAim } from './HangAim';

/** A wall, door or window upright: its furniture below as a plain outline, the stretch for the middle of what hangs as a tape. */
export function Panel({ spot, frame, dressing }: BackdropProps) {
  const write = useWriting();
  const [left, right] = [frame.x(0), frame.x(inch(spot.width))];
  const top = frame.ledgeY - frame.wallHeight;
  return (
    <g>
      <rect x={left} y={top} width={right - left} height={frame.wallHeight} fill={spot.wall} stroke="var(--color-line-2)" />
      {spot.kind === 'door' && (
        <g fill="none" stroke="var(--color-ink)" opacity=".28">
          {[0.08, 0.54].map((share) => (
            <rect
              key={share}
              x={left + (right - left) * 0.14}
              y={top + frame.wallHeight * share}
              width={(right - left) * 0.72}
              height={frame.wallHeight * 0.38}
            />
          ))}
          <circle cx={right - (right - left) * 0.07} cy={frame.y(36)} r="3" fill="var(--color-ink)" />
        </g>
      )}
      {spot.kind === 'window' && (
        <path
          d={`M${(left + right) / 2} ${top}V${frame.ledgeY}M${left} ${(top + frame.ledgeY) / 2}H${right}`}
          stroke="var(--color-card)"
          strokeWidth="4"
        />
      )}
      <HangAim spot={spot} frame={frame} dressing={dressing} />
      {spot.belowTop !== null && spot.belowWidth !== null && (
        <g>
          <rect
            x={(left + right) / 2 - (inch(spot.belowWidth) * frame.scale) / 2}
            y={frame.y(inch(spot.belowTop - spot.ledgeHeight))}
            width={inch(spot.belowWidth) * frame.scale}
            height={8 * frame.scale}
            fill="var(--color-ledge)"
            stroke="var(--color-line-2)"
          />
          <text
            x={(left + right) / 2}
            y={frame.y(inch(spot.belowTop - spot.ledgeHeight)) + 16}
            fontSize="12"
            textAnchor="middle"
            fill="var(--color-ink-2)"
          >
            stands below, {write.length(spot.belowWidth)} wide
          </text>
        </g>
      )}
    </g>
  );
}
