import type { Day } from '../../api/types';
import type { WaitingAct } from '../../frame/waiting/waitingActs';

/** The day as it is with what this device has ticked and not sent yet. */
export function withWaiting(day: Day, acts: readonly WaitingAct[]): Day {
  const waiting = new Map(acts.flatMap((act) => (act.kind === 'tick' ? [[act.task, act.done] as const] : [])));
  const tasks = day.tasks.map((task) => ({ ...task, isDone: waiting.get(task.id) ?? task.isDone }));
  return waiting.size === 0 ? day : { ...day, tasks, ticked: tasks.filter((task) => task.isDone).length };
}
