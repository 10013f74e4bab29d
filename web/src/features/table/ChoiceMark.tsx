import type { Choice } from '../../api/types';

type Shape = { letter: string; d: string; fill: string; ink: string; edge: string; dx?: number; dy?: number };

/** Every decision has an outline and a letter of its own; on 17 units. */
const SHAPES: Record<Choice, Shape> = {
  stay: { letter: 'S', d: 'M1 3q0-2 2-2h11q2 0 2 2v13q0 1-1 1H2q-1 0-1-1Z', fill: '#1E4D45', ink: '#fff', edge: '#1E4D45' },
  move: { letter: 'M', d: 'M.6 1.6H11.9L16.8 8.5 11.9 15.4H.6Z', fill: '#fff', ink: '#1E4D45', edge: '#1E4D45', dx: -1.7 },
  bring: { letter: 'B', d: 'M8.5.5 16 6.8V16H1V6.8Z', fill: '#F4B740', ink: '#1F2421', edge: '#8A5E00', dy: 1.6 },
  rest: { letter: 'R', d: 'M1 2H16V7.8A7.5 7.5 0 0 1 1 7.8Z', fill: '#D8D6CC', ink: '#1F2421', edge: '#5C635E', dy: -1 },
  part: { letter: 'P', d: 'M1 1H16V12.2l-3.75 3.7-3.75-3.7-3.75 3.7L1 12.2Z', fill: '#1F2421', ink: '#fff', edge: '#1F2421', dy: -1.4 },
};

/** The mark of a decision; dashed and empty while it is only suggested. */
export function ChoiceMark({ choice, isSuggested = false, size = 17 }: { choice: Choice; isSuggested?: boolean; size?: number }) {
  const shape = SHAPES[choice];
  return (
    <svg width={size} height={size} viewBox="0 0 17 17" aria-hidden="true" className="flex-none">
      <path
        d={shape.d}
        fill={isSuggested ? '#fff' : shape.fill}
        stroke={isSuggested ? '#5C635E' : shape.edge}
        strokeWidth="1.2"
        strokeDasharray={isSuggested ? '2.4 1.8' : undefined}
        strokeLinejoin="round"
      />
      <text
        x={8.5 + (shape.dx ?? 0)}
        y={12.6 + (shape.dy ?? 0)}
        fontWeight="700"
        fontSize="11.5"
        textAnchor="middle"
        fill={isSuggested ? '#47504B' : shape.ink}
      >
        {shape.letter}
      </text>
    </svg>
  );
}

/** The small swallowtail of the nearest ribbon, hollow when a piece is outside the look. */
export function FitMark({ hex, isOutside }: { hex: string; isOutside: boolean }) {
  return (
    <svg width="7" height="15" viewBox="0 0 7 15" aria-hidden="true" className="flex-none">
      <path d="M.5 0H6.5V15L3.5 11.5.5 15Z" fill={isOutside ? '#fff' : hex} stroke={isOutside ? '#666D68' : '#B9AD90'} strokeWidth=".8" />
    </svg>
  );
}
