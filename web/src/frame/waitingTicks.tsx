import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { api, OfflineError, take } from '../api/client';
import { daysKey } from '../api/queries';
import type { Day } from '../api/types';
import { useNotices } from '../lib/notices';

/** A tick that is not sent yet; its key makes it count once, however often it is sent. */
export type WaitingTick = { swap: string; task: string; done: boolean; key: string };

type Waiting = { ticks: readonly WaitingTick[]; add: (tick: Omit<WaitingTick, 'key'>) => void };

const Context = createContext<Waiting | null>(null);
const RETRY_MS = 5000;
const storeKey = (home: string) => `ticks-waiting-${home}`;

/** Must stand inside WaitingTicks. */
export function useWaitingTicks(): Waiting {
  const waiting = useContext(Context);
  if (!waiting) throw new Error('useWaitingTicks is used outside WaitingTicks.');
  return waiting;
}

/** Keeps what is ticked without a signal on this device, whatever page is open, and sends it in order when the signal is back. */
export function WaitingTicks({ home, children }: { home: string; children: ReactNode }) {
  const [ticks, setTicks] = useState<readonly WaitingTick[]>(() => read(home));
  const keep = useCallback(
    (now: readonly WaitingTick[]) => {
      localStorage.setItem(storeKey(home), JSON.stringify(now));
      setTicks(now);
    },
    [home],
  );
  const send = useSending(home, keep);
  const hasWaiting = ticks.length > 0;
  useEffect(() => {
    if (!hasWaiting) return;
    const again = () => void send();
    window.addEventListener('online', again);
    const timer = window.setInterval(again, RETRY_MS);
    again();
    return () => {
      window.removeEventListener('online', again);
      window.clearInterval(timer);
    };
  }, [hasWaiting, send]);
  const value = useMemo<Waiting>(
    () => ({
      ticks,
      add: (tick) => {
        keep([...read(home), { ...tick, key: crypto.randomUUID() }]);
        void send();
      },
    }),
    [ticks, keep, home, send],
  );
  return <Context value={value}>{children}</Context>;
}

/** Sends one after another; a second call while the first is at work does nothing, or every tick would be sent twice. */
function useSending(home: string, keep: (ticks: readonly WaitingTick[]) => void) {
  const queries = useQueryClient();
  const notices = useNotices();
  const isSending = useRef(false);
  return useCallback(async () => {
    if (isSending.current) return;
    isSending.current = true;
    try {
      for (let next = read(home)[0]; next; next = read(home)[0]) {
        const tick: WaitingTick = next;
        const key = daysKey(home, tick.swap);
        try {
          const path = { home, task: tick.task };
          const ticked = await take(api.PUT('/api/homes/{home}/tasks/{task}', { params: { path }, body: { done: tick.done, key: tick.key } }));
          queries.setQueriesData<Day>(
            { queryKey: key },
            (day) =>
              day && {
                ...day,
                ticked: day.tasks.filter((one) => (one.id === ticked.task ? ticked.isDone : one.isDone)).length,
                tasks: day.tasks.map((one) => (one.id === ticked.task ? { ...one, isDone: ticked.isDone, doneBy: ticked.doneBy || null } : one)),
              },
          );
        } catch (error) {
          if (error instanceof OfflineError) return;
          notices.problem(error);
        }
        keep(read(home).filter((one) => one.key !== tick.key));
        // Whether the stock is the plan now, and what others ticked meanwhile, is asked once the last one is sent.
        if (read(home).length === 0) void queries.invalidateQueries({ queryKey: key });
      }
    } finally {
      isSending.current = false;
    }
  }, [home, keep, queries, notices]);
}

function read(home: string): readonly WaitingTick[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(storeKey(home)) ?? '[]');
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}
