import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

const LEAST_POSTS = 2;

/** A rail at its true slope with its posts. */
export function Rail({ spot, frame }: BackdropProps) {
  const rise = inch(spot.rise ?? 0);
  const width = inch(spot.width);
  const posts = Math.max(LEAST_POSTS, spot.posts);
  const at = (x: number) => frame.y((rise * x) / width);
  return (
    <g>
      <rect
        x={frame.x(0)}
        y={frame.ledgeY - frame.wallHeight}
        width={width * frame.scale}
        height={frame.wallHeight + frame.below * frame.scale}
        fill={spot.wall}
      />
      {Array.from({ length: Math.max(2, Math.round(width / 5)) }, (_, i) => ((i + 0.5) * width) / Math.max(2, Math.round(width / 5))).map((x) => (
        <path key={x} d={`M${frame.x(x)} ${at(x)}V${at(x) + frame.below * frame.scale}`} stroke="var(--color-line-2)" strokeWidth="2" />
      ))}
      {Array.from({ length: posts }, (_, i) => (i * width) / (posts - 1)).map((x) => (
        <rect
          key={x}
          x={frame.x(x) - 4}
          y={at(x) - 10}
          width="8"
          height={frame.below * frame.scale + 10}
          fill="var(--color-ledge)"
          stroke="var(--color-line-2)"
        />
      ))}
      <path
        d={`M${frame.x(0)} ${at(0)}L${frame.x(width)} ${at(width)}`}
        stroke="#8F7B5E"
        strokeWidth={Math.max(4, 2 * frame.scale)}
        strokeLinecap="round"
      />
    </g>
  );
}
