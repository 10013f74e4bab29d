import { type ReactNode, useState } from 'react';
import { useWriting } from '../../api/home';
import type { Piece, Placement, Spot } from '../../api/types';
import { hasSides, isUpright } from '../../lib/runs';
import { hasOwnHeight } from './whereDrawn';

export type Act =
  | 'left'
  | 'right'
  | 'back'
  | 'front'
  | 'up'
  | 'down'
  | 'more'
  | 'fewer'
  | 'off'
  | 'higher'
  | 'lower'
  | 'spread'
  | 'dip'
  | 'flat'
  | 'turn'
  | 'put';
type Button = readonly [Act, string, string];
const ALONG: readonly Button[] = [
  ['left', '←', 'Move left by a step'],
  ['right', '→', 'Move right by a step'],
];
const UP_A_POST: readonly Button[] = [
  ['right', '↑', 'Move up by a step'],
  ['left', '↓', 'Move down by a step'],
];
const LAYERS: readonly Button[] = [
  ['back', 'Back', 'One layer back'],
  ['front', 'Front', 'One layer forward'],
];
const RAISE: readonly Button[] = [
  ['up', 'Raise', 'Raise by a step'],
  ['down', 'Lower', 'Lower by a step'],
];
const BOARDS: readonly Button[] = [
  ['higher', 'Board up', 'To the board or band above'],
  ['lower', 'Board down', 'To the board or band below'],
];
const DIPS: readonly Button[] = [
  ['dip', 'Dip +', 'One dip more'],
  ['flat', 'Dip −', 'One dip fewer'],
];
const TURNS: readonly Button[] = [
  ['dip', 'Round +', 'One turn more'],
  ['flat', 'Round −', 'One turn fewer'],
];
const TURN: Button = ['turn', 'Turn', 'Turn its next side to the front'];
const COUNT: readonly Button[] = [
  ['more', '+1', 'One more'],
  ['fewer', '−1', 'One fewer'],
  ['off', 'Take off', 'Take it off this spot'],
];

type Way = Exclude<Placement['posture'], 'carries'>;

/** How a piece is asked to be put otherwise. */
const PUT: Record<Way, string> = {
  stands: 'Stand it',
  leans: 'Lean it',
  hangs: 'Hang it',
  lies: 'Lay it',
  drapes: 'Drape it',
  sits: 'Sit it',
  trims: 'Trim with it',
  fills: 'Put it in',
};

/** The next of the ways in which a piece may be put here; null when there is one only. What others stand on stands or lies itself. */
export function nextWay({ posture, ways }: Placement): Way | null {
  const known = ways.filter((way): way is Way => way !== 'carries');
  const now = posture === 'carries' ? known.findIndex((way) => way === 'stands' || way === 'lies') : known.indexOf(posture);
  const next = known[(now + 1) % known.length];
  return next === undefined || next === known[now] ? null : next;
}

/** What can be done with a piece on each form of spot. */
function buttonsFor(spot: Spot, placement: Placement): readonly Button[] {
  if (hasOwnHeight(spot, placement)) return [...ALONG, ...RAISE, ...COUNT];
  switch (spot.form) {
    case 'tiers':
      return spot.tiers.length > 1 ? [...ALONG, ...BOARDS, ...LAYERS, ...RAISE, ...COUNT] : [...ALONG, ...LAYERS, ...RAISE, ...COUNT];
    case 'cone':
      return [...ALONG, ...BOARDS, ...COUNT];
    case 'run':
      return [...(isUpright(spot) ? UP_A_POST : ALONG), ...COUNT];
    default:
      return [...ALONG, ...LAYERS, ...RAISE, ...COUNT];
  }
}

/** Where a garland hangs down between what it is tied to. */
const DIPPED: readonly Spot['form'][] = ['run', 'ledge'];

type Props = {
  spot: Spot;
  placement: Placement | undefined;
  piece: Piece | undefined;
  acts: Record<Act, () => unknown>;
  onPlaceAt: (at: string) => void;
  isClosed: boolean;
  children?: ReactNode;
};

/** What can be done with the piece in hand, for pointers and thumbs; the keys do the same. A place can be typed. */
export function PlacementBar({ spot, placement, piece, acts, onPlaceAt, isClosed, children }: Props) {
  if (isClosed) return null;
  const way = placement ? nextWay(placement) : null;
  return (
    <div className="no-print flex min-h-[34px] flex-wrap items-center gap-1 px-2" data-testid="placement-bar">
      {placement && piece ? (
        <>
          <b className="mr-2">{piece.name}</b>
          <PlaceField key={`${placement.id} ${placement.left}`} spot={spot} left={placement.left} onPlaceAt={onPlaceAt} />
          {placement.count > 1 && spot.form !== 'cone' && (
            <button type="button" className="btn px-2" title="Spread them over the whole spot with even gaps" onClick={() => acts.spread()}>
              Spread
            </button>
          )}
          {[
            ...buttonsFor(spot, placement),
            ...(placement.posture === 'drapes' && DIPPED.includes(spot.form) && !hasSides(spot) ? (isUpright(spot) ? TURNS : DIPS) : []),
            ...(piece.faces.length > 0 ? [TURN] : []),
            ...(way === null ? [] : [['put', PUT[way], `${PUT[way]} here`] as const]),
          ].map(([act, label, title]) => (
            <button key={act} type="button" className="btn px-2" title={title} aria-label={`${title}: ${piece.name}`} onClick={() => acts[act]()}>
              {label}
            </button>
          ))}
          {children}
        </>
      ) : (
        <span className="note">
          Pick a piece: drag it, or use the arrows.{' '}
          {isUpright(spot) ? ON_A_POST : hasSides(spot) ? OVER_A_DOORWAY : (HINTS[spot.form] ?? HINTS.ledge)} Del takes it off.
        </span>
      )}
    </div>
  );
}

const HINTS: Partial<Record<Spot['form'], string>> = {
  ledge: '↑ ↓ change the layer, R raises, T turns it, H hangs or leans it.',
  panel: '↑ ↓ hang it higher or lower.',
  tiers: '↑ ↓ change the board, B and F the layer.',
  cone: '↑ ↓ change the band.',
  run: 'D gives a garland its dips.',
};

const OVER_A_DOORWAY = 'What is longer than its top hangs down its sides.';
const ON_A_POST = '↑ ↓ move it up and down, D winds a garland round once more.';

function PlaceField({ spot, left, onPlaceAt }: { spot: Spot; left: number; onPlaceAt: (at: string) => void }) {
  const write = useWriting();
  const [text, setText] = useState(write.length(left));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onPlaceAt(text);
      }}
    >
      <label className="mr-1 flex items-center gap-1">
        <span className="note">{isUpright(spot) ? 'from its foot' : 'from left'}</span>
        <input
          className="w-24"
          value={text}
          onChange={(event) => setText(event.target.value)}
          aria-label={isUpright(spot) ? 'From its foot' : 'From the left'}
        />
      </label>
    </form>
  );
}
