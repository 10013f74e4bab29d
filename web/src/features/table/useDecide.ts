import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, OfflineError, ProblemError, take } from '../../api/client';
import { tableQuery } from '../../api/queries';
import type { Choice, Table } from '../../api/types';
import { useWaiting } from '../../frame/waiting/WaitingActs';
import { useNotices } from '../../lib/notices';
import { withWaiting } from './withWaiting';

type Decision = { piece: string; choice: Choice | null };
type Sent = { decisions: readonly Decision[] };

/** Decides at once on the page and then on the server; what is refused goes back with a word, what finds no signal waits on this device. */
export function useDecide(home: string, swap: string) {
  const queries = useQueryClient();
  const notices = useNotices();
  const waiting = useWaiting();
  const key = tableQuery(home, swap).queryKey;
  const versions = () => new Map(queries.getQueryData<Table>(key)?.rows.map((row) => [row.piece, row.version]));
  const wait = (decisions: readonly Decision[]) => {
    const seen = versions();
    for (const one of decisions) waiting.add({ kind: 'decision', swap, ...one, version: seen.get(one.piece) ?? 0 });
  };
  const paint = (decisions: readonly Decision[]) => {
    const chosen = new Map(decisions.map((one) => [one.piece, one.choice]));
    queries.setQueryData<Table>(
      key,
      (table) =>
        table && { ...table, rows: table.rows.map((row) => (chosen.has(row.piece) ? { ...row, choice: chosen.get(row.piece) ?? null } : row)) },
    );
  };
  const send = useMutation({
    mutationFn: ({ decisions }: Sent) => {
      const seen = versions();
      return take(
        api.PUT('/api/homes/{home}/swaps/{swap}/decisions', {
          params: { path: { home, swap } },
          body: { decisions: decisions.map((one) => ({ ...one, version: seen.get(one.piece) ?? 0 })) },
        }),
      );
    },
    onMutate: async ({ decisions }) => {
      await queries.cancelQueries({ queryKey: key });
      const before = queries.getQueryData<Table>(key);
      paint(decisions);
      return { before };
    },
    onSuccess: ({ decisions }) => {
      const now = new Map(decisions.map((one) => [one.piece, one]));
      queries.setQueryData<Table>(key, (table) => table && { ...table, rows: table.rows.map((row) => ({ ...row, ...now.get(row.piece) })) });
    },
    onError: (error, { decisions }, context) => {
      if (error instanceof OfflineError) return wait(decisions);
      queries.setQueryData(key, context?.before);
      notices.problem(error);
      if (error instanceof ProblemError && error.problem.status === 409) void queries.invalidateQueries({ queryKey: key });
    },
  });
  return (decisions: readonly Decision[]) => {
    const table = queries.getQueryData<Table>(key);
    const now = new Map(table && withWaiting(table, waiting.acts, swap).rows.map((row) => [row.piece, row.choice]));
    const changed = decisions.filter((one) => one.choice !== (now.get(one.piece) ?? null));
    if (changed.length === 0) return;
    if (waiting.isHeld) {
      paint(changed);
      wait(changed);
    } else send.mutate({ decisions: changed });
  };
}
