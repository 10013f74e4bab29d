import type { ReactNode } from 'react';
import { Triangle } from '../lib/notices';

/** A bare ledge with one dashed ghost and the next thing to do. */
export function EmptyLedge({ children }: { children: ReactNode }) {
  return (
    <div className="mx-auto mt-10 w-[min(520px,92%)] text-center">
      <svg width="120" height="70" viewBox="0 0 120 70" aria-hidden="true" className="mx-auto block">
        <path
          d="M40 69V44Q30 34 38 22Q34 12 44 6H76Q86 12 82 22Q90 34 80 44V69Z"
          fill="rgb(31 36 33 / 4%)"
          stroke="#47504B"
          strokeWidth="1.4"
          strokeDasharray="4 3"
        />
      </svg>
      <div className="ledge" />
      <div className="mt-4 text-[15px]/[22px]">{children}</div>
    </div>
  );
}

/** What happened, that nothing is lost, and a way to try again. */
export function ErrorLedge({ error, onRetry }: { error: unknown; onRetry: () => void }) {
  return (
    <div className="mx-auto mt-10 w-[min(520px,92%)]" role="alert">
      <div className="ledge" />
      <div className="tagcard mx-6 mt-1 flex gap-3 p-4">
        <Triangle />
        <div>
          <p>{error instanceof Error ? error.message : 'This could not be loaded.'}</p>
          <p className="note mt-1">Nothing was changed.</p>
          <button type="button" className="btn mt-2" onClick={onRetry}>
            Try again
          </button>
        </div>
      </div>
    </div>
  );
}

/** Ledges at once; the pieces follow. */
export function LoadingLedges() {
  return (
    <div role="status" aria-busy="true" aria-label="Loading" className="p-5">
      {[0, 1, 2].map((row) => (
        <div key={row} className="mb-8">
          <div className="flex h-24 items-end gap-6 px-4">
            {[44, 70, 36, 58, 80, 40, 62].map((height) => (
              <div key={height} style={{ height }} className="w-12 bg-ledge/70" />
            ))}
          </div>
          <div className="ledge" />
        </div>
      ))}
    </div>
  );
}
