import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { calendarQuery } from '../../api/queries';
import type { Calendar } from '../../api/types';
import { useNotices } from '../../lib/notices';

/** The calendar for other programs: a file, and a private address that can be renewed. */
export function FeedBox({ calendar, home }: { calendar: Calendar; home: string }) {
  const queries = useQueryClient();
  const notices = useNotices();
  const renew = useMutation({
    mutationFn: () => take(api.POST('/api/homes/{home}/calendar/feed', { params: { path: { home } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: calendarQuery(home, 0).queryKey.slice(0, 3) }),
    onError: (error) => notices.problem(error),
  });
  const address = calendar.feed === null ? null : window.location.origin + calendar.feed;
  return (
    <section aria-label="For other calendars" className="no-print">
      <h3 className="panel-title">For other calendars</h3>
      <p className="mt-1">
        <a className="link" href={`/api/homes/${home}/calendar.ics`} download>
          Save as iCalendar
        </a>
        , or give a calendar program this private address:
      </p>
      {address === null ? (
        <button type="button" className="btn mt-1" onClick={() => renew.mutate()} disabled={renew.isPending}>
          Make a private address
        </button>
      ) : (
        <>
          <input readOnly aria-label="Private address" className="mt-1 w-full" value={address} onFocus={(event) => event.target.select()} />
          <button type="button" className="link mt-1" onClick={() => renew.mutate()} disabled={renew.isPending}>
            Renew it: the one above is dead then
          </button>
          <p className="note">Whoever has it may read the days of this home, nothing else.</p>
        </>
      )}
    </section>
  );
}
