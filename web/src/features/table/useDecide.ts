import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ProblemError, take } from '../../api/client';
import { useRefresh } from '../../api/home';
import { stationsQuery, tableQuery } from '../../api/queries';
import type { Choice, Table } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { counted } from '../../lib/text';

type Decision = { piece: string; choice: Choice | null };
type Sent = { decisions: readonly Decision[]; isUndo?: boolean };

/** Decides at once on the page and then on the server; what is refused goes back with a word, and everything can be undone. */
export function useDecide(home: string, swap: string, nameOf: (piece: string) => string) {
  const queries = useQueryClient();
  const refresh = useRefresh();
  const notices = useNotices();
  const key = tableQuery(home, swap).queryKey;
  const paint = (decisions: readonly Decision[]) => {
    const chosen = new Map(decisions.map((one) => [one.piece, one.choice]));
    queries.setQueryData<Table>(
      key,
      (table) =>
        table &&
        recount({ ...table, rows: table.rows.map((row) => (chosen.has(row.piece) ? { ...row, choice: chosen.get(row.piece) ?? null } : row)) }),
    );
  };
  const send = useMutation({
    mutationFn: ({ decisions }: Sent) => {
      const versions = new Map(queries.getQueryData<Table>(key)?.rows.map((row) => [row.piece, row.version]));
      return take(
        api.PUT('/api/homes/{home}/swaps/{swap}/decisions', {
          params: { path: { home, swap } },
          body: { decisions: decisions.map((one) => ({ ...one, version: versions.get(one.piece) ?? 0 })) },
        }),
      );
    },
    onMutate: async ({ decisions }) => {
      await queries.cancelQueries({ queryKey: key });
      const before = queries.getQueryData<Table>(key);
      paint(decisions);
      return { before };
    },
    // Here, not at the call: one call's own handlers are dropped when the next comes before its answer.
    onSuccess: ({ decisions }, sent, { before }) => {
      if (!sent.isUndo) {
        const was = new Map(before?.rows.map((row) => [row.piece, row.choice]));
        const back = sent.decisions.map(({ piece }) => ({ piece, choice: was.get(piece) ?? null }));
        notices.done(inWords(sent.decisions), () => send.mutateAsync({ decisions: back, isUndo: true }));
      }
      const now = new Map(decisions.map((one) => [one.piece, one]));
      queries.setQueryData<Table>(key, (table) => table && { ...table, rows: table.rows.map((row) => ({ ...row, ...now.get(row.piece) })) });
      void queries.invalidateQueries({ queryKey: stationsQuery(home, swap).queryKey });
      void refresh('dressing', 'rooms', 'day', 'haul');
    },
    onError: (error, _sent, context) => {
      queries.setQueryData(key, context?.before);
      notices.problem(error);
      if (error instanceof ProblemError && error.problem.status === 409) void queries.invalidateQueries({ queryKey: key });
    },
  });
  const inWords = (decisions: readonly Decision[]) => {
    const [first] = decisions;
    return `${decisions.length === 1 && first ? nameOf(first.piece) : counted(decisions.length, 'piece')}: ${first?.choice ?? 'not decided'}`;
  };
  return (decisions: readonly Decision[]) => {
    const now = new Map(queries.getQueryData<Table>(key)?.rows.map((row) => [row.piece, row.choice]));
    const changed = decisions.filter((one) => one.choice !== (now.get(one.piece) ?? null));
    if (changed.length > 0) send.mutate({ decisions: changed });
  };
}

const recount = (table: Table): Table => ({ ...table, decided: table.rows.filter((row) => row.choice !== null).length });
