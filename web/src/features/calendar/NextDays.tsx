import { Link } from 'react-router';
import type { Calendar, House } from '../../api/types';
import { counted, writeDay } from '../../lib/text';

/** What comes next, from today on. */
export function NextDays({ calendar, house }: { calendar: Calendar; house: House }) {
  return (
    <section aria-label="What comes next">
      <h3 className="panel-title">What comes next</h3>
      <ul className="rows mt-1 border-t border-line-2">
        {calendar.next.map((item) => {
          const days = Math.round((Date.parse(item.day) - Date.parse(calendar.today)) / 864e5);
          const swap = house.swaps.find((one) => one.id === item.swap);
          return (
            <li key={item.key} className={`flex gap-3 px-1 py-1.5 ${item.kind === 'day' ? 'bg-yolk-soft' : ''}`}>
              <b className="w-24 flex-none">{writeDay(item.day)}</b>
              <span className="min-w-0 flex-1">
                {swap && (item.kind === 'day' || item.kind === 'strike') ? (
                  <Link className="link" to={`../swaps/${swap.id}/day`}>
                    {item.title}
                  </Link>
                ) : (
                  item.title
                )}
                {item.note && <span className="note block">{item.note}</span>}
                {item.until && <span className="note"> until {writeDay(item.until)}</span>}
              </span>
              <span className="note flex-none">{days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${counted(days, 'day')}`}</span>
            </li>
          );
        })}
      </ul>
      <p className="note mt-2 max-w-[560px]">
        Order-by and the other days before a swap are rules of thumb; shops usually take things back for 30 days, what your receipt says counts.
        Seasons begin with the sun, by the day in Greenwich.
      </p>
    </section>
  );
}
