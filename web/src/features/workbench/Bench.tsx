import { useQuery } from '@tanstack/react-query';
import { useHouse, useSwap } from '../../api/home';
import { piecesQuery } from '../../api/queries';
import type { Sketch } from '../../api/types';
import { TENTHS_PER_INCH } from '../../lib/measure';
import { useNarrow } from '../../lib/useNarrow';
import { BenchMark } from './BenchMark';
import { frameOf, placed } from './benchFrame';
import { spread } from './labels';
import { Tape } from './Tape';

type Props = { sketch: Sketch; name: string; figures: readonly string[] };

const ACCENT = '#9c4a3c';

/** What is reckoned, drawn to scale on the bench with the tape along its edge. */
export function Bench({ sketch, name, figures }: Props) {
  const { home } = useHouse();
  const pieces = useQuery(piecesQuery(home.id));
  const accent = useSwap()?.look.ribbons.find((one) => one.role === 'accent')?.hex ?? ACCENT;
  const frame = frameOf(sketch, useNarrow());
  const colours = new Map((pieces.data ?? []).map((piece) => [piece.id, piece.colours.map((one) => one.hex)]));
  const marks = sketch.marks.map((mark) => placed(mark, frame));
  return (
    <figure className="wallshade print-keep mt-3 border-b-[10px] border-ledge" data-testid="bench">
      <svg
        viewBox={`0 0 ${frame.viewWidth} ${frame.viewHeight}`}
        className="block h-auto w-full"
        role="img"
        aria-label={`${name}, drawn to scale: ${figures.join('; ')}`}
      >
        <defs>
          <pattern id="bench-base" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V6" stroke="var(--color-ink-3)" strokeWidth="1.2" />
          </pattern>
        </defs>
        {marks.map((mark, i) => (
          <BenchMark
            // biome-ignore lint/suspicious/noArrayIndexKey: marks have no identity but their place in the picture
            key={i}
            mark={mark}
            accent={accent}
            colours={mark.piece ? colours.get(mark.piece) : undefined}
            seed={`${name} ${i}`}
            inch={frame.scale * TENTHS_PER_INCH}
          />
        ))}
        {spread(marks, frame).map((label) => (
          <text
            key={`${label.text} ${label.x} ${label.y}`}
            x={label.x}
            y={label.y}
            fontSize="12"
            fontWeight="600"
            textAnchor={label.anchor}
            fill="var(--color-ink)"
            stroke="var(--color-paper)"
            strokeWidth="3.5"
            paintOrder="stroke"
          >
            {label.text}
          </text>
        ))}
        {sketch.isLaid && <Tape frame={frame} way="along" />}
        {frame.isUpright && <Tape frame={frame} way="up" />}
      </svg>
    </figure>
  );
}
