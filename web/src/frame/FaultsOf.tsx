import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { useHouse } from '../api/home';
import { faultsQuery } from '../api/queries';
import type { Piece } from '../api/types';
import { Triangle, useNotices } from '../lib/notices';

/** What was found wrong with a piece and is not put right yet, with the word that it is. */
export function FaultsOf({ piece }: { piece: Piece }) {
  const home = useHouse().home.id;
  const notices = useNotices();
  const faults = useQuery(faultsQuery(home)).data?.faults.filter((one) => one.piece === piece.id) ?? [];
  const mend = useMutation({
    mutationFn: (fault: string) => take(api.DELETE('/api/homes/{home}/faults/{fault}', { params: { path: { home, fault } } })),
    onError: (error) => notices.problem(error),
  });
  return faults.map((one) => (
    <p key={one.id} className="flex items-start gap-1.5">
      <Triangle size={14} />
      <span>
        {one.count > 1 && `${one.count} `}
        {one.fault}, {one.found}
        {one.line && ', on the haul list'}{' '}
        <button type="button" className="link" onClick={() => mend.mutate(one.id)}>
          put right
        </button>
      </span>
    </p>
  ));
}
