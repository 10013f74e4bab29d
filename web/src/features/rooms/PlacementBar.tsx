import type { Piece, Placement } from '../../api/types';

type Act = 'left' | 'right' | 'back' | 'front' | 'up' | 'down' | 'more' | 'fewer' | 'off';
const BUTTONS: readonly [Act, string, string][] = [
  ['left', '←', 'Move left by a step'],
  ['right', '→', 'Move right by a step'],
  ['back', 'Back', 'One layer back'],
  ['front', 'Front', 'One layer forward'],
  ['up', 'Raise', 'Raise by a step'],
  ['down', 'Lower', 'Lower by a step'],
  ['more', '+1', 'One more'],
  ['fewer', '−1', 'One fewer'],
  ['off', 'Take off', 'Take it off this spot'],
];

/** What can be done with the piece in hand, for pointers and thumbs; the keys do the same. */
export function PlacementBar({
  placement,
  piece,
  acts,
  isClosed,
}: {
  placement: Placement | undefined;
  piece: Piece | undefined;
  acts: Record<Act, () => unknown>;
  isClosed: boolean;
}) {
  if (isClosed) return null;
  return (
    <div className="no-print flex min-h-[34px] flex-wrap items-center gap-1 px-2" data-testid="placement-bar">
      {placement && piece ? (
        <>
          <b className="mr-2">{piece.name}</b>
          {BUTTONS.map(([act, label, title]) => (
            <button key={act} type="button" className="btn px-2" title={title} aria-label={`${title}: ${piece.name}`} onClick={() => acts[act]()}>
              {label}
            </button>
          ))}
        </>
      ) : (
        <span className="note">Pick a piece: drag it, or use the arrows. ↑ ↓ change the layer, R raises, Del takes it off.</span>
      )}
    </div>
  );
}
