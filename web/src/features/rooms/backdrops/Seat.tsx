import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

const BACK = 16;
const HEADBOARD = 14;
const PILLOW = { width: 20, height: 7 };

/** Where the pillows of a bed begin: one for a narrow bed, else one for each sleeper. */
const pillows = (width: number): readonly number[] =>
  (width < 48 ? [1 / 2] : [1 / 4, 3 / 4]).map((part) => width * part - PILLOW.width / 2).filter((at) => at >= 0);

/** A sofa, chair, bench or bed from the front: back, arms and seat; a bed as its head and a mattress. */
export function Seat({ spot, frame }: BackdropProps) {
  const width = inch(spot.width);
  const isBed = spot.kind === 'bed';
  const hasBack = spot.kind !== 'bench';
  const up = isBed ? HEADBOARD : BACK;
  const cover = spot.cover ?? 'var(--color-ledge)';
  const line = { stroke: 'var(--color-line-2)', strokeWidth: 1.2 };
  const past = frame.past;
  const [left, right] = [frame.x(0), frame.x(width)];
  return (
    <g>
      <rect
        x={frame.x(-past) - 8}
        y={frame.ledgeY - frame.wallHeight}
        width={(width + 2 * past) * frame.scale + 16}
        height={frame.wallHeight}
        fill={spot.wall}
      />
      {hasBack && <rect x={left} y={frame.y(up)} width={right - left} height={up * frame.scale} rx="3" fill={cover} {...line} />}
      {isBed &&
        pillows(width).map((at) => (
          <rect
            key={at}
            x={frame.x(at)}
            y={frame.y(PILLOW.height)}
            width={PILLOW.width * frame.scale}
            height={PILLOW.height * frame.scale}
            rx={2.5 * frame.scale}
            fill="var(--color-ledge)"
            {...line}
          />
        ))}
      {past > 0 &&
        [frame.x(-past), frame.x(width - past)].map((x) => (
          <rect key={x} x={x} y={frame.y(8)} width={2 * past * frame.scale} height={(8 + frame.below) * frame.scale} rx="3" fill={cover} {...line} />
        ))}
      <rect x={left} y={frame.ledgeY} width={right - left} height={frame.below * frame.scale} fill={cover} {...line} />
      <path d={`M${left} ${frame.ledgeY + Math.min(6, frame.below * 0.4) * frame.scale}H${right}`} stroke="var(--color-line-2)" />
    </g>
  );
}
