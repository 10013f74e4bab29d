import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

/** A cap and a foot that stand out a little, in inches. */
const OUT = 1;
const CAP = 2;

/** A post from its foot to its top, before what is behind it. */
export function Post({ spot, frame }: BackdropProps) {
  const [tall, thick] = [inch(spot.width), inch(spot.depth)];
  const wide = { x: frame.x(-OUT), width: (thick + 2 * OUT) * frame.scale };
  const ink = { fill: 'var(--color-ledge)', stroke: 'var(--color-line-2)' };
  return (
    <g>
      <rect
        x={frame.x(-frame.past)}
        y={frame.ledgeY - frame.wallHeight}
        width={(thick + 2 * frame.past) * frame.scale}
        height={frame.wallHeight}
        fill={spot.wall}
      />
      <rect x={frame.x(-frame.past)} y={frame.ledgeY} width={(thick + 2 * frame.past) * frame.scale} height={frame.below * frame.scale} {...ink} />
      <rect x={frame.x(0)} y={frame.y(tall)} width={thick * frame.scale} height={tall * frame.scale} {...ink} />
      <rect {...wide} y={frame.y(tall)} height={CAP * frame.scale} {...ink} />
      <rect {...wide} y={frame.y(2 * CAP)} height={2 * CAP * frame.scale} {...ink} />
    </g>
  );
}
