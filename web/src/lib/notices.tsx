import { createContext, type ReactNode, useCallback, useContext, useMemo, useRef, useState } from 'react';

/** What can be done about a notice. */
type Way = { label: string; act: () => Promise<unknown> };
type Notice = { id: number; text: string; isProblem: boolean; way?: Way | undefined };
type Notices = {
  /** Says what was done, with a way back. */
  done: (text: string, way?: Way) => void;
  /** Says what went wrong and what is safe. */
  problem: (error: unknown) => void;
};

const Context = createContext<Notices | null>(null);
const SHOWN_MS = 7000;

/** Must stand inside NoticeBoard. */
export function useNotices(): Notices {
  const notices = useContext(Context);
  if (!notices) throw new Error('useNotices is used outside NoticeBoard.');
  return notices;
}

/** Shows what was done or refused on the lowest ledge. */
export function NoticeBoard({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const next = useRef(0);
  const show = useCallback((text: string, isProblem: boolean, way?: Way) => {
    const id = ++next.current;
    setNotice({ id, text, isProblem, way });
    if (!isProblem) window.setTimeout(() => setNotice((now) => (now?.id === id ? null : now)), SHOWN_MS);
  }, []);
  const notices = useMemo<Notices>(
    () => ({
      done: (text, way) => show(text, false, way),
      problem: (error) => show(error instanceof Error ? error.message : 'Something went wrong. What you had is safe.', true),
    }),
    [show],
  );
  const goBack = (way: Way) => void way.act().catch((error) => notices.problem(error));

  return (
    <Context value={notices}>
      {children}
      <div
        aria-live="polite"
        className="no-print fixed bottom-3 left-1/2 z-50 w-max max-w-[92vw] -translate-x-1/2 max-md:bottom-[60px]"
        data-testid="notice"
      >
        {notice && (
          <div className={`tagcard flex items-start gap-3 px-4 py-2 text-[13px] ${notice.isProblem ? 'border-2 border-ink bg-yolk-soft' : ''}`}>
            {notice.isProblem && <Triangle />}
            <span className="max-w-[62ch]">{notice.text}</span>
            {notice.way && (
              <button type="button" className="link whitespace-nowrap" onClick={() => notice.way && goBack(notice.way)}>
                {notice.way.label} {notice.way.label === 'Undo' && <kbd>Ctrl Z</kbd>}
              </button>
            )}
            <button type="button" className="size-6" aria-label="Close this notice" onClick={() => setNotice(null)}>
              ✕
            </button>
          </div>
        )}
      </div>
    </Context>
  );
}

/** The sign of caution: yolk with an ink outline, never without words beside it. */
export function Triangle({ size = 17 }: { size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 18 17" className="mt-px flex-none" aria-hidden="true">
      <path d="M9 1.2 17 15.6H1Z" fill="#F4B740" stroke="#1F2421" strokeWidth="1.5" strokeLinejoin="round" />
      <path d="M9 6v4.6M9 12.4v1.2" stroke="#1F2421" strokeWidth="1.8" strokeLinecap="round" />
    </svg>
  );
}
