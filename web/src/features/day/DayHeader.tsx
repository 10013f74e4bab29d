import { useState } from 'react';
import { Link } from 'react-router';
import type { Day } from '../../api/types';
import { counted, writeDay, writeLongDay, writeMinutes } from '../../lib/text';
import { clock } from './clock';

type Props = {
  day: Day;
  isClosed: boolean;
  isBuilding: boolean;
  onBuild: (people: number) => void;
  onArrange: (which: 'this' | 'another') => void;
};

const PEOPLE = ['one person', 'two people', 'three people', 'four people', 'five people', 'six people'];

/** Which day it is, when it begins and ends, who is there; the days of the swap as tags beside one another. */
export function DayHeader({ day, isClosed, isBuilding, onBuild, onArrange }: Props) {
  const crew = day.crew.length;
  // What was chosen holds only for the crew it was chosen beside: a crew arranged since then has its own number.
  const [chosen, choose] = useState({ people: crew, beside: crew });
  const people = chosen.beside === crew ? chosen.people : crew;
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
      {all > 0 && (
        <p>
          <b>{clock(day.start)}</b> to about <b>{clock(day.finish)}</b>, {writeMinutes(day.worked)} for {day.crew.map((hand) => hand.name).join(', ')}
          ; <b>{day.ticked}</b> of {counted(all, 'tick')} done
        </p>
      )}
      {!isClosed && (
        <span className="no-print ml-auto flex flex-wrap items-center gap-2 max-md:ml-0">
          <select aria-label="People on the day" value={people} onChange={(event) => choose({ people: Number(event.target.value), beside: crew })}>
            {PEOPLE.map((words, i) => (
              <option key={words} value={i + 1}>
                {words}
              </option>
            ))}
          </select>
          <button type="button" className="btn" onClick={() => onArrange('this')}>
            People, hours …
          </button>
          <button type="button" className="btn" onClick={() => onArrange('another')}>
            Another day …
          </button>
          <button type="button" className={`btn ${all === 0 || day.isStale ? 'btn-main' : ''}`} onClick={() => onBuild(people)} disabled={isBuilding}>
            {all === 0 ? 'Work the day out' : 'Work it out again'}
          </button>
          <button type="button" className="btn" onClick={() => window.print()} disabled={all === 0}>
            Print
          </button>
        </span>
      )}
    </header>
  );
}
