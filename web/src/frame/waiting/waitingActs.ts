import { get, update } from 'idb-keyval';
import type { Choice, PhotoMoment } from '../../api/types';

/** A tick that is not sent yet. */
export type WaitingTick = { kind: 'tick'; swap: string; task: string; done: boolean };
/** What was decided at the Table; the version is the one that was seen when it was. */
export type WaitingDecision = { kind: 'decision'; swap: string; piece: string; choice: Choice | null; version: number };
export type WaitingPhoto = { kind: 'photo'; swap: string; spot: string; moment: PhotoMoment; file: File };

/** Something done without a signal; its key makes it count once, however often it is sent. */
export type WaitingAct = (WaitingTick | WaitingDecision | WaitingPhoto) & { key: string };

const storeKey = (home: string) => `waiting-${home}`;

/** What waits on this device, in the order in which it was done. */
export async function readWaiting(home: string): Promise<readonly WaitingAct[]> {
  return (await get<readonly WaitingAct[]>(storeKey(home))) ?? [];
}

/** Adds to what waits, as one step even when two tabs do so at once. */
export const addWaiting = (home: string, act: WaitingAct): Promise<void> =>
  update<readonly WaitingAct[]>(storeKey(home), (now = []) => withAct(now, act));

/** Something was sent, or refused for good. */
export const dropWaiting = (home: string, key: string): Promise<void> =>
  update<readonly WaitingAct[]>(storeKey(home), (now = []) => now.filter((one) => one.key !== key));

/** A piece decided twice, or a spot photographed twice, waits once: with what was said last and the version that was seen first. */
function withAct(now: readonly WaitingAct[], act: WaitingAct): readonly WaitingAct[] {
  const isSame = (one: WaitingAct) =>
    (act.kind === 'decision' && one.kind === 'decision' && one.swap === act.swap && one.piece === act.piece) ||
    (act.kind === 'photo' && one.kind === 'photo' && one.swap === act.swap && one.spot === act.spot && one.moment === act.moment);
  const before = now.find(isSame);
  if (!before) return [...now, act];
  const kept = act.kind === 'decision' && before.kind === 'decision' ? { ...act, version: before.version } : act;
  return now.map((one) => (one === before ? kept : one));
}
