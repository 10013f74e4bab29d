import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useRefresh } from '../../api/home';
import type { Line, LineState, Need } from '../../api/types';
import { useNotices } from '../../lib/notices';

const BACK: Partial<Record<LineState, LineState>> = { ordered: 'wanted', dropped: 'wanted' };

/** What can be done with gaps and lines; everything but getting and returning can be undone. */
export function useHaul(home: string) {
  const refresh = useRefresh();
  const notices = useNotices();
  const settle = () => refresh('haul', 'stations', 'pieces', 'table', 'dressing', 'rooms', 'day', 'settle', 'ledger');
  const fill = useMutation({
    mutationFn: ({ need, piece }: { need: Need; piece: string | null }) =>
      take(api.PUT('/api/homes/{home}/needs/{need}/piece', { params: { path: { home, need: need.id } }, body: { piece } })),
    onSuccess: settle,
    onError: (error) => notices.problem(error),
  });
  const remove = useMutation({
    mutationFn: (need: Need) => take(api.DELETE('/api/homes/{home}/needs/{need}', { params: { path: { home, need: need.id } } })),
    onSuccess: async (_nothing, need) => {
      notices.done(`“${need.text}” taken off the list`, async () => {
        await take(api.POST('/api/homes/{home}/needs/{need}/restore', { params: { path: { home, need: need.id } } }));
        await settle();
      });
      await settle();
    },
    onError: (error) => notices.problem(error),
  });
  const advance = useMutation({
    mutationFn: ({ line, state }: { line: Line; state: LineState }) =>
      take(api.PUT('/api/homes/{home}/lines/{line}/state', { params: { path: { home, line: line.id } }, body: { state, version: line.version } })),
    onSuccess: settle,
    onError: (error) => {
      notices.problem(error);
      void settle();
    },
  });
  return {
    bring: (need: Need, piece: string, name: string) =>
      fill.mutate({ need, piece }, { onSuccess: () => notices.done(`${name} is brought for “${need.text}” and placed`) }),
    reopen: (need: Need) => fill.mutate({ need, piece: null }),
    remove: (need: Need) => remove.mutate(need),
    advance: (line: Line, state: LineState) =>
      advance.mutate(
        { line, state },
        {
          onSuccess: (now) => {
            const back = BACK[state];
            notices.done(
              state === 'got' ? `${line.name} is in the cupboard` : `${line.name}: ${state}`,
              back ? () => advance.mutateAsync({ line: now, state: back }) : undefined,
            );
          },
        },
      ),
  };
}
