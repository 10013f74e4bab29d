import type { Table } from '../../api/types';
import type { WaitingAct } from '../../frame/waiting/waitingActs';

/** The table as it is with what this device has decided and not sent yet. */
export function withWaiting(table: Table, acts: readonly WaitingAct[], swap: string): Table {
  const waiting = new Map(acts.flatMap((act) => (act.kind === 'decision' && act.swap === swap ? [[act.piece, act.choice] as const] : [])));
  if (waiting.size === 0) return table;
  const rows = table.rows.map((row) => (waiting.has(row.piece) ? { ...row, choice: waiting.get(row.piece) ?? null, by: 'you' } : row));
  return { ...table, rows };
}
