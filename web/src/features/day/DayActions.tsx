import { useState } from 'react';
import type { Day } from '../../api/types';
import { useNarrow } from '../../lib/useNarrow';
import { Menu } from '../../ui/Menu';

type Props = {
  day: Day;
  isBuilding: boolean;
  onBuild: (people: number) => void;
  onArrange: (which: 'this' | 'another') => void;
};

const PEOPLE = ['one person', 'two people', 'three people', 'four people', 'five people', 'six people'];

/** What can be done with a day: who comes, another day, the sheet worked out, the sheet on paper. */
export function DayActions({ day, isBuilding, onBuild, onArrange }: Props) {
  const crew = day.crew.length;
  // What was chosen holds only for the crew it was chosen beside: a crew arranged since then has its own number.
  const [chosen, choose] = useState({ people: crew, beside: crew });
  const people = chosen.beside === crew ? chosen.people : crew;
  const all = day.tasks.length;
  const isNarrow = useNarrow();
  const build = (
    <button type="button" className={`btn ${all === 0 || day.isStale ? 'btn-main' : ''}`} onClick={() => onBuild(people)} disabled={isBuilding}>
      {all === 0 ? 'Work the day out' : 'Work it out again'}
    </button>
  );
  // On swap day the phone is for ticking: what arranges the day steps back behind one button.
  if (isNarrow && all > 0) {
    return (
      <span className="no-print ml-auto flex gap-2">
        {day.isStale && build}
        <Menu
          trigger={
            <button type="button" className="btn min-h-[44px]">
              Day ▾
            </button>
          }
          items={[
            { label: 'People, hours …', onSelect: () => onArrange('this') },
            { label: 'Another day …', onSelect: () => onArrange('another') },
            { label: 'Work it out again', onSelect: () => onBuild(crew) },
            { label: 'Print', onSelect: () => window.print() },
          ]}
        />
      </span>
    );
  }
  return (
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
      {build}
      <button type="button" className="btn" onClick={() => window.print()} disabled={all === 0}>
        Print
      </button>
    </span>
  );
}
