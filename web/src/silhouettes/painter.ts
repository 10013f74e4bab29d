import type { Painting } from './paint';

type Wish = { key: string; painting: Painting; show: ((picture: string) => void) | null };

/** A picture of this many pixels is about 5 kB. */
const MOST_KEPT = 1200;
/** Addresses of pictures by what they show, the longest kept first. */
const kept = new Map<string, string>();
const waiting: Wish[] = [];
let worker: Worker | null = null;
let atWork: Wish | null = null;

export const canPaintBeside = typeof OffscreenCanvas !== 'undefined' && typeof Worker !== 'undefined';

/** The address of a picture that was painted before. */
export const knownPicture = (key: string): string | undefined => kept.get(key);

/** Has a picture painted beside the page; what is returned takes the wish back. */
export function wishFor(key: string, painting: Painting, show: (picture: string) => void): () => void {
  const wish: Wish = { key, painting, show };
  waiting.push(wish);
  workOn();
  return () => {
    wish.show = null;
    const at = waiting.indexOf(wish);
    if (at >= 0) waiting.splice(at, 1);
  };
}

function workOn(): void {
  if (atWork) return;
  atWork = waiting.shift() ?? null;
  if (!atWork) return;
  worker ??= hire();
  worker.postMessage(atWork.painting);
}

function hire(): Worker {
  const hired = new Worker(new URL('./painter.worker.ts', import.meta.url), { type: 'module' });
  hired.addEventListener('message', ({ data }: MessageEvent<Blob>) => {
    const done = atWork;
    atWork = null;
    workOn();
    if (done) done.show?.(keep(done.key, data));
  });
  return hired;
}

function keep(key: string, picture: Blob): string {
  const address = URL.createObjectURL(picture);
  kept.set(key, address);
  const [oldest, old] = kept.entries().next().value ?? [];
  if (kept.size > MOST_KEPT && oldest !== undefined && old !== undefined) {
    kept.delete(oldest);
    URL.revokeObjectURL(old);
  }
  return address;
}
