import type { Phase, Task } from '../../api/types';
import { capital } from '../../lib/text';

/** The phases of the day as wide as their minutes. */
export function ClockLedge({ phases, finish }: { phases: readonly { phase: Phase; tasks: readonly Task[] }[]; finish: number }) {
  const now = phases.find(({ tasks }) => tasks.some((task) => !task.isDone))?.phase;
  const width = (tasks: readonly Task[]) => tasks.reduce((sum, task) => sum + task.minutes, 0);
  return (
    <nav
      aria-label="Phases of the day"
      className="no-print mt-3 flex overflow-x-auto bg-gradient-to-b from-[#F1EEE6] to-[#E7E2D6] shadow-[0_6px_9px_-3px_rgb(31_36_33/20%)]"
      style={{ minHeight: finish > 0 ? 44 : 0 }}
    >
      {phases.map(({ phase, tasks }) => {
        const done = tasks.filter((task) => task.isDone).length;
        return (
          <a
            key={phase}
            href={`#phase-${phase.replace(' ', '-')}`}
            className={`min-w-[86px] border-l border-[#CFC9BB] px-3 py-1.5 first:border-0 ${phase === now ? 'bg-yolk' : ''}`}
            style={{ flex: `${width(tasks)} 1 86px` }}
          >
            <b className="block">
              {capital(phase)} {done === tasks.length && '✓'}
            </b>
            <span className="text-[12px]/[15px]">
              {done} of {tasks.length}
            </span>
          </a>
        );
      })}
    </nav>
  );
}
