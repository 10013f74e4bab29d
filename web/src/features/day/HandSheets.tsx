import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { meQuery } from '../../api/queries';
import type { Day } from '../../api/types';
import { counted, writeMinutes } from '../../lib/text';
import { clock } from './clock';
import { TaskRow, type TaskTools } from './TaskRow';

const NEXT = 3;

/** The day of each person; whoever looks sees the own next three before everything else. On paper everybody has all of theirs. */
export function HandSheets({ day, tools }: { day: Day; tools: TaskTools }) {
  const me = useQuery(meQuery()).data?.name ?? '';
  const [isAll, setAll] = useState(false);
  const tasks = [...day.tasks].sort((a, b) => a.start - b.start);
  const mine = day.crew.findIndex((hand, i) => hand.name.toLowerCase() === me.toLowerCase() || (i === 0 && hand.name === 'you'));
  const order = [...day.crew.keys()].sort((a, b) => Number(b === mine) - Number(a === mine) || a - b);
  return (
    <div className="mt-3 grid gap-x-6 px-[22px] max-md:px-0 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
      {order.map((lane) => {
        const hand = day.crew[lane];
        const own = tasks.filter((task) => task.lanes.includes(lane));
        const open = own.filter((task) => !task.isDone);
        const isMe = lane === mine;
        const shown = new Set(isMe && !isAll ? open.slice(0, NEXT) : own);
        return (
          <section key={hand?.name} aria-label={hand?.name} className="print-keep mt-2">
            <h3 className="wallshade pt-2 text-[17px]/[24px] max-md:px-3">
              {hand?.name}
              {isMe && hand?.name !== 'you' && ', that is you'}{' '}
              <span className="font-text text-[13px] font-normal text-ink-2">
                {own.length === 0
                  ? 'has nothing to do'
                  : [
                      `${clock(own[0]?.start ?? 0)} to ${clock(Math.max(...own.map((task) => task.end)))}`,
                      `${writeMinutes(own.reduce((sum, task) => sum + task.minutes, 0))} of work`,
                      open.length === 0 ? 'all done' : `${counted(open.length, 'task')} to go`,
                    ].join(', ')}
                {hand &&
                  !(hand.climbs && hand.lifts) &&
                  `; ${[!hand.climbs && 'no ladder', !hand.lifts && 'nothing heavy'].filter(Boolean).join(', ')}`}
              </span>
            </h3>
            {isMe && (
              <button type="button" className="link no-print my-1 max-md:px-3" onClick={() => setAll(!isAll)}>
                {isAll ? 'My next three' : `All ${own.length} of mine`}
              </button>
            )}
            <ul className="rows border-t border-line-2">
              {own.map((task) => (
                <TaskRow key={task.id} task={task} tools={tools} isVerbSaid isOnPaperOnly={!shown.has(task)} />
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}
