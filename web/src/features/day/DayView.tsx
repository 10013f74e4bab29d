import { useMemo, useState } from 'react';
import type { Day, Piece, Swap, Task } from '../../api/types';
import { PHASES } from '../../api/words';
import { useWaitingTicks } from '../../frame/waitingTicks';
import { Triangle } from '../../lib/notices';
import { counted, writeLongDay, writeMinutes } from '../../lib/text';
import { EmptyLedge } from '../../ui/States';
import { ClockLedge } from './ClockLedge';
import { PhaseSection } from './PhaseSection';
import { withWaiting } from './withWaiting';

type Props = { day: Day; pieces: readonly Piece[]; swap: Swap; onBuild: (people: number) => void; isBuilding: boolean; isClosed: boolean };

const START_MINUTE = 9 * 60 + 30;

/** The run of swap day: worked out from where everything is, ticked off as it goes, on paper or on a phone. */
export function DayView({ day: sent, pieces, swap, onBuild, isBuilding, isClosed }: Props) {
  const [people, setPeople] = useState(sent.people);
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const waiting = useWaitingTicks();
  const ticks = waiting.ticks.filter((tick) => tick.swap === swap.id);
  const day = withWaiting(sent, ticks);
  const phases = PHASES.map((phase) => ({ phase, tasks: day.tasks.filter((task) => task.phase === phase) })).filter((one) => one.tasks.length > 0);
  const next = day.tasks.find((task) => !task.isDone);
  const all = day.tasks.length;
  return (
    <div className="pb-10 max-md:pb-24" data-testid="day">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 px-[22px] pt-3 max-md:px-3">
        <h2 className="text-[22px]/[30px]">{writeLongDay(swap.swapDay)}</h2>
        {all > 0 && (
          <p>
            start <b>9:30</b>, done about <b>{clock(day.finish)}</b>, {writeMinutes(day.finish)} for {day.people === 1 ? 'one' : 'two'};{' '}
            <b>{day.ticked}</b> of {counted(all, 'tick')} done
          </p>
        )}
        {!isClosed && (
          <span className="no-print ml-auto flex items-center gap-2 max-md:ml-0">
            <select aria-label="People on the day" value={people} onChange={(event) => setPeople(Number(event.target.value))}>
              <option value={1}>one person</option>
              <option value={2}>two people</option>
            </select>
            <button
              type="button"
              className={`btn ${all === 0 || day.isStale ? 'btn-main' : ''}`}
              onClick={() => onBuild(people)}
              disabled={isBuilding}
            >
              {all === 0 ? 'Work the day out' : 'Work it out again'}
            </button>
            <button type="button" className="btn" onClick={() => window.print()} disabled={all === 0}>
              Print
            </button>
          </span>
        )}
      </header>
      {ticks.length > 0 && (
        <p role="status" className="mx-[22px] mt-2 bg-ink px-3 py-2 text-white max-md:mx-0">
          Not sent yet: <b>{counted(ticks.length, 'tick')}</b> kept on this device, sent when the signal is back.
        </p>
      )}
      <Warnings day={day} isClosed={isClosed} />
      {all === 0 && !day.isThePlan && <EmptyLedge>Not worked out yet. It compares where every piece is with where the plan wants it.</EmptyLedge>}
      {all === 0 && day.isThePlan && (
        <EmptyLedge>Nothing has to move: what stands is what is planned. Decide pieces at the Table or place some at Rooms first.</EmptyLedge>
      )}
      {all > 0 && <ClockLedge phases={phases} finish={day.finish} />}
      {all > 0 && day.isThePlan && !day.isStale && day.ticked === all && (
        <p className="mx-[22px] mt-3 bg-yolk-soft px-4 py-3 text-[15px] max-md:mx-3" data-testid="is-the-plan">
          <b>All ticked, and the stock is the plan, unit for unit.</b> Go to Settle when you have lived with it for some days.
        </p>
      )}
      {phases.map(({ phase, tasks }) => (
        <PhaseSection
          key={phase}
          phase={phase}
          tasks={tasks}
          pieces={byId}
          next={next?.id}
          clock={clock}
          people={day.people}
          onTick={(task: Task, done) => waiting.add({ swap: swap.id, task: task.id, done })}
          isClosed={isClosed}
        />
      ))}
      {all > 0 && (
        <p className="note mt-4 px-[22px] max-md:px-3">
          The day takes {writeMinutes(Math.max(day.longestChain, day.workShared))} at the very least:{' '}
          {day.longestChain >= day.workShared
            ? 'some things have to wait for others, one after another.'
            : `that is the work itself, shared among ${day.people === 1 ? 'one' : 'two'}.`}{' '}
          Minutes are rules of thumb. Cautions are the usual ones; local codes and licensed practice decide.
        </p>
      )}
    </div>
  );
}

const clock = (minute: number): string => `${Math.floor((START_MINUTE + minute) / 60)}:${String((START_MINUTE + minute) % 60).padStart(2, '0')}`;

function Warnings({ day, isClosed }: { day: Day; isClosed: boolean }) {
  const said = [
    ...(day.isStale && !isClosed
      ? ['The plan has changed since this sheet was worked out. What is ticked stays; work it out again for the rest.']
      : []),
    ...(isClosed ? [] : day.warnings),
  ];
  return (
    said.length > 0 && (
      <ul className="mx-[22px] mt-2 grid gap-1 max-md:mx-3">
        {said.map((one) => (
          <li key={one} className="flex items-start gap-2">
            <Triangle size={15} /> {one}
          </li>
        ))}
      </ul>
    )
  );
}
