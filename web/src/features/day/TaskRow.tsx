import { useState } from 'react';
import type { Day, Piece, Task } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { capital, counted } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { clock } from './clock';
import { DamageDialog } from './DamageDialog';
import { Took } from './Took';

/** What every row of a day needs to know. */
export type TaskTools = {
  pieces: ReadonlyMap<string, Piece>;
  crew: Day['crew'];
  next: string | undefined;
  isClosed: boolean;
  onTick: (task: Task, done: boolean) => void;
  /** Asks for another day to do it on. */
  onMove: (task: Task) => void;
};

/** "Set up Stove shelf", but "Fetch A2" as it is. */
export const verbOf = (task: Task): string =>
  task.phase === 'look again'
    ? `Look again at ${task.title}`
    : ['take down', 'set up', 'clean', 'prepare'].includes(task.phase)
      ? `${capital(task.phase)} ${task.title}`
      : task.title;

/** Who does it, by name. */
export const whoOf = (task: Task, crew: Day['crew']): string => task.lanes.map((lane) => crew[lane]?.name ?? '').join(' and ');

type Props = { task: Task; tools: TaskTools; isVerbSaid?: boolean; isOnPaperOnly?: boolean };

export function TaskRow({ task, tools, isVerbSaid = false, isOnPaperOnly = false }: Props) {
  const [isDamaged, setDamaged] = useState(false);
  const { pieces, crew, isClosed, onTick, onMove } = tools;
  const units = task.moves.reduce((sum, move) => sum + move.count, 0);
  const said = task.moves.map((move) => `${move.count > 1 ? `${move.count} ` : ''}${pieces.get(move.piece)?.name ?? 'a piece'}`).join(', ');
  return (
    <li className={`${task.id === tools.next ? 'bg-yolk-soft' : ''} ${isOnPaperOnly ? 'hidden print:list-item' : ''}`}>
      <label className="flex min-h-[52px] cursor-pointer items-center gap-3 px-2 py-1.5 max-md:px-3">
        <input
          type="checkbox"
          checked={task.isDone}
          disabled={isClosed}
          onChange={(event) => onTick(task, event.target.checked)}
          className="size-6 flex-none max-md:h-[44px] max-md:w-[44px]"
          aria-label={`${verbOf(task)}${units > 0 ? `, ${counted(units, 'piece')}` : ''}`}
        />
        <span className="min-w-0 flex-1">
          <span className="flex justify-between gap-2">
            <b className={task.isDone ? 'line-through decoration-1' : ''}>
              {isVerbSaid ? verbOf(task) : task.title}
              {task.opensTote && <span className="note"> opens</span>}
            </b>
            <span className={`note flex-none ${task.isLate ? 'bg-yolk-soft font-semibold' : ''}`}>
              {clock(task.start)}, {task.minutes} min{crew.length > 1 && `, ${whoOf(task, crew)}`}
            </span>
          </span>
          {said && (
            <span className="block text-[12px]/[16px] text-ink-2 max-md:text-[13px]">
              {said}{' '}
              {!task.isDone && !isClosed && (
                <button type="button" className="no-print -my-3 inline-block py-3 pr-2 pl-1 underline decoration-dotted" onClick={() => onMove(task)}>
                  another day …
                </button>
              )}
            </span>
          )}
          {task.steps.map((step) => (
            <span key={step} className="block text-[12px]/[16px] text-ink-2 max-md:text-[13px]">
              {step}
            </span>
          ))}
          {task.isDone && task.doneBy && (
            <span className="note">
              done by {task.doneBy} <Took task={task} isClosed={isClosed} />
              {!isClosed && task.moves.length > 0 && (
                <button type="button" className="link no-print ml-2" onClick={() => setDamaged(true)}>
                  broken, worn …
                </button>
              )}
            </span>
          )}
          {task.phase === 'set up' && task.moves.length > 0 && <span className="sr-only">; they lie on the table</span>}
          {task.isUnmanned && !task.isDone && <Caution>For two, one of whom may {task.climbs ? 'climb' : 'lift'}: not alone.</Caution>}
          {task.cautions.map((caution) => (
            <Caution key={caution}>{caution}</Caution>
          ))}
        </span>
        <SmallPieces task={task} pieces={pieces} />
      </label>
      {isDamaged && <DamageDialog task={task} pieces={pieces} onClose={() => setDamaged(false)} />}
    </li>
  );
}

function Caution({ children }: { children: React.ReactNode }) {
  return (
    <span className="mt-0.5 flex items-start gap-1.5 text-[12px]/[16px]">
      <Triangle size={14} /> <span>{children}</span>
    </span>
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
