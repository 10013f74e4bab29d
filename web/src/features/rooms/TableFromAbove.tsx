import { useWriting } from '../../api/home';
import type { Dressing, Piece, Spot } from '../../api/types';
import { inch } from '../../lib/inches';

type Props = { spot: Spot; dressing: Dressing; pieces: ReadonlyMap<string, Piece>; chosen: string | null; onChoose: (id: string) => void };

const SETTING = 15;
const SEAT = 24;
const PLATE = 10.5;
const MARGIN = 7;
const LAYER = { back: 1 / 6, middle: 0.5, front: 5 / 6 } as const;

type Place = { x: number; y: number; turn: number };

/** Where people sit: along the long sides first, then one at each end; round a round top evenly. */
function seats(spot: Spot): Place[] {
  const [width, depth] = [inch(spot.width), inch(spot.depth)];
  if (spot.tableShape !== 'rectangular') {
    return Array.from({ length: spot.seats }, (_, i) => {
      const angle = (2 * Math.PI * i) / spot.seats + Math.PI / 2;
      return { x: width / 2 + (width / 2) * Math.cos(angle), y: depth / 2 + (depth / 2) * Math.sin(angle), turn: (angle * 180) / Math.PI - 90 };
    });
  }
  const perSide = Math.min(Math.floor(width / SEAT), Math.ceil(spot.seats / 2));
  const atSides = Math.min(spot.seats, 2 * perSide);
  const ends = Math.min(2, spot.seats - atSides);
  const near = Math.ceil(atSides / 2);
  const along = (count: number, y: number, turn: number): Place[] =>
    Array.from({ length: count }, (_, i) => ({ x: (width * (i + 0.5)) / count, y, turn }));
  return [
    ...along(near, depth, 0),
    ...along(atSides - near, 0, 180),
    ...Array.from({ length: ends }, (_, i) => (i === 0 ? { x: width, y: depth / 2, turn: -90 } : { x: 0, y: depth / 2, turn: 90 })),
  ];
}

/** The top as a laid cloth with its hem: settings at the seats, the middle that they leave free, and what stands on it. */
export function TableFromAbove({ spot, dressing, pieces, chosen, onChoose }: Props) {
  const write = useWriting();
  const [width, depth] = [inch(spot.width), inch(spot.depth)];
  const strip = Math.max(0, depth - 2 * SETTING);
  const isRound = spot.tableShape !== 'rectangular';
  const places = seats(spot);
  return (
    <svg
      viewBox={`${-MARGIN} ${-MARGIN} ${width + 2 * MARGIN} ${depth + 2 * MARGIN}`}
      className="mx-auto block max-h-[24vh] w-full max-md:max-h-[50vh]"
      role="group"
      aria-label={`${spot.name} from above, ${spot.seats} places set`}
      data-testid="from-above"
    >
      {places.map((place) => (
        <path
          key={`${place.x} ${place.y}`}
          d="M-8 1.2h16v2.6q0 1.4-1.6 1.4h-12.8q-1.6 0-1.6-1.4Z"
          transform={`translate(${place.x} ${place.y}) rotate(${place.turn})`}
          fill="var(--color-ledge)"
          stroke="var(--color-line-2)"
          strokeWidth=".3"
        />
      ))}
      {isRound ? (
        <>
          <ellipse
            cx={width / 2}
            cy={depth / 2}
            rx={width / 2}
            ry={depth / 2}
            fill={spot.cover ?? 'var(--color-card)'}
            stroke="var(--color-line-2)"
            strokeWidth=".5"
          />
          <ellipse
            cx={width / 2}
            cy={depth / 2}
            rx={width / 2 - 1.2}
            ry={depth / 2 - 1.2}
            fill="none"
            stroke="var(--color-line)"
            strokeWidth=".4"
            strokeDasharray="1 1"
          />
        </>
      ) : (
        <>
          <rect width={width} height={depth} fill={spot.cover ?? 'var(--color-card)'} stroke="var(--color-line-2)" strokeWidth=".5" />
          <rect
            x="1.2"
            y="1.2"
            width={width - 2.4}
            height={depth - 2.4}
            fill="none"
            stroke="var(--color-line)"
            strokeWidth=".4"
            strokeDasharray="1 1"
          />
        </>
      )}
      {places.map((place) => (
        <g
          key={`p${place.x} ${place.y}`}
          transform={`translate(${place.x} ${place.y}) rotate(${place.turn})`}
          fill="var(--color-wall)"
          stroke="var(--color-line-2)"
          strokeWidth=".3"
        >
          <circle cy={-SETTING / 2 - 1} r={PLATE / 2} />
          <circle cy={-SETTING / 2 - 1} r={PLATE / 2 - 1.4} fill="none" />
          <path d={`M-7 ${-SETTING / 2 - 5}v8M7 ${-SETTING / 2 - 5}v8`} />
        </g>
      ))}
      {spot.seats > 0 && strip > 0 && (
        <g>
          <rect
            x={SETTING / 2}
            y={SETTING}
            width={Math.max(0, width - SETTING)}
            height={strip}
            fill="var(--color-yolk)"
            opacity=".13"
            stroke="var(--color-ink-2)"
            strokeWidth=".25"
            strokeDasharray="1.4 1"
          />
          <text x={width - SETTING / 2 - 1} y={SETTING + strip - 1} fontSize="2.6" textAnchor="end" fill="var(--color-ink-2)">
            free: {write.length(Math.round(strip * 254))}
          </text>
        </g>
      )}
      {dressing.placements.map((one) => {
        const piece = pieces.get(one.piece);
        if (!piece) return null;
        // What is longer than the top hangs over its ends, which are not seen from above.
        const [from, to] = [Math.max(0, inch(one.left)), Math.min(width, inch(one.left + one.width))];
        const [w, d] = [to - from, Math.min(inch(one.depth), depth)];
        const middle = spot.seats > 0 ? depth / 2 + (LAYER[one.layer] - 0.5) * Math.max(0, strip - d) : LAYER[one.layer] * depth;
        return (
          <g
            key={one.id}
            role="button"
            tabIndex={0}
            aria-label={`${piece.name} from above`}
            onClick={() => onChoose(one.id)}
            onKeyDown={(event) => event.key === 'Enter' && onChoose(one.id)}
          >
            <rect
              x={from}
              y={middle - d / 2}
              width={w}
              height={d}
              rx={one.posture === 'lies' || one.posture === 'drapes' ? 0.6 : Math.min(w / one.count, d) / 2}
              fill={piece.colours[0]?.hex ?? 'var(--color-line)'}
              stroke={one.id === chosen ? 'var(--color-ink)' : 'var(--color-line-2)'}
              strokeWidth={one.id === chosen ? 0.9 : 0.4}
              opacity={one.posture === 'lies' ? 0.7 : 1}
            />
          </g>
        );
      })}
    </svg>
  );
}
