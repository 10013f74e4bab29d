import { Link } from 'react-router';
import type { Day, Swap } from '../../api/types';
import { counted, together, writeDay, writeLongDay, writeMinutes } from '../../lib/text';
import { clock } from './clock';

/** Which day it is, when it begins and ends, who is there; the days of the swap as tags beside one another. */
export function DayHeader({ day, swap }: { day: Day; swap: Swap }) {
  const all = day.tasks.length;
  return (
    <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 px-[22px] pt-3 max-md:px-3">
      {day.days.length > 1 && (
        <nav aria-label="Days of this swap" className="no-print flex w-full flex-wrap gap-2">
          {day.days.map((one) => (
            <Link
              key={one.id ?? ''}
              to={one.id === null ? '.' : `?day=${one.id}`}
              aria-current={one.id === day.id ? 'page' : undefined}
              className={`hangtag min-h-[26px] px-2 ${one.id === day.id ? '!bg-yolk' : ''}`}
            >
              {one.name}, {writeDay(one.date)}
            </Link>
          ))}
        </nav>
      )}
      <h2 className="text-[22px]/[30px]">
        {day.id !== null && `${day.name}, `}
        {writeLongDay(day.date)}
      </h2>
      {swap.dressBy && (
        <p className={day.date > swap.dressBy && !day.isLook ? 'bg-yolk-soft px-1 font-semibold' : 'text-ink-2'}>
          {day.date > swap.dressBy && !day.isLook ? 'too late: ' : ''}to stand by {writeDay(swap.dressBy)}
        </p>
      )}
      {all > 0 && (
        <p>
          <b>{clock(day.start)}</b> to about <b>{clock(day.finish)}</b>, {writeMinutes(day.worked)} for {together(day.crew.map((hand) => hand.name))};{' '}
          <b>{day.ticked}</b> of {counted(all, 'tick')} done
        </p>
      )}
    </header>
  );
}
