import { get, keys, update } from 'idb-keyval';
import type { Choice, PhotoMoment } from '../../api/types';

/** A tick that is not sent yet. */
export type WaitingTick = { kind: 'tick'; swap: string; task: string; done: boolean };
/** What was decided at the Table; the version is the one that was seen when it was. */
export type WaitingDecision = { kind: 'decision'; swap: string; piece: string; choice: Choice | null; version: number };
export type WaitingPiecePhoto = { kind: 'photo'; piece: string; file: File };
export type WaitingSpotPhoto = { kind: 'photo'; swap: string; spot: string; moment: PhotoMoment; file: File };
export type WaitingPhoto = WaitingPiecePhoto | WaitingSpotPhoto;

/** Something done without a signal; its key makes it count once, however often it is sent. */
export type WaitingAct = (WaitingTick | WaitingDecision | WaitingPhoto) & { key: string };

/** Who did it where: a phone that is handed on sends nothing under another name. */
export type Doer = { home: string; person: string };

const START = 'waiting-';
const storeKey = ({ home, person }: Doer) => `${START}${home}-${person}`;

/** What waits on this device, in the order in which it was done. */
export async function readWaiting(doer: Doer): Promise<readonly WaitingAct[]> {
  return (await get<readonly WaitingAct[]>(storeKey(doer))) ?? [];
}

/** How much waits on this device for somebody else to sign in again. */
export async function countOfOthers(doer: Doer): Promise<number> {
  const others = (await keys<string>()).filter((key) => key.startsWith(`${START}${doer.home}-`) && key !== storeKey(doer));
  const waiting = await Promise.all(others.map((key) => get<readonly WaitingAct[]>(key)));
  return waiting.reduce((count, acts) => count + (acts?.length ?? 0), 0);
}

/** Adds to what waits, as one step even when two tabs do so at once. */
export const addWaiting = (doer: Doer, act: WaitingAct): Promise<void> =>
  update<readonly WaitingAct[]>(storeKey(doer), (now = []) => withAct(now, act));

/** Something was sent, or refused for good. */
export const dropWaiting = (doer: Doer, key: string): Promise<void> =>
  update<readonly WaitingAct[]>(storeKey(doer), (now = []) => now.filter((one) => one.key !== key));

/** What a photo is of. */
const subject = (photo: WaitingPhoto): string => ('piece' in photo ? photo.piece : `${photo.swap} ${photo.spot} ${photo.moment}`);

/** A piece decided twice, or the same photographed twice, waits once: with what was said last and the version that was seen first. */
function withAct(now: readonly WaitingAct[], act: WaitingAct): readonly WaitingAct[] {
  const isSame = (one: WaitingAct) =>
    (act.kind === 'decision' && one.kind === 'decision' && one.swap === act.swap && one.piece === act.piece) ||
    (act.kind === 'photo' && one.kind === 'photo' && subject(one) === subject(act));
  const before = now.find(isSame);
  if (!before) return [...now, act];
  const kept = act.kind === 'decision' && before.kind === 'decision' ? { ...act, version: before.version } : act;
  return now.map((one) => (one === before ? kept : one));
}
