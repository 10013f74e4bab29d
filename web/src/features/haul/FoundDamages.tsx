import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { FoundDamage, Haul, Piece, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { writeDay } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = { damages: Haul['damages']; pieces: ReadonlyMap<string, Piece>; swap: Swap; isClosed: boolean };

/** What was broken, worn or missing when it came down last time: on the list with one press, or left as it is. */
export function FoundDamages({ damages, pieces, swap, isClosed }: Props) {
  const home = useHouse().home.id;
  const notices = useNotices();
  const act = useMutation({ mutationFn: (send: () => Promise<unknown>) => send(), onError: (error) => notices.problem(error) });
  const list = (damage: FoundDamage) =>
    act.mutate(() =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/replacements', { params: { path: { home, swap: swap.id } }, body: { damage: damage.id } })),
    );
  const leave = (damage: FoundDamage) =>
    act.mutate(() => take(api.DELETE('/api/homes/{home}/damages/{damage}', { params: { path: { home, damage: damage.id } } })));
  if (damages.length === 0) return null;
  return (
    <section className="px-[22px] pt-6 max-md:px-3" aria-label="Found when it was handled">
      <h2 className="panel-title mb-2">Found when it was handled</h2>
      <ul className="rows max-w-[760px]">
        {damages.map((damage) => (
          <li key={damage.id} className="flex flex-wrap items-center gap-3 py-2">
            <SmallPiece piece={pieces.get(damage.piece)} />
            <span className="min-w-[180px] flex-1">
              <b>
                {damage.count > 1 && `${damage.count} `}
                {damage.name}
              </b>
              : {damage.damage}
              <span className="note block">
                {damage.found}, {writeDay(damage.onDay)}, {damage.by}
              </span>
            </span>
            {!isClosed && (
              <span className="no-print flex gap-2">
                <button type="button" className="btn btn-main" disabled={act.isPending} onClick={() => list(damage)}>
                  On the list
                </button>
                <button type="button" className="btn" disabled={act.isPending} onClick={() => leave(damage)}>
                  It will do
                </button>
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function SmallPiece({ piece }: { piece: Piece | undefined }) {
  if (!piece) return null;
  return (
    <svg width="44" height="46" aria-hidden="true" className="flex-none">
      <Silhouette piece={piece} scale={Math.min(2.4, 40 / shownHeight(piece), 40 / (piece.width / 254))} x={22} y={44} />
    </svg>
  );
}
