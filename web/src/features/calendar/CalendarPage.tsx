import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useHouse } from '../../api/home';
import { calendarQuery } from '../../api/queries';
import { failed } from '../../lib/failed';
import { ErrorLedge, LoadingLedges } from '../../ui/States';
import { CareToday } from './CareToday';
import { FeastsDialog } from './FeastsDialog';
import { FeedBox } from './FeedBox';
import { NextDays } from './NextDays';
import { YearShelf } from './YearShelf';

/** The year on one shelf: swaps as stretches, days as tags; what comes next; what wants care today. */
export function CalendarPage() {
  const house = useHouse();
  const [asked, setAsked] = useSearchParams();
  const [isWriting, setWriting] = useState(false);
  const calendar = useQuery(calendarQuery(house.home.id, Number(asked.get('year') ?? 0) || 0));
  if (failed(calendar)) return <ErrorLedge error={calendar.error} onRetry={() => void calendar.refetch()} />;
  if (!calendar.data) return <LoadingLedges />;
  const { year } = calendar.data;
  const turn = (by: number) => setAsked({ year: String(year + by) });
  return (
    <div className="pb-10 max-md:pb-24" data-testid="calendar">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 px-[22px] pt-3 max-md:px-3">
        <h2 className="text-[22px]/[30px]">The year {year}</h2>
        <span className="no-print flex gap-2">
          <button type="button" className="btn" aria-label={`The year ${year - 1}`} onClick={() => turn(-1)}>
            ‹ {year - 1}
          </button>
          <button type="button" className="btn" aria-label={`The year ${year + 1}`} onClick={() => turn(1)}>
            {year + 1} ›
          </button>
        </span>
        <span className="no-print ml-auto flex flex-wrap gap-2 max-md:ml-0">
          <button type="button" className="btn" onClick={() => setWriting(true)}>
            Feasts and traditions …
          </button>
          <button type="button" className="btn" onClick={() => window.print()}>
            Print
          </button>
        </span>
      </header>
      <YearShelf calendar={calendar.data} house={house} />
      <div className="mt-5 grid gap-8 px-[22px] max-md:px-3 lg:grid-cols-[1.3fr_1fr]">
        <NextDays calendar={calendar.data} house={house} />
        <div className="grid content-start gap-6">
          <CareToday calendar={calendar.data} home={house.home.id} />
          <FeedBox calendar={calendar.data} home={house.home.id} />
        </div>
      </div>
      {isWriting && <FeastsDialog calendar={calendar.data} home={house.home.id} onClose={() => setWriting(false)} />}
    </div>
  );
}
