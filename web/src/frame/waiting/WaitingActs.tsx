import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react';
import { newKey } from '../../lib/newKey';
import { useNotices } from '../../lib/notices';
import { isRefused, readAnew, sendAct } from './sendAct';
import {
  addWaiting,
  countOfOthers,
  type Doer,
  dropWaiting,
  readWaiting,
  type WaitingAct,
  type WaitingDecision,
  type WaitingPhoto,
  type WaitingTick,
} from './waitingActs';

type Waiting = {
  acts: readonly WaitingAct[];
  /** Whether sending was tried in vain: until then what waits is on its way. */
  isHeld: boolean;
  /** How much waits for somebody else to sign in on this device. */
  others: number;
  add: (act: WaitingTick | WaitingDecision | WaitingPhoto) => void;
};

const Context = createContext<Waiting | null>(null);
const RETRY_MS = 5000;

/** Must stand inside WaitingActs. */
export function useWaiting(): Waiting {
  const waiting = useContext(Context);
  if (!waiting) throw new Error('useWaiting is used outside WaitingActs.');
  return waiting;
}

/** Keeps what is done without a signal on this device, whatever page is open, and sends it in order when the signal is back. */
export function WaitingActs({ home, person, children }: Doer & { children: ReactNode }) {
  const queries = useQueryClient();
  const notices = useNotices();
  const [acts, setActs] = useState<readonly WaitingAct[]>([]);
  const [isHeld, setHeld] = useState(false);
  const [others, setOthers] = useState(0);
  const doer = useMemo(() => ({ home, person }), [home, person]);
  const show = useCallback(async () => {
    const now = await readWaiting(doer);
    setActs(now);
    setOthers(await countOfOthers(doer));
    return now;
  }, [doer]);
  const send = useSending(doer, show, setHeld);
  useEffect(() => {
    show().catch(() => undefined); // a device that keeps nothing has nothing waiting
  }, [show]);
  const hasWaiting = acts.length > 0;
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
      acts,
      isHeld: isHeld && acts.length > 0,
      others,
      add: (act) => {
        const kept = { ...act, key: newKey() };
        setActs((now) => [...now, kept]); // seen at once; what is kept is read right after
        addWaiting(doer, kept)
          .then(show)
          .then(send, () => sendAct(home, kept, queries).catch((error) => notices.problem(error)));
      },
    }),
    [acts, isHeld, others, home, doer, show, send, queries, notices],
  );
  return <Context value={value}>{children}</Context>;
}

/** Sends one after another. Asked for once more while it is at work, it goes on after that; or everything would be sent twice. */
function useSending(doer: Doer, show: () => Promise<readonly WaitingAct[]>, setHeld: (isHeld: boolean) => void) {
  const queries = useQueryClient();
  const notices = useNotices();
  const isSending = useRef(false);
  const isAsked = useRef(false);
  const sendAll = useCallback(async () => {
    for (let next = (await readWaiting(doer))[0]; next; next = (await readWaiting(doer))[0]) {
      const act: WaitingAct = next;
      try {
        await sendAct(doer.home, act, queries);
      } catch (error) {
        if (!isRefused(error)) return setHeld(true);
        notices.problem(error);
      }
      await dropWaiting(doer, act.key);
      const left = await show();
      if (!left.some((one) => one.kind === act.kind)) readAnew(doer.home, act, queries);
    }
    setHeld(false);
  }, [doer, show, setHeld, queries, notices]);
  return useCallback(async () => {
    isAsked.current = true;
    if (isSending.current) return;
    isSending.current = true;
    try {
      while (isAsked.current) {
        isAsked.current = false;
        await sendAll();
      }
    } finally {
      isSending.current = false;
    }
  }, [sendAll]);
}
