import { useHouse } from '../../api/home';
import { writeLength, writeRun } from '../../lib/measure';
import type { BenchFrame } from './benchFrame';

/** Steps of a tape in tenths of a millimetre: inches and feet, or centimetres and metres. */
const STEPS = {
  in: [254, 508, 1524, 3048, 6096, 15_240, 30_480],
  cm: [100, 500, 1000, 2000, 5000, 10_000, 20_000],
} as const;
const LEAST_PX = 44;
const TAPE = 22;

type Props = { frame: BenchFrame; way: 'along' | 'up' };

/** A measuring tape stretched along the lower edge of what is on the bench, or hung beside it from the floor up. */
export function Tape({ frame, way }: Props) {
  const { home } = useHouse();
  const size = way === 'along' ? frame.width : frame.height;
  const step = STEPS[home.unit].find((one) => one * frame.scale >= LEAST_PX) ?? STEPS[home.unit].at(-1) ?? 254;
  const marks = Array.from({ length: Math.floor(size / frame.scale / step) + 1 }, (_, i) => i * step);
  const write = (tenths: number) => (home.unit === 'in' && step >= 3048 ? writeRun(tenths, home.unit) : writeLength(tenths, home.unit));
  const small = Array.from({ length: marks.length * 4 }, (_, i) => (i * step) / 4).filter((at) => at * frame.scale <= size);
  const bottom = frame.top + frame.height;
  return way === 'along' ? (
    <g transform={`translate(${frame.left} ${bottom + 8})`} fontSize="12" fill="#2B2410">
      <rect x="0" y="0" width={size} height={TAPE} fill="var(--color-yolk-soft)" stroke="#B98612" strokeWidth="1" />
      {small.map((at) => (
        <path key={at} d={`M${at * frame.scale} 0v4`} stroke="#6B4E0A" />
      ))}
      {marks.map((at) => (
        <g key={at}>
          <path d={`M${at * frame.scale} 0v7`} stroke="#2B2410" />
          <text x={at * frame.scale + (at === 0 ? 3 : 0)} y="18" textAnchor={at === 0 ? 'start' : at * frame.scale > size - 24 ? 'end' : 'middle'}>
            {write(at)}
          </text>
        </g>
      ))}
    </g>
  ) : (
    <g transform={`translate(${frame.left - 52} ${bottom})`} fontSize="12" fill="#2B2410">
      <rect x="0" y={-size} width="42" height={size} fill="var(--color-yolk-soft)" stroke="#B98612" />
      {small.map((at) => (
        <path key={at} d={`M42 ${-at * frame.scale}h-4`} stroke="#6B4E0A" />
      ))}
      {marks.map((at) => (
        <g key={at}>
          <path d={`M42 ${-at * frame.scale}h-7`} stroke="#2B2410" />
          <text x="3" y={Math.max(-size + 11, -at * frame.scale + (at === 0 ? -3 : 4))}>
            {write(at).replace(/ (in|cm)$/, '')}
          </text>
        </g>
      ))}
    </g>
  );
}
