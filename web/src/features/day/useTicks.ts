import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { api, OfflineError, take } from '../../api/client';
import { useRefresh } from '../../api/home';
import { dayQuery } from '../../api/queries';
import type { Day, Task } from '../../api/types';
import { useNotices } from '../../lib/notices';

type Tick = { task: string; done: boolean; key: string };

const storeKey = (swap: string) => `ticks-waiting-${swap}`;
const RETRY_MS = 5000;

function readWaiting(swap: string): Tick[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(storeKey(swap)) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

/** Ticks that move the stock. Without a signal they wait on this device, in order, and are sent when it is back; each counts once. */
export function useTicks(home: string, swap: string) {
  const queries = useQueryClient();
  const refresh = useRefresh();
  const notices = useNotices();
  const [waiting, setWaiting] = useState<Tick[]>(() => readWaiting(swap));
  const key = dayQuery(home, swap).queryKey;
  const keep = useCallback(
    (ticks: Tick[]) => {
      localStorage.setItem(storeKey(swap), JSON.stringify(ticks));
      setWaiting(ticks);
    },
    [swap],
  );
  const sendAll = useCallback(async () => {
    for (let next = readWaiting(swap)[0]; next; next = readWaiting(swap)[0]) {
      const tick = next;
      try {
        const day = await take(
          api.PUT('/api/homes/{home}/tasks/{task}', { params: { path: { home, task: tick.task } }, body: { done: tick.done, key: tick.key } }),
        );
        keep(readWaiting(swap).filter((one) => one.key !== tick.key));
        if (readWaiting(swap).length === 0) queries.setQueryData(key, day);
      } catch (error) {
        if (error instanceof OfflineError) return;
        keep(readWaiting(swap).filter((one) => one.key !== tick.key));
        notices.problem(error);
        await queries.invalidateQueries({ queryKey: key });
      }
    }
    void refresh('stations', 'pieces', 'settle', 'table');
  }, [home, swap, key, keep, queries, notices, refresh]);
  const isSending = useRef(false);
  // One sender at a time, or every tick would start another that sends the same ones again.
  const send = useCallback(async () => {
    if (isSending.current) return;
    isSending.current = true;
    await sendAll().finally(() => {
      isSending.current = false;
    });
  }, [sendAll]);
  const hasWaiting = waiting.length > 0;
  useEffect(() => {
    if (!hasWaiting) return;
    const again = () => void send();
    window.addEventListener('online', again);
    const timer = window.setInterval(again, RETRY_MS);
    return () => {
      window.removeEventListener('online', again);
      window.clearInterval(timer);
    };
  }, [hasWaiting, send]);
  const tick = (task: Task, done: boolean) => {
    queries.setQueryData<Day>(
      key,
      (day) =>
        day && { ...day, ticked: day.ticked + (done ? 1 : -1), tasks: day.tasks.map((one) => (one.id === task.id ? { ...one, isDone: done } : one)) },
    );
    keep([...readWaiting(swap), { task: task.id, done, key: crypto.randomUUID() }]);
    void send();
  };
  return { tick, waiting: waiting.length };
}
