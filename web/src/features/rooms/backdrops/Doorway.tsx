import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';
import { WallBehind } from './WallBehind';

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
    <WallBehind spot={spot} frame={frame} wide={wide}>
      <rect {...box(FRAME)} fill="var(--color-ledge)" stroke="var(--color-line-2)" />
      <rect {...box(0)} fill="var(--color-card)" stroke="var(--color-line-2)" />
    </WallBehind>
  );
}
