import type { Phase, Task } from '../../api/types';
import { capital } from '../../lib/text';
import { TaskRow, type TaskTools } from './TaskRow';

type Props = { phase: Phase; tasks: readonly Task[]; tools: TaskTools };

const ABOUT: Record<Phase, string> = {
  'take down': 'room by room, all of it onto one table',
  'move furniture': 'in the bare room: rugs first, then what is heavy',
  clean: 'everything that was emptied, before anything comes back',
  fetch: 'by tote, what is needed first comes first; each is opened once and stays open beside the table',
  prepare: 'at the table, before a spot is set up',
  'set up': 'room by room, focal spots first; backdrop before front, big before small',
  'pack away': 'into the tote with room; each is closed once',
  'let go': 'what leaves the home',
  'look again': 'room by room: stand back, and put right what could be better',
};

/** One phase: its tasks by room or place, in the order they are done. */
export function PhaseSection({ phase, tasks, tools }: Props) {
  const groups = [...new Set(tasks.map((task) => task.group))];
  return (
    <section id={`phase-${phase.replace(' ', '-')}`} className="mt-4 px-[22px] max-md:px-0" aria-label={capital(phase)}>
      <h3 className="wallshade pt-2 text-[17px]/[24px] max-md:px-3">
        {capital(phase)} <span className="font-text text-[13px] font-normal text-ink-2">{ABOUT[phase]}</span>
      </h3>
      <div className="grid gap-x-6 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
        {groups.map((group) => (
          <div key={group} className="print-keep">
            <h4 className="mt-2 text-[13px] font-semibold text-ink-2 max-md:px-3">{group}</h4>
            <ul className="rows border-t border-line-2">
              {tasks
                .filter((task) => task.group === group)
                .map((task) => (
                  <TaskRow key={task.id} task={task} tools={tools} />
                ))}
            </ul>
          </div>
        ))}
      </div>
    </section>
  );
}
