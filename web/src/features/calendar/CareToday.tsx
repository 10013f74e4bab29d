import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import type { Calendar, Care } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { counted, writeDay } from '../../lib/text';

/** What wants care today: one short list, a tick each; what comes later is opened. */
export function CareToday({ calendar, home }: { calendar: Calendar; home: string }) {
  const notices = useNotices();
  const [isAll, setAll] = useState(false);
  const tick = useMutation({
    mutationFn: (care: Care) => take(api.PUT('/api/homes/{home}/care', { params: { path: { home } }, body: { piece: care.piece, job: care.job } })),
    onError: (error) => notices.problem(error),
  });
  const due = calendar.care.filter((care) => care.isDue);
  const later = calendar.care.filter((care) => !care.isDue);
  return (
    <section aria-label="Care today">
      <h3 className="panel-title">Care today</h3>
      {due.length === 0 && (
        <p className="quiet mt-1">{later.length === 0 ? 'Nothing that stands is alive or lit by batteries.' : 'Nothing is due today.'}</p>
      )}
      <ul className="rows">
        {[...due, ...(isAll ? later : [])].map((care) => (
          <li key={care.piece + care.job}>
            <label className="flex min-h-[36px] cursor-pointer items-center gap-3 py-1 max-md:min-h-[44px]">
              <input
                type="checkbox"
                className="size-5 flex-none"
                checked={!care.isDue}
                disabled={!care.isDue || tick.isPending}
                onChange={() => tick.mutate(care)}
              />
              <span className="min-w-0 flex-1">
                <b>{care.name}</b>: {care.job}
                <span className="note block">
                  every {care.everyDays === 1 ? 'day' : counted(care.everyDays, 'day')}
                  {care.lastOn ? `; last on ${writeDay(care.lastOn)} by ${care.lastBy}` : ''}; {care.isDue ? 'due' : 'next'} {writeDay(care.due)}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ul>
      {later.length > 0 && (
        <button type="button" className="link" onClick={() => setAll(!isAll)}>
          {isAll ? 'Only what is due' : `${later.length} more later on`}
        </button>
      )}
      <p className="note mt-1">
        A piece that says otherwise in its care (“water every 3 days”) goes by that. Water away from cords; plants out of reach of pets.
      </p>
    </section>
  );
}
