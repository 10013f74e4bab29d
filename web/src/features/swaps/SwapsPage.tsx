import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useHouse, useWriting } from '../../api/home';
import { RibbonBunch } from '../../frame/glyphs';
import { NextStep } from '../../frame/NextStep';
import { capital, writeDay } from '../../lib/text';
import { EmptyLedge } from '../../ui/States';
import { StrikeDialog } from './StrikeDialog';
import { SwapDialog } from './SwapDialog';

const MOST_OPEN = 3;

/** The seasons of a home, newest first: open one, or begin the next. */
export function SwapsPage() {
  const house = useHouse();
  const write = useWriting();
  const [params, setParams] = useSearchParams();
  const isAdding = params.has('begin');
  const setAdding = (isOn: boolean) => setParams(isOn ? { begin: '1' } : {}, { replace: true });
  const [edited, setEdited] = useState<string | null>(null);
  const open = house.swaps.filter((swap) => swap.closedAt === null);
  const last = open[0] ?? house.swaps[0];
  const [struck, setStruck] = useState<string | null>(null);
  return (
    <div className="max-w-[980px] p-5 pl-[22px] max-md:pb-20">
      <div className="mb-4 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[22px]/[28px]">Seasons of {house.home.name}</h2>
        <button
          type="button"
          className="btn btn-main"
          onClick={() => setAdding(true)}
          disabled={open.length >= MOST_OPEN}
          title={open.length >= MOST_OPEN ? `Close ${open.at(-1)?.name} in Settle first` : undefined}
        >
          {house.swaps.length === 0 ? 'Begin a swap' : 'Begin the next swap'}
        </button>
      </div>
      {open.length > 0 && (
        <p className="note mb-3">
          {open.map((swap) => swap.name).join(', ')} {open.length === 1 ? 'is' : 'are'} open. The next one begins from where things will be then, and
          follows when that changes. Up to three may be open.
        </p>
      )}
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
              <span className="note">{swap.closedAt ? 'closed' : <b>open</b>}</span>
              {swap.id === last?.id && (
                <button type="button" className="btn" onClick={() => setStruck(swap.id)}>
                  Strike it …
                </button>
              )}
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
      {struck && <StrikeDialog swap={house.swaps.find((swap) => swap.id === struck)} onClose={() => setStruck(null)} />}
      {edited && <SwapDialog swap={house.swaps.find((swap) => swap.id === edited)} onClose={() => setEdited(null)} />}
    </div>
  );
}
