import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ProblemError, take } from '../../api/client';
import { useRefresh } from '../../api/home';
import { stationsQuery, tableQuery } from '../../api/queries';
import type { Choice, Table } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { counted } from '../../lib/text';

type Decision = { piece: string; choice: Choice | null };

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
    mutationFn: (decisions: readonly Decision[]) => {
      const versions = new Map(queries.getQueryData<Table>(key)?.rows.map((row) => [row.piece, row.version]));
      return take(
        api.PUT('/api/homes/{home}/swaps/{swap}/decisions', {
          params: { path: { home, swap } },
          body: { decisions: decisions.map((one) => ({ ...one, version: versions.get(one.piece) ?? 0 })) },
        }),
      );
    },
    onMutate: async (decisions) => {
      await queries.cancelQueries({ queryKey: key });
      const before = queries.getQueryData<Table>(key);
      paint(decisions);
      return { before };
    },
    onSuccess: ({ decisions }) => {
      const now = new Map(decisions.map((one) => [one.piece, one]));
      queries.setQueryData<Table>(key, (table) => table && { ...table, rows: table.rows.map((row) => ({ ...row, ...now.get(row.piece) })) });
      void queries.invalidateQueries({ queryKey: stationsQuery(home, swap).queryKey });
      void refresh('dressing', 'rooms', 'day', 'haul');
    },
    onError: (error, _decisions, context) => {
      queries.setQueryData(key, context?.before);
      notices.problem(error);
      if (error instanceof ProblemError && error.problem.status === 409) void queries.invalidateQueries({ queryKey: key });
    },
  });
  return (decisions: readonly Decision[]) => {
    const rows = queries.getQueryData<Table>(key)?.rows ?? [];
    const before = decisions.map((one) => ({ piece: one.piece, choice: rows.find((row) => row.piece === one.piece)?.choice ?? null }));
    const changed = decisions.filter((one, i) => one.choice !== before[i]?.choice);
    const [first] = changed;
    if (!first) return;
    const what = changed.length === 1 ? nameOf(first.piece) : counted(changed.length, 'piece');
    send.mutate(changed, {
      onSuccess: () =>
        notices.done(`${what}: ${first.choice ?? 'not decided'}`, () =>
          send.mutateAsync(before.filter((one) => changed.some((other) => other.piece === one.piece))),
        ),
    });
  };
}

const recount = (table: Table): Table => ({ ...table, decided: table.rows.filter((row) => row.choice !== null).length });
