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
    mutationFn: ({ need, piece }: { need: Need; piece: string | null; name?: string }) =>
      take(api.PUT('/api/homes/{home}/needs/{need}/piece', { params: { path: { home, need: need.id } }, body: { piece } })),
    onSuccess: async (_haul, { need, name }) => {
      if (name !== undefined) {
        notices.done(`${name} is brought for “${need.text}” and placed`, () => fill.mutateAsync({ need, piece: null }));
      }
      await settle();
    },
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
    mutationFn: ({ line, state }: { line: Line; state: LineState; isUndo?: boolean }) =>
      take(api.PUT('/api/homes/{home}/lines/{line}/state', { params: { path: { home, line: line.id } }, body: { state, version: line.version } })),
    onSuccess: async (now, { line, state, isUndo }) => {
      const back = BACK[state];
      if (!isUndo) {
        notices.done(
          state === 'got' ? `${line.name} is in the cupboard` : `${line.name}: ${state}`,
          back ? () => advance.mutateAsync({ line: now, state: back, isUndo: true }) : undefined,
        );
      }
      await settle();
    },
    onError: (error) => {
      notices.problem(error);
      void settle();
    },
  });
  return {
    bring: (need: Need, piece: string, name: string) => fill.mutate({ need, piece, name }),
    reopen: (need: Need) => fill.mutate({ need, piece: null }),
    remove: (need: Need) => remove.mutate(need),
    advance: (line: Line, state: LineState) => advance.mutate({ line, state }),
  };
}
