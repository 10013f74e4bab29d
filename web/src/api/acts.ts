/** An act as its answer tells of it: the one place from which the page refreshes and undoes. */
export type Act = { home: string; entry: string; said: string; isUndoing: boolean; outOfDate: readonly string[]; at: number };

type Listener = (act: Act) => void;

const listeners = new Set<Listener>();

export function onAct(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Reads what an answer says of the act behind it; a reading says nothing. */
export function hear(response: Response): void {
  const entry = response.headers.get('X-Entry');
  const home = /\/api\/homes\/([^/]+)/.exec(response.url)?.[1];
  if (!entry || !home) return;
  const act: Act = {
    home,
    entry,
    said: decodeURIComponent(response.headers.get('X-Said') ?? ''),
    isUndoing: response.headers.get('X-Undoing') === '1',
    outOfDate: (response.headers.get('X-Out-Of-Date') ?? '').split(' ').filter(Boolean),
    at: Date.now(),
  };
  for (const listener of listeners) listener(act);
}
