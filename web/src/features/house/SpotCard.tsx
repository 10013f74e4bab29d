import { useWriting } from '../../api/home';
import type { Spot } from '../../api/types';

const SCALE = 2.2;
const FLOOR = 70;
const NARROWEST = 96;

/** A spot as a small drawing at one scale for the whole house: ledge over the floor, clear height, keep-clear; grey as long as it is not measured. */
export function SpotDrawing({ spot }: { spot: Spot }) {
  const inch = (tenths: number) => (tenths / 254) * SCALE;
  const width = inch(spot.width);
  const ledge = Math.min(FLOOR - 6, inch(spot.ledgeHeight) * 0.36);
  const clear = spot.clearHeight === null ? null : Math.min(52, inch(spot.clearHeight) * 0.5);
  const y = 78 - ledge;
  const isAssumed = (side: string) => spot.assumed.includes(side);
  return (
    <svg width={Math.max(NARROWEST, width + 8)} height="84" aria-hidden="true" className="block max-w-full">
      <rect
        x="4"
        y={clear === null ? 2 : y - clear}
        width={width}
        height={clear === null ? y - 2 : clear}
        fill={spot.wall}
        stroke="var(--color-line)"
      />
      {clear !== null && (
        <path d={`M4 ${y - clear}h${width}`} stroke={isAssumed('clearHeight') ? 'var(--color-line-2)' : 'var(--color-ink)'} strokeDasharray="2 3" />
      )}
      {spot.keepClear.map((zone) => (
        <rect
          key={zone.from}
          x={4 + inch(zone.from)}
          y={y - 20}
          width={inch(zone.to - zone.from)}
          height="20"
          fill="none"
          stroke="var(--color-ink)"
          strokeDasharray="2 2"
        />
      ))}
      <rect
        x="4"
        y={y}
        width={width}
        height="5"
        fill="var(--color-lip)"
        stroke={isAssumed('width') ? 'none' : 'var(--color-ink)'}
        strokeWidth="0.8"
      />
      <FormMark spot={spot} y={y} width={width} />
      <path d="M0 83H400" stroke="var(--color-line-2)" strokeWidth="2" />
    </svg>
  );
}

/** What tells one form from another at a glance: boards, seats, slope, back, cone. */
function FormMark({ spot, y, width }: { spot: Spot; y: number; width: number }) {
  const line = { fill: 'none', stroke: 'var(--color-ink)', strokeWidth: 0.8 };
  const middle = 4 + width / 2;
  switch (spot.form) {
    case 'tiers':
      return (
        <path
          {...line}
          d={spot.tiers
            .slice(1)
            .map((_, i) => `M4 ${y - (i + 1) * 11}h${width}`)
            .join('')}
        />
      );
    case 'table':
      return (
        <path
          {...line}
          d={`M10 ${y + 5}V83M${width - 2} ${y + 5}V83${spot.tableShape === 'rectangular' ? '' : `M4 ${y - 3}a${width / 2} 3 0 0 0 ${width} 0`}`}
        />
      );
    case 'run':
      return <path {...line} strokeWidth={2} d={`M4 ${y}L${4 + width} ${spot.rise ? y - 26 : y}`} />;
    case 'seat':
      return <rect {...line} x="4" y={y - 16} width={width} height="16" rx="2" />;
    case 'cone': {
      const tip = spot.clearHeight === null ? 6 : y - Math.min(52, (spot.clearHeight / 254) * SCALE * 0.5);
      return <path {...line} d={`M${middle} ${tip}L${4 + width} ${y}H4Z`} />;
    }
    default:
      return null;
  }
}

/** What is known of a spot in a few words; what is only usual of its kind is grey and says so. */
export function SpotMeasures({ spot }: { spot: Spot }) {
  const write = useWriting();
  const parts = [
    { side: 'width', text: `${write.length(spot.width)} wide` },
    { side: 'depth', text: `${write.length(spot.depth)} deep` },
    ...(spot.ledgeHeight > 0 ? [{ side: 'ledgeHeight', text: `${write.length(spot.ledgeHeight)} high` }] : []),
    ...(spot.clearHeight === null
      ? []
      : [{ side: 'clearHeight', text: `${write.length(spot.clearHeight)} ${spot.form === 'panel' ? 'tall' : 'clear'}` }]),
    ...(spot.tiers.length > 1 ? [{ side: 'tiers', text: `${spot.tiers.length} boards` }] : []),
    ...(spot.seats > 0 ? [{ side: 'seats', text: `${spot.tableShape === 'rectangular' ? '' : `${spot.tableShape}, `}${spot.seats} places` }] : []),
    ...(spot.rise ? [{ side: 'rise', text: `rises ${write.length(spot.rise)}` }] : []),
    ...(spot.belowWidth === null ? [] : [{ side: 'below', text: `over ${write.length(spot.belowWidth)} of furniture` }]),
  ];
  return (
    <span className="note block">
      {spot.kind}
      {parts.map(({ side, text }) => (
        <span key={side} className={spot.assumed.includes(side) ? 'text-ink-3 italic' : 'text-ink'}>
          , {text}
        </span>
      ))}
      {spot.assumed.length > 0 && (
        <span className="block text-ink-3 italic">{spot.assumed.length > 2 ? 'not measured yet' : 'grey: not measured yet'}</span>
      )}
      {spot.hazards.length > 0 && <span className="block">{spot.hazards.join(', ')}</span>}
    </span>
  );
}
