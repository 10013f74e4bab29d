const MOST_TILT = 2.6;

/** Pulling less than such a part of what all of it would pull at one end, it is as good as in the middle. */
const SLIGHT = 0.1;

/** The beam, tilted by how strongly each side pulls. */
export function BalanceBeam({ left, right, most }: { left: number; right: number; most: number }) {
  const slight = SLIGHT * most;
  const lean = left + right > 0 ? (right - left) / Math.max(left + right, slight) : 0;
  const relative = Math.max(left, right, slight) || 1;
  return (
    <svg
      viewBox="0 -4 700 56"
      className="no-print block w-full"
      role="img"
      aria-label={`Left pulls ${Math.round((left / relative) * 100)}, right ${Math.round((right / relative) * 100)}`}
    >
      <g style={{ transform: `rotate(${lean * MOST_TILT}deg)`, transformOrigin: '350px 24px', transition: 'transform 300ms' }}>
        <path d="M60 24H640" stroke="#1F2421" strokeWidth="4" />
        {[left, right].map((weight, side) => {
          const size = 8 + 14 * (weight / relative);
          return (
            <rect
              key={side === 0 ? 'left' : 'right'}
              x={(side === 0 ? 170 : 530) - size / 2}
              y={22 - size}
              width={size}
              height={size}
              fill="#8C918B"
            />
          );
        })}
      </g>
      <path d="m350 26 14 16h-28Z" fill="#1E4D45" />
      <text x="44" y="47" fontSize="12" fontWeight="600">
        Left {Math.round((left / relative) * 100)}
      </text>
      <text x="656" y="47" fontSize="12" fontWeight="600" textAnchor="end">
        Right {Math.round((right / relative) * 100)}
      </text>
    </svg>
  );
}
