import { useWriting } from '../../../api/home';
import { inch } from '../../../lib/inches';
import { treeOf } from '../onTree';
import type { BackdropProps } from './Backdrop';

/** A tree as a cone with bands, like the hoops of a basket, each with how much is on it; until the tree is named it is an outline. */
export function TreeBands({ spot, frame, dressing }: BackdropProps) {
  const write = useWriting();
  const middle = frame.x(inch(spot.width) / 2);
  const height = inch(spot.clearHeight ?? 0);
  const half = (inch(spot.width) / 2) * frame.scale;
  const tree = treeOf(spot, dressing.placements, dressing.boards);
  const hasTree = dressing.placements.some((one) => one.posture === 'stands');
  const trunk = frame.x(tree.middle);
  const counts = dressing.boards.map((_, i) =>
    dressing.placements
      .filter((one) => one.tier === i && one.posture !== 'stands' && one.posture !== 'lies')
      .reduce((sum, one) => sum + one.count, 0),
  );
  const halfAt = (inches: number) => (tree.width / 2) * frame.scale * (1 - inches / tree.height);
  return (
    <g>
      <rect x={frame.x(0) - 8} y={frame.ledgeY - frame.wallHeight} width={2 * half + 16} height={frame.wallHeight} fill={spot.wall} />
      {!hasTree && (
        <path
          d={`M${middle} ${frame.y(height)}L${middle + half} ${frame.ledgeY}H${middle - half}Z`}
          fill="var(--color-door)"
          fillOpacity=".07"
          stroke="var(--color-ink-2)"
          strokeDasharray="5 3"
        />
      )}
      {dressing.boards.map((board, i) => {
        const y = frame.y(inch(board));
        const wide = halfAt(inch(board));
        return (
          <g key={board}>
            <path d={`M${trunk - wide} ${y}Q${trunk} ${y + 9} ${trunk + wide} ${y}`} fill="none" stroke="var(--color-ink)" strokeOpacity=".25" />
            <text x={frame.x(inch(spot.width)) + 14} y={y - 4} fontSize="12" fill="var(--color-ink-2)">
              {counts[i] ? `${counts[i]} on it` : 'bare'}
            </text>
          </g>
        );
      })}
      <text x={middle} y={frame.ledgeY - frame.wallHeight - 6} textAnchor="middle" fontSize="12" fill="var(--color-ink-2)">
        {write.length(spot.clearHeight ?? 0)} to the ceiling
      </text>
    </g>
  );
}
