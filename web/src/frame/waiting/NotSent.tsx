import { counted, together } from '../../lib/text';
import { useWaiting } from './WaitingActs';
import type { WaitingAct } from './waitingActs';

const WORDS: Record<WaitingAct['kind'], string> = { tick: 'tick', decision: 'decision', photo: 'photo' };
const KINDS: readonly WaitingAct['kind'][] = ['tick', 'decision', 'photo'];

/** Says what is kept on this device because it could not be sent. */
export function NotSent() {
  const { acts, isHeld, others } = useWaiting();
  if (!isHeld && others === 0) return null;
  const counts = KINDS.map((kind) => ({ kind, count: acts.filter((act) => act.kind === kind).length })).filter((one) => one.count > 0);
  return (
    <p role="status" className="no-print mx-[22px] mt-2 bg-ink px-3 py-2 text-white max-md:mx-0">
      {isHeld && (
        <>
          Not sent yet: <b>{together(counts.map(({ kind, count }) => counted(count, WORDS[kind])))}</b> kept on this device, sent when the signal is
          back.{' '}
        </>
      )}
      {others > 0 && `${counted(others, 'act')} of somebody else ${others === 1 ? 'waits' : 'wait'} on this device until they sign in again.`}
    </p>
  );
}
