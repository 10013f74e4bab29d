import type { Day } from '../../api/types';
import { counted } from '../../lib/text';
import { clock } from './clock';
import { TaskRow, type TaskTools } from './TaskRow';

/** The day room by room and tote place by tote place: what is done there, in the order of the clock. */
export function RoomSheets({ day, tools }: { day: Day; tools: TaskTools }) {
  const tasks = [...day.tasks].sort((a, b) => a.start - b.start);
  const rooms = [...new Set(day.tasks.map((task) => task.group))];
  return (
    <div className="mt-3 grid gap-x-6 px-[22px] max-md:px-0 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
      {rooms.map((room) => {
        const mine = tasks.filter((task) => task.group === room);
        const open = mine.filter((task) => !task.isDone).length;
        return (
          <section key={room} aria-label={room} className="print-keep mt-2">
            <h3 className="wallshade pt-2 text-[17px]/[24px] max-md:px-3">
              {room}{' '}
              <span className="font-text text-[13px] font-normal text-ink-2">
                {clock(mine[0]?.start ?? 0)} to {clock(Math.max(...mine.map((task) => task.end)))}, {open === 0 ? 'all done' : counted(open, 'task')}
              </span>
            </h3>
            <ul className="rows border-t border-line-2">
              {mine.map((task) => (
                <TaskRow key={task.id} task={task} tools={tools} isVerbSaid />
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}
