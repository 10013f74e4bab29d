import { useWriting } from '../../api/home';
import type { Spot } from '../../api/types';
import { boardsOf, inch } from '../../lib/inches';
import { hasSides, isUpright } from '../../lib/runs';
import { useNarrow } from '../../lib/useNarrow';

/** Pixels to the inch, and the inches over the floor that are drawn. */
const SCALE = 1.6;
const CEILING = 100;
const HEIGHT = CEILING * SCALE + 6;
const NARROWEST = 148;
const LEFT = 4;
/** Of the wall over what nothing limits, in inches. */
const OPEN = 26;
/** Of a sofa or bed over its seat, in inches. */
const BACK = 16;

const down = (inches: number): number => HEIGHT - 4 - Math.max(0, Math.min(CEILING, inches)) * SCALE;

/** A spot as a small drawing over the floor, at one scale for the whole house: ledge, clear height, keep-clear; grey as long as it is not measured. */
export function SpotDrawing({ spot }: { spot: Spot }) {
  if (isUpright(spot)) return <PostDrawing spot={spot} />;
  return spot.form === 'run' && !hasSides(spot) ? <RailDrawing spot={spot} /> : <LedgeDrawing spot={spot} />;
}

/** A post from the floor up. */
function PostDrawing({ spot }: { spot: Spot }) {
  const [foot, tall, thick] = [inch(spot.ledgeHeight), inch(spot.width), inch(spot.depth)];
  const top = down(Math.min(CEILING, foot + tall));
  const wide = Math.max(4, thick * SCALE);
  const from = useNarrow() ? Math.max(0, top - 6) : 0;
  return (
    <svg width={NARROWEST} height={HEIGHT - from} viewBox={`0 ${from} ${NARROWEST} ${HEIGHT - from}`} aria-hidden="true" className="block max-w-full">
      <g fill="var(--color-lip)" stroke={spot.assumed.includes('width') ? 'var(--color-line-2)' : 'var(--color-ink)'} strokeWidth="0.8">
        <rect x={LEFT + 14} y={top} width={wide} height={down(foot) - top} />
        <path d={`M${LEFT + 11} ${top}h${wide + 6}v4h${-wide - 6}Z`} />
      </g>
      <path d={`M0 ${HEIGHT - 1}H400`} stroke="var(--color-line-2)" strokeWidth="2" />
    </svg>
  );
}

/** A rail with its posts along its slope; what climbs higher than a room is drawn smaller. */
function RailDrawing({ spot }: { spot: Spot }) {
  const [ledge, rise] = [inch(spot.ledgeHeight), inch(spot.rise ?? 0)];
  const scale = SCALE * Math.min(1, CEILING / (ledge + rise));
  const run = inch(spot.width) * scale;
  const [floor, high, climb] = [HEIGHT - 4, ledge * scale, rise * scale];
  const posts = Math.max(2, spot.posts);
  const from = useNarrow() ? Math.max(0, floor - high - climb - 6) : 0;
  const wide = Math.max(NARROWEST, run + 2 * LEFT);
  return (
    <svg width={wide} height={HEIGHT - from} viewBox={`0 ${from} ${wide} ${HEIGHT - from}`} aria-hidden="true" className="block max-w-full">
      <g fill="none" stroke={spot.assumed.includes('width') ? 'var(--color-line-2)' : 'var(--color-ink)'}>
        {climb > 0 && <path strokeWidth="0.8" d={`M${LEFT} ${floor}l${run} ${-climb}`} />}
        {Array.from({ length: posts }, (_, i) => (i * run) / (posts - 1)).map((x) => (
          <path key={x} strokeWidth="2.4" d={`M${LEFT + x} ${floor - (climb * x) / run}v${-high - 3}`} />
        ))}
        <path strokeWidth="3.2" stroke="var(--color-lip)" d={`M${LEFT} ${floor - high}l${run} ${-climb}`} />
        <path strokeWidth="0.8" d={`M${LEFT} ${floor - high - 2}l${run} ${-climb}`} />
      </g>
      <path d={`M0 ${HEIGHT - 1}H400`} stroke="var(--color-line-2)" strokeWidth="2" />
    </svg>
  );
}

function LedgeDrawing({ spot }: { spot: Spot }) {
  const width = inch(spot.width) * SCALE;
  const ledge = inch(spot.ledgeHeight);
  const y = down(ledge);
  const top = spot.clearHeight === null ? null : down(ledge + inch((boardsOf(spot.tiers).at(-1) ?? 0) + spot.clearHeight));
  const wallTop = top ?? down(ledge + OPEN);
  const isAssumed = (side: string) => spot.assumed.includes(side);
  // Furniture may be wider than the wall that is dressed over it.
  const beside = Math.max(0, (inch(spot.belowWidth ?? 0) * SCALE - width) / 2);
  const wide = Math.max(NARROWEST, width + 2 * LEFT + 2 * beside);
  // Side by side they stand on one floor; one under the other nothing is drawn over them.
  const from = useNarrow() ? Math.max(0, Math.min(wallTop, down(ledge + BACK)) - 4) : 0;
  return (
    <svg width={wide} height={HEIGHT - from} viewBox={`${-beside} ${from} ${wide} ${HEIGHT - from}`} aria-hidden="true" className="block max-w-full">
      <rect x={LEFT} y={wallTop} width={width} height={y - wallTop} fill={spot.wall} stroke="var(--color-line)" />
      {top !== null && (
        <path d={`M${LEFT} ${top}h${width}`} stroke={isAssumed('clearHeight') ? 'var(--color-line-2)' : 'var(--color-ink)'} strokeDasharray="2 3" />
      )}
      {spot.keepClear.map((zone) => (
        <rect
          key={zone.from}
          x={LEFT + inch(zone.from) * SCALE}
          y={y - 16}
          width={inch(zone.to - zone.from) * SCALE}
          height="16"
          fill="none"
          stroke="var(--color-ink)"
          strokeDasharray="2 2"
        />
      ))}
      <rect
        x={LEFT}
        y={y}
        width={width}
        height="4"
        fill={spot.cover ?? 'var(--color-lip)'}
        stroke={isAssumed('width') ? 'none' : 'var(--color-ink)'}
        strokeWidth="0.8"
      />
      <FormMark spot={spot} y={y} width={width} />
      <path d={`M${-beside} ${HEIGHT - 1}H400`} stroke="var(--color-line-2)" strokeWidth="2" />
    </svg>
  );
}

/** What stands on the floor under its ledge or lowest board: legs, or a body of its own. Mantels, sills and shelves are on the wall. */
const UNDER: Partial<Record<Spot['kind'], 'legs' | 'body'>> = {
  console: 'legs',
  bench: 'legs',
  sofa: 'legs',
  chair: 'legs',
  bed: 'legs',
  'drinks station': 'legs',
  sideboard: 'body',
  hutch: 'body',
  bookcase: 'body',
  'counter corner': 'body',
};

/** What tells one form from another at a glance: boards, legs, slope, back, cone, the furniture under a wall. */
function FormMark({ spot, y, width }: { spot: Spot; y: number; width: number }) {
  const line = { fill: 'none', stroke: 'var(--color-ink)', strokeWidth: 0.8 };
  const ledge = inch(spot.ledgeHeight);
  const right = LEFT + width;
  switch (spot.form) {
    case 'tiers': {
      const boards = boardsOf(spot.tiers).slice(1);
      return (
        <path {...line} d={boards.map((board) => `M${LEFT} ${down(ledge + inch(board))}h${width}`).join('') + underneath(spot.kind, y, right)} />
      );
    }
    case 'ledge':
      return <path {...line} d={underneath(spot.kind, y, right)} />;
    case 'table':
      return (
        <path
          {...line}
          d={`M10 ${y + 4}V${HEIGHT - 2}M${right - 6} ${y + 4}
            V${HEIGHT - 2}${spot.tableShape === 'rectangular' ? '' : `M${LEFT} ${y - 3}a${width / 2} 3 0 0 0 ${width} 0`}`}
        />
      );
    case 'seat':
      return (
        <>
          {spot.kind !== 'bench' && (
            <rect {...line} fill={spot.cover ?? 'none'} x={LEFT} y={down(ledge + BACK)} width={width} height={y - down(ledge + BACK)} rx="2" />
          )}
          <path {...line} d={underneath(spot.kind, y, right)} />
        </>
      );
    case 'cone':
      return <path {...line} d={`M${LEFT + width / 2} ${down(ledge + inch(spot.clearHeight ?? spot.width * 2))}L${right} ${y}H${LEFT}Z`} />;
    case 'run': // a doorway: its frame round the opening
      return <path {...line} strokeWidth={2.4} d={`M${LEFT} ${HEIGHT - 2}V${down(ledge + inch(spot.clearHeight ?? 0))}h${width}V${HEIGHT - 2}`} />;
    case 'panel': {
      if (spot.belowWidth === null || spot.belowTop === null) return null;
      const below = inch(spot.belowWidth) * SCALE;
      return (
        <rect {...line} x={LEFT + (width - below) / 2} y={down(inch(spot.belowTop))} width={below} height={HEIGHT - 2 - down(inch(spot.belowTop))} />
      );
    }
    default:
      return null;
  }
}

function underneath(kind: Spot['kind'], y: number, right: number): string {
  const floor = HEIGHT - 2;
  switch (UNDER[kind]) {
    case 'legs':
      return `M10 ${y + 4}V${floor}M${right - 6} ${y + 4}V${floor}`;
    case 'body':
      return `M${LEFT + 1} ${y + 4}V${floor}H${right - 1}V${y + 4}`;
    default:
      return '';
  }
}

const MEASURED = ['width', 'depth', 'ledgeHeight', 'clearHeight'];

/** What is known of a spot in a few words; what is only usual of its kind is grey and says so. */
export function SpotMeasures({ spot }: { spot: Spot }) {
  const write = useWriting();
  const isTall = spot.form === 'panel' || spot.form === 'cone' || hasSides(spot);
  const isPost = isUpright(spot);
  const parts = [
    { side: 'width', text: `${write.length(spot.width)} ${isPost ? 'tall' : 'wide'}` },
    ...(spot.form === 'panel' || hasSides(spot) ? [] : [{ side: 'depth', text: `${write.length(spot.depth)} ${isPost ? 'thick' : 'deep'}` }]),
    ...(isTall && spot.clearHeight !== null ? [{ side: 'clearHeight', text: `${write.length(spot.clearHeight)} tall` }] : []),
    ...(spot.ledgeHeight > 0
      ? [{ side: 'ledgeHeight', text: `${write.length(spot.ledgeHeight)} ${spot.form === 'panel' ? 'from the floor' : 'high'}` }]
      : []),
    ...(isTall || spot.clearHeight === null ? [] : [{ side: 'clearHeight', text: `${write.length(spot.clearHeight)} clear` }]),
    ...(spot.tiers.length > 1 ? [{ side: 'tiers', text: `${spot.tiers.length} boards` }] : []),
    ...(spot.seats > 0 ? [{ side: 'seats', text: `${spot.tableShape === 'rectangular' ? '' : `${spot.tableShape}, `}${spot.seats} places` }] : []),
    ...(spot.rise ? [{ side: 'rise', text: `rises ${write.length(spot.rise)}` }] : []),
    ...(spot.belowWidth === null ? [] : [{ side: 'below', text: `over ${write.length(spot.belowWidth)} of furniture` }]),
  ];
  const measured = parts.filter(({ side }) => MEASURED.includes(side));
  const assumed = measured.filter(({ side }) => spot.assumed.includes(side));
  return (
    <span className="note block">
      {spot.kind}
      {parts.map(({ side, text }) => (
        <span key={side} className={spot.assumed.includes(side) ? 'text-ink-3 italic' : 'text-ink'}>
          , {text}
        </span>
      ))}
      {assumed.length > 0 && (
        <span className="block text-ink-3 italic">{assumed.length === measured.length ? 'not measured yet' : 'grey: not measured yet'}</span>
      )}
      {spot.hazards.length > 0 && <span className="block">{spot.hazards.join(', ')}</span>}
      {spot.note !== '' && (
        <span className="block max-w-[280px] text-ink" dir="auto">
          “{spot.note}”
        </span>
      )}
    </span>
  );
}
