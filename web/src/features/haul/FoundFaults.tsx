import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { FoundFault, Haul, Piece, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { writeDay } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = { faults: Haul['faults']; pieces: ReadonlyMap<string, Piece>; swap: Swap; isClosed: boolean };

/** What was broken, worn or missing when it came down last time: on the list with one press, or left as it is. */
export function FoundFaults({ faults, pieces, swap, isClosed }: Props) {
  const home = useHouse().home.id;
  const notices = useNotices();
  const act = useMutation({ mutationFn: (send: () => Promise<unknown>) => send(), onError: (error) => notices.problem(error) });
  const list = (fault: FoundFault) =>
    act.mutate(() =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/replacements', { params: { path: { home, swap: swap.id } }, body: { fault: fault.id } })),
    );
  const leave = (fault: FoundFault) =>
    act.mutate(() => take(api.DELETE('/api/homes/{home}/faults/{fault}', { params: { path: { home, fault: fault.id } } })));
  if (faults.length === 0) return null;
  return (
    <section className="px-[22px] pt-6 max-md:px-3" aria-label="Found when it was handled">
      <h2 className="panel-title mb-2">Found when it was handled</h2>
      <ul className="rows max-w-[760px]">
        {faults.map((fault) => (
          <li key={fault.id} className="flex flex-wrap items-center gap-3 py-2">
            <SmallPiece piece={pieces.get(fault.piece)} />
            <span className="min-w-[180px] flex-1">
              <b>
                {fault.count > 1 && `${fault.count} `}
                {fault.name}
              </b>
              : {fault.fault}
              <span className="note block">
                {fault.found}, {writeDay(fault.onDay)}, {fault.by}
              </span>
            </span>
            {!isClosed && (
              <span className="no-print flex gap-2">
                <button type="button" className="btn btn-main" disabled={act.isPending} onClick={() => list(fault)}>
                  On the list
                </button>
                <button type="button" className="btn" disabled={act.isPending} onClick={() => leave(fault)}>
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
