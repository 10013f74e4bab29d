import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';
import { WallBehind } from './WallBehind';

/** A cap and a foot that stand out a little, in inches. */
const OUT = 1;
const CAP = 2;

/** A post from its foot to its top, before what is behind it. */
export function Post({ spot, frame }: BackdropProps) {
  const [tall, thick] = [inch(spot.width), inch(spot.depth)];
  const wide = { x: frame.x(-OUT), width: (thick + 2 * OUT) * frame.scale };
  return (
    <WallBehind spot={spot} frame={frame} wide={thick}>
      <g fill="var(--color-ledge)" stroke="var(--color-line-2)">
        <rect x={frame.x(0)} y={frame.y(tall)} width={thick * frame.scale} height={tall * frame.scale} />
        <rect {...wide} y={frame.y(tall)} height={CAP * frame.scale} />
        <rect {...wide} y={frame.y(2 * CAP)} height={2 * CAP * frame.scale} />
      </g>
    </WallBehind>
  );
}
