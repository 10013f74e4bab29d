import { useHouse, useSwap, useWriting } from '../../api/home';
import type { Dressing, Piece, Placement, Spot } from '../../api/types';
import { isStrung, isUpright } from '../../lib/runs';
import { leftWords } from './leftWords';

type Props = {
  spot: Spot;
  dressing: Dressing;
  pieces: ReadonlyMap<string, Piece>;
  /** Also on the screen; otherwise only on paper. */
  isShown?: boolean;
};

/** What hangs on the wall goes up first, then what carries or leans, what is in or on others last; from left to right otherwise. */
const ORDER: Partial<Record<Placement['posture'], number>> = { lies: 0, carries: 0, leans: 1, drapes: 1, trims: 3, fills: 3 };

/** Greenery is hung before what is strung along it. */
const orderOf = (one: Placement, piece: Piece | undefined) => (one.isOnWall ? -1 : piece && isStrung(piece) ? 2 : (ORDER[one.posture] ?? 2));

/** The card of a spot on paper, under its picture: each piece in the order of set-up, where it goes, where it comes from, what to mind. */
export function SpotCard({ spot, dressing, pieces, isShown = false }: Props) {
  const write = useWriting();
  const house = useHouse();
  const current = useSwap();
  const room = house.rooms.find((one) => one.id === spot.room)?.name ?? '';
  const sorted = [...dressing.placements].sort((a, b) => orderOf(a, pieces.get(a.piece)) - orderOf(b, pieces.get(b.piece)) || a.left - b.left);
  const cautions = dressing.findings.filter((one) => one.code.startsWith('safety.') || one.code === 'fit.physical').map((one) => one.reason);
  const isPanel = spot.form === 'panel';
  const fromFloor = (one: Placement) => write.length(spot.ledgeHeight + one.raise);
  return (
    <section className={isShown ? 'overflow-x-auto' : 'hidden print:block'} aria-hidden={!isShown} data-testid="spot-card">
      <p>
        {room}, {spot.name}; {current?.swap.name}
        {current && current.look.ribbons.length > 0 && `, look ${current.look.name}`}
      </p>
      <table className="mt-2 w-full border-collapse text-left">
        <thead>
          <tr className="border-b border-ink">
            {[
              '',
              'Piece',
              isUpright(spot) ? 'From its foot' : 'From the left',
              isPanel ? 'Lower edge from the floor' : 'On',
              'How',
              'It is now in or on',
            ].map((head) => (
              <th key={head} className="py-1 pr-3">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sorted.map((one, i) => (
            <tr key={one.id} className="border-b border-line">
              <td className="py-1 pr-3">{i + 1}</td>
              <td className="py-1 pr-3">
                {pieces.get(one.piece)?.name}
                {one.count > 1 && ` × ${one.count}`}
              </td>
              <td className="py-1 pr-3">{leftWords(spot, one.left, write.length)}</td>
              <td className="py-1 pr-3">
                {isPanel
                  ? fromFloor(one)
                  : one.isOnWall
                    ? `the wall, lower edge ${fromFloor(one)} from the floor`
                    : onWhat(one, dressing.boards.length, write.length)}
              </td>
              <td className="py-1 pr-3">
                {[one.posture, dipWords(one, write.length), one.face && `“${one.face}” in front`].filter(Boolean).join(', ')}
              </td>
              <td className="py-1 pr-3">{one.from.replace(/^from /, '')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {spot.note !== '' && (
        <p className="mt-2" dir="auto">
          {spot.name}: “{spot.note}”
        </p>
      )}
      {cautions.filter((said) => said !== '').length > 0 && <p className="mt-2 font-semibold">Mind: {cautions.join(' ')}</p>}
      <p className="note mt-2">Ladders and heavy pieces with two; follow the maker’s instructions and local codes.</p>
    </section>
  );
}

function dipWords(one: Placement, length: (tenths: number) => string): string {
  if (one.dips === 0) return '';
  // Without a depth they are turns round a post.
  return one.drop === 0
    ? `${one.dips === 1 ? 'one turn' : `${one.dips} turns`} round it`
    : `${one.dips === 1 ? 'one dip' : `${one.dips} dips`}, ${length(one.drop)} deep`;
}

function onWhat(one: Placement, boards: number, length: (tenths: number) => string): string {
  const where = boards > 1 ? `board ${one.tier + 1}, ${one.layer}` : one.layer;
  return one.raise > 0 ? `${where}, raised ${length(one.raise)}` : where;
}
