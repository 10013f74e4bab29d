import { usePlaces } from '../../api/home';
import type { Phase, Piece, Task } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { capital, counted } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = {
  phase: Phase;
  tasks: readonly Task[];
  pieces: ReadonlyMap<string, Piece>;
  next: string | undefined;
  clock: (minute: number) => string;
  people: number;
  onTick: (task: Task, done: boolean) => void;
  isClosed: boolean;
};

const ABOUT: Record<Phase, string> = {
  'take down': 'room by room, all of it onto one table',
  clean: 'bare surfaces, before anything comes back',
  fetch: 'by tote; each is opened once and stays open beside the table',
  prepare: 'what the sums of the Workbench leave to do',
  'set up': 'focal spots first, backdrop before front, big before small',
  'pack away': 'into the tote with room; each is closed once',
  'let go': 'what leaves the home',
};

/** One phase: its tasks by room or place, in the order they are done. */
export function PhaseSection({ phase, tasks, pieces, next, clock, people, onTick, isClosed }: Props) {
  const groups = [...new Set(tasks.map((task) => task.group))];
  return (
    <section id={`phase-${phase.replace(' ', '-')}`} className="mt-4 px-[22px] max-md:px-0" aria-label={capital(phase)}>
      <h3 className="wallshade pt-2 text-[17px]/[24px] max-md:px-3">
        {capital(phase)} <span className="font-text text-[13px] font-normal text-ink-2">{ABOUT[phase]}</span>
      </h3>
      <div className="grid gap-x-6 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-2">
        {groups.map((group) => (
          <div key={group} className="print-keep">
            {group !== tasks[0]?.group || groups.length > 1 || phase !== 'clean' ? (
              <h4 className="mt-2 text-[13px] font-semibold text-ink-2 max-md:px-3">{group}</h4>
            ) : null}
            <ul className="rows border-t border-line-2">
              {tasks
                .filter((task) => task.group === group)
                .map((task) => (
                  <TaskRow
                    key={task.id}
                    task={task}
                    pieces={pieces}
                    isNext={task.id === next}
                    when={clock(task.start)}
                    hasLanes={people === 2}
                    onTick={onTick}
                    isClosed={isClosed}
                  />
                ))}
            </ul>
          </div>
        ))}
      </div>
    </section>
  );
}

type RowProps = {
  task: Task;
  pieces: ReadonlyMap<string, Piece>;
  isNext: boolean;
  when: string;
  hasLanes: boolean;
  onTick: (task: Task, done: boolean) => void;
  isClosed: boolean;
};

function TaskRow({ task, pieces, isNext, when, hasLanes, onTick, isClosed }: RowProps) {
  const place = usePlaces();
  const units = task.moves.reduce((sum, move) => sum + move.count, 0);
  const said = task.moves.map((move) => `${move.count > 1 ? `${move.count} ` : ''}${pieces.get(move.piece)?.name ?? 'a piece'}`).join(', ');
  const verb = task.phase === 'take down' || task.phase === 'set up' || task.phase === 'clean' ? `${capital(task.phase)} ${task.title}` : task.title;
  return (
    <li className={isNext ? 'bg-yolk-soft' : ''}>
      <label className="flex min-h-[52px] cursor-pointer items-center gap-3 px-2 py-1.5 max-md:px-3">
        <input
          type="checkbox"
          checked={task.isDone}
          disabled={isClosed}
          onChange={(event) => onTick(task, event.target.checked)}
          className="size-6 flex-none max-md:h-[44px] max-md:w-[44px]"
          aria-label={`${verb}${units > 0 ? `, ${counted(units, 'piece')}` : ''}`}
        />
        <span className="min-w-0 flex-1">
          <span className="flex justify-between gap-2">
            <b className={task.isDone ? 'line-through decoration-1' : ''}>
              {task.title}
              {task.opensTote && <span className="note"> opens</span>}
            </b>
            <span className="note flex-none">
              {when}, {task.minutes} min{hasLanes && (task.lane === null ? ', both' : `, ${task.lane === 0 ? 'you' : 'helper'}`)}
            </span>
          </span>
          {said && <span className="block text-[12px]/[16px] text-ink-2 max-md:text-[13px]">{said}</span>}
          {task.isDone && task.doneBy && <span className="note">done by {task.doneBy}</span>}
          {task.phase === 'set up' && task.moves.length > 0 && <span className="sr-only">from {place('table')}</span>}
          {task.cautions.map((caution) => (
            <span key={caution} className="mt-0.5 flex items-start gap-1.5 text-[12px]/[16px]">
              <Triangle size={14} /> {caution}
            </span>
          ))}
        </span>
        <SmallPieces task={task} pieces={pieces} />
      </label>
    </li>
  );
}

function SmallPieces({ task, pieces }: { task: Task; pieces: ReadonlyMap<string, Piece> }) {
  const shown = task.moves.flatMap((move) => pieces.get(move.piece) ?? []).slice(0, 3);
  if (shown.length === 0) return null;
  const scale = Math.min(2.4, 40 / Math.max(...shown.map(shownHeight)), 34 / Math.max(...shown.map((piece) => piece.width / 254)));
  return (
    <svg width={shown.length * 36} height="46" aria-hidden="true" className="flex-none max-md:hidden">
      {shown.map((piece, i) => (
        <Silhouette key={piece.id} piece={piece} scale={scale} x={18 + i * 36} y={44} />
      ))}
    </svg>
  );
}
