import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useHouse, useWriting } from '../../api/home';
import { RibbonBunch } from '../../frame/glyphs';
import { NextStep } from '../../frame/NextStep';
import { capital, writeDay } from '../../lib/text';
import { EmptyLedge } from '../../ui/States';
import { SwapDialog } from './SwapDialog';

/** The seasons of a home, newest first: open one, or begin the next. */
export function SwapsPage() {
  const house = useHouse();
  const write = useWriting();
  const [params, setParams] = useSearchParams();
  const isAdding = params.has('begin');
  const setAdding = (isOn: boolean) => setParams(isOn ? { begin: '1' } : {}, { replace: true });
  const [edited, setEdited] = useState<string | null>(null);
  const running = house.swaps.find((swap) => swap.closedAt === null);
  return (
    <div className="max-w-[980px] p-5 pl-[22px] max-md:pb-20">
      <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[22px]/[28px]">Seasons of {house.home.name}</h2>
        <button
          type="button"
          className="btn btn-main"
          onClick={() => setAdding(true)}
          disabled={running !== undefined}
          title={running ? `Close ${running.name} in Settle first` : undefined}
        >
          {house.swaps.length === 0 ? 'Begin a swap' : 'Begin the next swap'}
        </button>
      </div>
      {running && <p className="note mb-3">{running.name} is running. The next one begins when it is closed in Settle.</p>}
      <NextStep />
      {house.swaps.length === 0 && <EmptyLedge>No swap yet. It begins with a season and a day; everything else can follow.</EmptyLedge>}
      <ul className="rows">
        {house.swaps.map((swap) => {
          const look = house.looks.find((one) => one.id === swap.look);
          return (
            <li key={swap.id} className="flex items-center gap-5 py-3">
              {look && <RibbonBunch ribbons={look.ribbons} width={62} height={42} />}
              <div className="flex-1">
                <Link
                  className="text-[17px]/[22px] font-bold hover:underline"
                  to={`/homes/${house.home.id}/swaps/${swap.id}/${swap.closedAt ? 'settle' : 'table'}`}
                >
                  {swap.name}
                </Link>
                <p className="note">
                  {capital(swap.season)}, {writeDay(swap.swapDay)}, {look?.name},{' '}
                  {swap.budget === null ? 'no budget set' : `budget ${write.money(swap.budget)}`}
                  {swap.from && `, from ${swap.from}`}
                </p>
              </div>
              <span className="note">{swap.closedAt ? 'closed' : <b>running</b>}</span>
              {!swap.closedAt && (
                <button type="button" className="btn" onClick={() => setEdited(swap.id)}>
                  Change
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {isAdding && <SwapDialog onClose={() => setAdding(false)} />}
      {edited && <SwapDialog swap={house.swaps.find((swap) => swap.id === edited)} onClose={() => setEdited(null)} />}
    </div>
  );
}
