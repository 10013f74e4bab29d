import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { onAct } from '../api/acts';
import { api, take } from '../api/client';
import { useNotices } from '../lib/notices';
import { GATHER_MS } from '../lib/refreshed';
import { useKeys } from '../lib/useKeys';

const LOOK_AGAIN_MS = 15_000;

/** The one place where acts are heard: what they made out of date is asked for again, what they did is said, and undone. */
export function useActs(home: string): void {
  const queries = useQueryClient();
  const notices = useNotices();
  useEffect(() => {
    const others = new BroadcastChannel('bright-cupboard-acts');
    const refresh = gathering(queries, home);
    others.onmessage = ({ data }: MessageEvent<{ home: string; outOfDate: readonly string[] }>) => {
      if (data.home === home) refresh(data.outOfDate, Date.now());
    };
    const stop = onAct((act) => {
      if (act.home !== home) return;
      refresh(act.outOfDate, act.at);
      others.postMessage({ home, outOfDate: act.outOfDate });
      notices.done(act.said, { label: act.isUndoing ? 'Do it again' : 'Undo', act: () => putBack(home, act.entry) });
    });
    const stopLooking = lookingAgain(home, (outOfDate) => refresh(outOfDate, Date.now()));
    return () => {
      stop();
      stopLooking();
      others.close();
    };
  }, [home, queries, notices]);
  const back = (way: 'undo' | 'redo') => () => {
    void settled(queries)
      .then(() => take(api.POST(`/api/homes/{home}/${way}`, { params: { path: { home } } })))
      .catch((error) => notices.problem(error));
  };
  useKeys({ 'Ctrl+z': back('undo'), 'Ctrl+Z': back('redo'), 'Ctrl+y': back('redo') });
}

const putBack = (home: string, entry: string) => take(api.POST('/api/homes/{home}/journal/{entry}/undo', { params: { path: { home, entry } } }));

/** What is still on its way is done before it is taken back. */
async function settled(queries: QueryClient): Promise<void> {
  for (let tries = 0; queries.isMutating() > 0 && tries < 200; tries++) await new Promise((resolve) => setTimeout(resolve, 25));
}

/** Acts come in bursts; readings are asked for once after each. An answer that is younger than the act holds already. */
function gathering(queries: QueryClient, home: string) {
  const since = new Map<string, number>();
  let timer = 0;
  return (outOfDate: readonly string[], at: number) => {
    for (const word of outOfDate) since.set(word, at);
    window.clearTimeout(timer);
    timer = window.setTimeout(() => {
      const asked = new Map(since);
      since.clear();
      void queries.invalidateQueries({
        predicate: ({ queryKey, state }) =>
          (queryKey[1] === home || queryKey[0] === 'me') && queryKey.some((part) => state.dataUpdatedAt < (asked.get(String(part)) ?? 0)),
      });
    }, GATHER_MS);
  };
}

/** Asks now and then, and whenever the page is looked at again, whether somebody else has done something. */
function lookingAgain(home: string, onOutOfDate: (outOfDate: readonly string[]) => void): () => void {
  let known = '';
  const look = async () => {
    if (document.hidden) return;
    const since = await take(api.GET('/api/homes/{home}/since', { params: { path: { home }, query: { entry: known } } })).catch(() => null);
    if (!since) return;
    if (since.outOfDate.length > 0) onOutOfDate(since.outOfDate);
    known = since.entry;
  };
  const lookNow = () => void look();
  lookNow();
  const timer = window.setInterval(lookNow, LOOK_AGAIN_MS);
  document.addEventListener('visibilitychange', lookNow);
  return () => {
    window.clearInterval(timer);
    document.removeEventListener('visibilitychange', lookNow);
  };
}
