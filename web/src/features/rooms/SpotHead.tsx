import { Link } from 'react-router';
import { useWriting } from '../../api/home';
import type { Spot } from '../../api/types';
import { hasSides, isUpright } from '../../lib/runs';

type Props = {
  spot: Spot;
  /** Notes written about it before. */
  lastYear: readonly string[];
  /** Addresses of its sums and of the cards of its room. */
  bench: string;
  cards: string;
  onMissing: (() => void) | undefined;
  onSave: () => void;
};

/** What the spot is called and measures, what was said of it, and what can be done with it as a whole. */
export function SpotHead({ spot, lastYear, bench, cards, onMissing, onSave }: Props) {
  const write = useWriting();
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4 px-2">
        <h2 className="flex-1 text-[19px]/[24px]">{spot.name}</h2>
        <p className="note order-last basis-full">
          {sizeWords(spot, write.length)}; seen from {spot.seenFrom}
          {spot.hazards.length > 0 && `; ${spot.hazards.join(', ')} near`}
          {spot.note !== '' && (
            <>
              ; <span dir="auto">“{spot.note}”</span>
            </>
          )}
        </p>
        {onMissing && (
          <button type="button" className="btn no-print" onClick={onMissing}>
            Write down what is missing
          </button>
        )}
        <Link className="btn no-print" to={bench}>
          How much? <kbd>G</kbd>
        </Link>
        <button type="button" className="btn no-print" onClick={() => window.print()}>
          Print
        </button>
        <Link className="btn no-print" to={cards}>
          Cards
        </Link>
        <button type="button" className="btn no-print" onClick={onSave}>
          SVG
        </button>
      </div>
      {lastYear.length > 0 && (
        <ul className="mx-2 mt-1 border-l-4 border-yolk bg-card px-3 py-1">
          {lastYear.map((said) => (
            <li key={said} className="note">
              {said}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** The measures that count on such a spot, in one line. */
function sizeWords(spot: Spot, length: (tenths: number) => string): string {
  const wide = `${length(spot.width)} ${spot.form === 'run' ? 'long' : 'wide'}`;
  const clear = spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} clear`;
  switch (spot.form) {
    case 'tiers':
      return spot.tiers.length > 1
        ? `${wide}, ${length(spot.depth)} deep, ${spot.tiers.length} boards`
        : `${wide}, ${length(spot.depth)} deep${clear}`;
    case 'table':
      return `${spot.tableShape}, ${wide}, ${length(spot.depth)} deep${spot.seats > 0 ? `, ${spot.seats} places` : ''}`;
    case 'panel':
      return `${wide}${spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} high`}`;
    case 'run':
      if (hasSides(spot)) return `${wide.replace(' long', ' wide')}${spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} high`}`;
      if (isUpright(spot)) return `${length(spot.width)} high, ${length(spot.depth)} thick`;
      return `${wide}${spot.rise ? `, rises ${length(spot.rise)}` : ', level'}${spot.posts > 0 ? `, ${spot.posts} posts` : ''}`;
    case 'cone':
      return `${wide} at the foot${spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} to the ceiling`}`;
    default:
      return `${wide}, ${length(spot.depth)} deep${clear}`;
  }
}
