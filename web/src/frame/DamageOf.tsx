import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { useHouse } from '../api/home';
import { damagesQuery } from '../api/queries';
import type { Piece } from '../api/types';
import { Triangle, useNotices } from '../lib/notices';

/** What was found wrong with a piece and is not put right yet, with the word that it is. */
export function DamageOf({ piece }: { piece: Piece }) {
  const home = useHouse().home.id;
  const notices = useNotices();
  const damages = useQuery(damagesQuery(home)).data?.damages.filter((one) => one.piece === piece.id) ?? [];
  const mend = useMutation({
    mutationFn: (damage: string) => take(api.DELETE('/api/homes/{home}/damages/{damage}', { params: { path: { home, damage } } })),
    onError: (error) => notices.problem(error),
  });
  return damages.map((one) => (
    <p key={one.id} className="flex items-start gap-1.5">
      <Triangle size={14} />
      <span>
        {one.count > 1 && `${one.count} `}
        {one.damage}, {one.found}
        {one.line && ', on the haul list'}{' '}
        <button type="button" className="link" onClick={() => mend.mutate(one.id)}>
          put right
        </button>
      </span>
    </p>
  ));
}
