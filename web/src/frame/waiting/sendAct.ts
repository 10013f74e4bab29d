import type { QueryClient } from '@tanstack/react-query';
import { api, ProblemError, take } from '../../api/client';
import { keepPhoto, keepSpotPhoto } from '../../api/keepPhoto';
import { daysKey, piecesQuery, spotPhotosQuery, tableQuery } from '../../api/queries';
import type { Day } from '../../api/types';
import type { WaitingAct, WaitingTick } from './waitingActs';

/** Sends what waited, and tells the page what came of it. */
export async function sendAct(home: string, act: WaitingAct, queries: QueryClient): Promise<void> {
  if (act.kind === 'tick') await sendTick(home, act, act.key, queries);
  else if (act.kind === 'decision') {
    const { swap, piece, choice, version } = act;
    await take(
      api.PUT('/api/homes/{home}/swaps/{swap}/decisions', { params: { path: { home, swap } }, body: { decisions: [{ piece, choice, version }] } }),
    );
  } else if ('piece' in act) await keepPhoto(home, act.piece, act.file);
  else await keepSpotPhoto(home, act.swap, act.spot, act.moment, act.file);
}

/** What an act changed is read anew: whether the stock is the plan now, and what others did meanwhile. */
export function readAnew(home: string, act: WaitingAct, queries: QueryClient): void {
  void queries.invalidateQueries({ queryKey: changedBy(home, act) });
}

function changedBy(home: string, act: WaitingAct): readonly unknown[] {
  if (act.kind === 'tick') return daysKey(home, act.swap);
  if (act.kind === 'decision') return tableQuery(home, act.swap).queryKey;
  return 'piece' in act ? piecesQuery(home).queryKey : spotPhotosQuery(home).queryKey;
}

/** Whether it is refused for good; where somebody has to sign in again, or the cupboard is busy, it goes on waiting. */
export const isRefused = (error: unknown): boolean =>
  error instanceof ProblemError && error.problem.status < 500 && ![401, 403, 408, 429].includes(error.problem.status);

async function sendTick(home: string, tick: WaitingTick, key: string, queries: QueryClient): Promise<void> {
  const path = { home, task: tick.task };
  const ticked = await take(api.PUT('/api/homes/{home}/tasks/{task}', { params: { path }, body: { done: tick.done, key } }));
  queries.setQueriesData<Day>(
    { queryKey: daysKey(home, tick.swap) },
    (day) =>
      day && {
        ...day,
        ticked: day.tasks.filter((one) => (one.id === ticked.task ? ticked.isDone : one.isDone)).length,
        tasks: day.tasks.map((one) => (one.id === ticked.task ? { ...one, isDone: ticked.isDone, doneBy: ticked.doneBy || null } : one)),
      },
  );
}
