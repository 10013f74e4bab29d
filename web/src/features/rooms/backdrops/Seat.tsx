import { inch } from '../../../lib/inches';
import type { BackdropProps } from './Backdrop';

const BACK = 16;
const ARM = 5;
const HEADBOARD = 14;

/** A sofa, chair, bench or bed from the front: back, arms and seat; a bed as its head and a mattress. */
export function Seat({ spot, frame }: BackdropProps) {
  const width = inch(spot.width);
  const isBed = spot.kind === 'bed';
  const hasBack = spot.kind !== 'bench';
  const hasArms = spot.kind === 'sofa' || spot.kind === 'chair';
  const up = isBed ? HEADBOARD : BACK;
  const cover = spot.cover ?? 'var(--color-ledge)';
  const line = { stroke: 'var(--color-line-2)', strokeWidth: 1.2 };
  const [left, right] = [frame.x(0), frame.x(width)];
  return (
    <g>
      <rect x={left - 8} y={frame.ledgeY - frame.wallHeight} width={right - left + 16} height={frame.wallHeight} fill={spot.wall} />
      {hasBack && <rect x={left} y={frame.y(up)} width={right - left} height={up * frame.scale} rx="3" fill={cover} {...line} />}
      {hasArms &&
        [left - ARM * frame.scale * 0.5, right - ARM * frame.scale * 0.5].map((x) => (
          <rect key={x} x={x} y={frame.y(8)} width={ARM * frame.scale} height={(8 + frame.below) * frame.scale} rx="3" fill={cover} {...line} />
        ))}
      <rect x={left} y={frame.ledgeY} width={right - left} height={frame.below * frame.scale} fill={cover} {...line} />
      <path d={`M${left} ${frame.ledgeY + Math.min(6, frame.below * 0.4) * frame.scale}H${right}`} stroke="var(--color-line-2)" />
    </g>
  );
}
