import { useMutation } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Day, Piece, Swap, Task } from '../../api/types';
import { PHASES } from '../../api/words';
import { useWaiting } from '../../frame/waiting/WaitingActs';
import { Triangle, useNotices } from '../../lib/notices';
import { capital, counted, writeDay, writeMinutes } from '../../lib/text';
import { EmptyLedge } from '../../ui/States';
import { ArrangeDialog } from './ArrangeDialog';
import { ClockLedge } from './ClockLedge';
import { DayActions } from './DayActions';
import { DayHeader } from './DayHeader';
import { HandSheets } from './HandSheets';
import { LaneShelves } from './LaneShelves';
import { MoveToDayDialog } from './MoveToDayDialog';
import { PhaseSection } from './PhaseSection';
import { type Reading, ReadingTabs } from './ReadingTabs';
import { RoomSheets } from './RoomSheets';
import type { TaskTools } from './TaskRow';
import { withWaiting } from './withWaiting';

type Waiting = Day['waiting'][number];
type Props = { day: Day; pieces: readonly Piece[]; swap: Swap; onBuild: (people: number) => void; isBuilding: boolean; isClosed: boolean };

/** The run of a day: worked out from where everything is, ticked off as it goes, on paper or on a phone. */
export function DayView({ day: sent, pieces, swap, onBuild, isBuilding, isClosed }: Props) {
  const [reading, setReading] = useState<Reading>('by time');
  const [arranged, setArranged] = useState<'this' | 'another' | 'late' | Waiting | null>(null);
  const [moved, setMoved] = useState<Task | null>(null);
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const home = useHouse().home.id;
  const notices = useNotices();
  const buy = useMutation({
    mutationFn: () => take(api.POST('/api/homes/{home}/swaps/{swap}/totes-to-buy', { params: { path: { home, swap: swap.id } } })),
    onError: (error) => notices.problem(error),
  });
  const waiting = useWaiting();
  const day = withWaiting(sent, waiting.acts);
  const next = day.tasks.filter((task) => !task.isDone).sort((a, b) => a.start - b.start)[0];
  const all = day.tasks.length;
  const late = [...new Set(day.tasks.flatMap((task) => (task.isLate && !task.isDone && task.spot ? [task.spot] : [])))];
  const tools: TaskTools = {
    pieces: byId,
    crew: day.crew,
    next: next?.id,
    isClosed,
    onTick: (task: Task, done: boolean) => waiting.add({ kind: 'tick', swap: swap.id, task: task.id, done }),
    onMove: setMoved,
  };
  return (
    <div className="pb-10 max-md:pb-24" data-testid="day">
      <DayHeader day={day} swap={swap} />
      <div className="no-print mt-3 flex flex-wrap items-center gap-2 px-[22px] max-md:px-3">
        {all > 0 && <ReadingTabs reading={reading} onRead={setReading} />}
        {!isClosed && <DayActions day={day} isBuilding={isBuilding} onBuild={onBuild} onArrange={setArranged} />}
      </div>
      <Warnings day={day} isClosed={isClosed} />
      {!isClosed && <WaitingForADay day={day} onGive={setArranged} />}
      {!isClosed && (late.length > 0 || day.totesToBuy > 0) && (
        <p className="no-print mx-[22px] mb-2 flex flex-wrap gap-2 max-md:mx-3">
          {late.length > 0 && (
            <button type="button" className="btn" onClick={() => setArranged('late')}>
              Put {counted(late.length, 'late spot')} on another day …
            </button>
          )}
          {day.totesToBuy > 0 && (
            <button type="button" className="btn" onClick={() => buy.mutate()} disabled={buy.isPending}>
              Put {counted(day.totesToBuy, 'tote')} on the haul list
            </button>
          )}
        </p>
      )}
      {all === 0 && !day.isThePlan && <EmptyLedge>Not worked out yet. It compares where every piece is with where the plan wants it.</EmptyLedge>}
      {all === 0 && day.isThePlan && <EmptyLedge>{nothingToDo(day)}</EmptyLedge>}
      {all > 0 && day.isThePlan && !day.isStale && day.ticked === all && (
        <p className="mx-[22px] mt-3 bg-yolk-soft px-4 py-3 text-[15px] max-md:mx-3" data-testid="is-the-plan">
          <b>All ticked, and the stock is the plan, unit for unit.</b> Go to Settle when you have lived with it for some days.
        </p>
      )}
      {all > 0 && (
        <>
          {reading === 'by time' && <ByTime day={day} tools={tools} />}
          {reading === 'by room' && <RoomSheets day={day} tools={tools} />}
          {reading === 'by person' && <HandSheets day={day} tools={tools} />}
          {reading === 'lanes' && <LaneShelves day={day} tools={tools} />}
          <Reckoned day={day} />
        </>
      )}
      {arranged && (
        <ArrangeDialog
          key={typeof arranged === 'string' ? arranged : arranged.what}
          proposed={typeof arranged === 'string' ? undefined : { name: arranged.what, date: arranged.until }}
          day={arranged === 'this' ? day : { ...day, id: null, spots: arranged === 'late' ? late : [] }}
          isNew={arranged !== 'this'}
          swap={swap}
          onClose={() => setArranged(null)}
        />
      )}
      {moved && <MoveToDayDialog task={moved} day={day} swap={swap} pieces={byId} onClose={() => setMoved(null)} />}
    </div>
  );
}

/** What a tradition holds back and no day of the swap is late enough for. */
function WaitingForADay({ day, onGive }: { day: Day; onGive: (waiting: Waiting) => void }) {
  return (
    day.waiting.length > 0 && (
      <ul className="mx-[22px] my-2 grid gap-1 max-md:mx-3" data-testid="waiting">
        {day.waiting.map((one) => (
          <li key={one.what} className="flex flex-wrap items-center gap-2">
            <Triangle size={15} />
            <span className="min-w-0 flex-1 basis-[200px]">
              <b>{capital(one.what)}</b> not before {writeDay(one.until)}: {one.pieces.slice(0, 3).join(', ')}
              {one.pieces.length > 3 && ` and ${one.pieces.length - 3} more`}{' '}
              {one.isNever
                ? 'would never stand, since the swap is struck before. Strike it later, or leave that in store.'
                : one.pieces.length === 1
                  ? 'waits for a day of its own.'
                  : 'wait for a day of their own.'}
            </span>
            {!one.isNever && (
              <button type="button" className="btn no-print" onClick={() => onGive(one)}>
                Make {writeDay(one.until)} a day …
              </button>
            )}
          </li>
        ))}
      </ul>
    )
  );
}

const nothingToDo = (day: Day): string =>
  day.id === null
    ? 'Nothing has to move: what stands is what is planned. Decide pieces at the Table or place some at Rooms first.'
    : 'Nothing has to move on this day: what its spots want stands there already.';

function ByTime({ day, tools }: { day: Day; tools: TaskTools }) {
  const phases = PHASES.map((phase) => ({ phase, tasks: day.tasks.filter((task) => task.phase === phase) })).filter((one) => one.tasks.length > 0);
  return (
    <>
      <ClockLedge phases={phases} finish={day.finish} />
      {phases.map(({ phase, tasks }) => (
        <PhaseSection key={phase} phase={phase} tasks={tasks} tools={tools} />
      ))}
    </>
  );
}

/** How the length of the day came about. */
function Reckoned({ day }: { day: Day }) {
  const people = day.crew.length;
  return (
    <p className="note mt-4 max-w-[900px] px-[22px] max-md:px-3">
      The day takes {writeMinutes(Math.max(day.longestChain, day.workShared))} at the very least:{' '}
      {day.longestChain >= day.workShared
        ? 'some things have to wait for others, one after another.'
        : `that is the work itself${people > 1 ? `, shared among ${people}` : ''}.`}{' '}
      At its fullest {day.mostLaid} % of the room to lay out ({day.layRoom}) is taken.{' '}
      {day.pace.length > 0
        ? `Your own pace: ${day.pace.map(paceWords).join('; ')}. The other minutes are rules of thumb.`
        : 'Minutes are rules of thumb until five tasks of a kind are ticked; then they are yours.'}{' '}
      Cautions are the usual ones; local codes and licensed practice decide.
    </p>
  );
}

function Warnings({ day, isClosed }: { day: Day; isClosed: boolean }) {
  const said = [
    ...(day.isStale && !isClosed
      ? ['The plan has changed since this sheet was worked out. What is ticked stays; work it out again for the rest.']
      : []),
    ...(isClosed ? [] : day.warnings),
  ];
  return (
    said.length > 0 && (
      <ul className="mx-[22px] my-2 grid gap-1 max-md:mx-3">
        {said.map((one) => (
          <li key={one} className="flex items-start gap-2">
            <Triangle size={15} /> {one}
          </li>
        ))}
      </ul>
    )
  );
}

const paceWords = (one: Day['pace'][number]): string => `${one.phase} ${one.factor} × the rule of thumb, from ${counted(one.measured, 'task')}`;
