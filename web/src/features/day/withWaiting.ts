import type { Day } from '../../api/types';
import type { WaitingTick } from '../../frame/waitingTicks';

/** The day as it is with what this device has ticked and not sent yet. */
export function withWaiting(day: Day, ticks: readonly WaitingTick[]): Day {
  const waiting = new Map(ticks.map((tick) => [tick.task, tick.done]));
  const tasks = day.tasks.map((task) => ({ ...task, isDone: waiting.get(task.id) ?? task.isDone }));
  return waiting.size === 0 ? day : { ...day, tasks, ticked: tasks.filter((task) => task.isDone).length };
}
