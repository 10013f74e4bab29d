import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import type { Line, LineState, Need } from '../../api/types';
import { useNotices } from '../../lib/notices';

/** What can be done with gaps and lines. */
export function useHaul(home: string) {
  const notices = useNotices();
  const act = useMutation({ mutationFn: (send: () => Promise<unknown>) => send(), onError: (error) => notices.problem(error) });
  const fill = (need: Need, piece: string | null) =>
    act.mutate(() => take(api.PUT('/api/homes/{home}/needs/{need}/piece', { params: { path: { home, need: need.id } }, body: { piece } })));
  return {
    bring: (need: Need, piece: string) => fill(need, piece),
    reopen: (need: Need) => fill(need, null),
    remove: (need: Need) => act.mutate(() => take(api.DELETE('/api/homes/{home}/needs/{need}', { params: { path: { home, need: need.id } } }))),
    advance: (line: Line, state: LineState) =>
      act.mutate(() =>
        take(api.PUT('/api/homes/{home}/lines/{line}/state', { params: { path: { home, line: line.id } }, body: { state, version: line.version } })),
      ),
  };
}
