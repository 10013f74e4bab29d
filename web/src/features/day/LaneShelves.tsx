import type { Day, Piece, Task } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { clock } from './clock';
import { type TaskTools, verbOf } from './TaskRow';

const PX_A_MINUTE = 12;
const HEIGHT = 84;
const LEFT = 96;
const HALF_HOUR = 30;
/** Under the ledge; where a task is too short for its words beside one another, they run down. */
const WORDS = 128;
const NARROW = 72;

/** A shelf for each person: every task stands on it with its pieces, as wide as its minutes. */
export function LaneShelves({ day, tools }: { day: Day; tools: TaskTools }) {
  const from = Math.floor(day.start / HALF_HOUR) * HALF_HOUR;
  const x = (minute: number) => LEFT + (minute - from) * PX_A_MINUTE;
  const marks = Array.from({ length: Math.ceil((day.finish - from) / HALF_HOUR) + 1 }, (_, i) => from + i * HALF_HOUR);
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
    <section tabIndex={0} className="scroller mt-3 overflow-x-auto" aria-label="The day in lanes">
      <div className="relative min-w-full" style={{ width: x(day.finish) + 60 }}>
        <div className="relative h-6">
          {marks.map((minute) => (
            <span key={minute} className="note absolute top-1 border-l border-line-2 pl-1" style={{ left: x(minute) }}>
              {clock(minute)}
            </span>
          ))}
        </div>
        {day.crew.map((hand, lane) => (
          <div key={hand.name} className="relative mb-3" style={{ height: HEIGHT + WORDS + 22 }} role="group" aria-label={hand.name}>
            <div className="wallshade absolute inset-x-0 top-0 h-6" />
            <div className="ledge absolute inset-x-0" style={{ top: HEIGHT }} />
            <span className="placecard sticky left-1 z-10 mt-6 max-w-[88px]">
              <b className="truncate">{hand.name}</b>
              {hand.until === null ? 'to the end' : `until ${clock(hand.until)}`}
            </span>
            {day.pauses.map((pause) => (
              <div
                key={pause.at}
                className="hatch absolute top-2 text-center text-[12px]"
                style={{ left: x(pause.at), width: pause.minutes * PX_A_MINUTE, height: HEIGHT - 8 }}
              >
                <span className="bg-paper px-1">break</span>
              </div>
            ))}
            {day.tasks
              .filter((task) => task.lanes.includes(lane))
              .map((task) => (
                <Block
                  key={task.id}
                  task={task}
                  tools={tools}
                  left={x(task.start)}
                  width={(task.end - task.start) * PX_A_MINUTE}
                  isSecond={task.lanes[0] !== lane}
                />
              ))}
          </div>
        ))}
      </div>
    </section>
  );
}

type BlockProps = { task: Task; tools: TaskTools; left: number; width: number; isSecond: boolean };

function Block({ task, tools, left, width, isSecond }: BlockProps) {
  const label = `${clock(task.start)} ${verbOf(task)}, ${task.minutes} min${task.lanes.length > 1 ? ', for two' : ''}`;
  const isNarrow = width < NARROW;
  return (
    <div className="absolute border-l border-dashed border-line-2" style={{ left, width, top: 0, height: HEIGHT + WORDS + 20 }}>
      <Standing task={task} pieces={tools.pieces} width={width} />
      <label
        className={`absolute inset-x-0 flex gap-1 overflow-hidden text-[12px]/[14px] ${isNarrow ? 'flex-col items-center' : 'px-1'}
          ${task.id === tools.next ? 'bg-yolk-soft' : ''} ${task.isDone ? 'text-ink-3' : ''}`}
        style={{ top: HEIGHT + 20, height: WORDS }}
        title={label}
      >
        <input
          type="checkbox"
          className="size-6 flex-none"
          checked={task.isDone}
          disabled={tools.isClosed}
          aria-label={isSecond ? `${label}, the other of two` : label}
          onChange={(event) => tools.onTick(task, event.target.checked)}
        />
        <span className={isNarrow ? 'min-h-0 flex-1 truncate [writing-mode:vertical-rl]' : ''}>
          <b className={task.isDone ? 'line-through' : ''}>{task.phase === 'set up' ? task.title : verbOf(task)}</b>
          {!isNarrow && ` ${task.minutes} min${task.lanes.length > 1 ? ', two' : ''}`}
        </span>
      </label>
    </div>
  );
}

/** As many of its pieces as there is room for, at one scale for the block. */
function Standing({ task, pieces, width }: { task: Task; pieces: ReadonlyMap<string, Piece>; width: number }) {
  const all = task.moves.flatMap((move) => pieces.get(move.piece) ?? []);
  const shown = all.slice(0, Math.max(1, Math.floor(width / 34)));
  if (shown.length === 0 || width < 16) return null;
  const each = width / shown.length;
  const scale = Math.min(
    2.4,
    (HEIGHT - 16) / Math.max(...shown.map(shownHeight)),
    Math.max(14, each - 4) / Math.max(...shown.map((piece) => piece.width / 254)),
  );
  return (
    <svg width={width} height={HEIGHT} aria-hidden="true" className={`absolute top-0 left-0 overflow-hidden ${task.isDone ? 'opacity-40' : ''}`}>
      {shown.map((piece, i) => (
        <Silhouette key={piece.id} piece={piece} scale={scale} x={(i + 0.5) * each} y={HEIGHT} />
      ))}
    </svg>
  );
}
