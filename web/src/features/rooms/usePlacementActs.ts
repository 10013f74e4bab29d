import { useHouse } from '../../api/home';
import type { Dressing, Piece, Placement, Spot } from '../../api/types';
import { hasSides, isUpright } from '../../lib/runs';
import { nextWay } from './PlacementBar';
import type { useDresser } from './useDresser';
import { hasOwnHeight } from './whereDrawn';

type Props = {
  spot: Spot;
  dressing: Dressing;
  placement: Placement | undefined;
  piece: Piece | undefined;
  dresser: ReturnType<typeof useDresser>;
  isClosed: boolean;
};

const LAYERS = ['back', 'middle', 'front'] as const;
const MOST_DIPS = 24;

/** What can be done with the piece that is chosen, by buttons and by keys. */
export function usePlacementActs({ spot, dressing, placement, piece, dresser, isClosed }: Props) {
  const { home } = useHouse();
  const act = (change: (placement: Placement) => void) => () => placement && !isClosed && change(placement);
  // One step is an inch, or two centimetres.
  const step = home.unit === 'cm' ? 200 : 254;
  const along = (steps: number) => act((one) => dresser.move(one, { left: one.left + Math.round(steps * step) }));
  const layer = (step: number) =>
    act((one) => dresser.move(one, { layer: LAYERS[Math.max(0, Math.min(2, LAYERS.indexOf(one.layer) + step))] ?? 'middle' }));
  const board = (step: number) => act((one) => dressing.boards[one.tier + step] !== undefined && dresser.move(one, { tier: one.tier + step }));
  const raise = (steps: number) => act((one) => dresser.move(one, { raise: Math.max(0, one.raise + steps * step) }));
  const count = (step: number) => act((one) => one.count + step > 0 && dresser.move(one, { count: one.count + step }));
  const dips = (step: number) =>
    act((one) => one.posture === 'drapes' && !hasSides(spot) && dresser.move(one, { dips: Math.max(0, Math.min(MOST_DIPS, one.dips + step)) }));
  const acts = {
    left: along(-1),
    right: along(1),
    back: layer(-1),
    front: layer(1),
    up: raise(1),
    down: raise(-1),
    more: count(1),
    fewer: count(-1),
    off: act((one) => dresser.takeOff(one)),
    higher: board(1),
    lower: board(-1),
    spread: act((one) => one.count > 1 && dresser.spread(one)),
    dip: dips(1),
    flat: dips(-1),
    put: act((one) => nextWay(one) && dresser.move(one, { posture: nextWay(one), left: null })),
    turn: act((one) => dresser.move(one, { face: nextFace(one, piece) })),
  };
  // Up and down mean what the spot is made of: layers on a ledge, boards on tiers, height on a wall and a post.
  const [up, down] =
    placement && hasOwnHeight(spot, placement)
      ? [acts.up, acts.down]
      : dressing.boards.length > 1
        ? [acts.higher, acts.lower]
        : isUpright(spot)
          ? [acts.right, acts.left]
          : [acts.back, acts.front];
  const keys = {
    ArrowLeft: acts.left,
    ArrowRight: acts.right,
    'Shift+ArrowLeft': along(-0.25),
    'Shift+ArrowRight': along(0.25),
    ArrowUp: up,
    ArrowDown: down,
    s: acts.spread,
    b: acts.back,
    f: acts.front,
    r: acts.up,
    R: acts.down,
    d: acts.dip,
    D: acts.flat,
    t: acts.turn,
    h: acts.put,
    '+': acts.more,
    '=': acts.more,
    '-': acts.fewer,
    Delete: acts.off,
    Backspace: acts.off,
  };
  return { acts, keys };
}

/** Its own front first, then each of its other sides, then its own again. */
function nextFace(placement: Placement, piece: Piece | undefined): string | null {
  const names = (piece?.faces ?? []).map((face) => face.name);
  return names[placement.face === null ? 0 : names.indexOf(placement.face) + 1] ?? null;
}
