import { useQuery } from '@tanstack/react-query';
import { NavLink } from 'react-router';
import { useHouse, useSwap, useWriting } from '../api/home';
import { stationsQuery } from '../api/queries';
import type { Stations } from '../api/types';
import { counted, writeDay } from '../lib/text';
import { RibbonBunch, type Station, StationGlyph } from './glyphs';
import { useWaiting } from './waiting/WaitingActs';

type Figure = { station: Station; name: string; figure: string; progress?: number };

/** The price tag of the station that is open. */
const OPEN_TAG = `top-[49px] mr-1.5 h-[49px] bg-yolk pt-[7px] text-[#2B2410] drop-shadow
  [clip-path:polygon(0_0,100%_0,100%_41px,94%_100%,6%_100%,0_41px)]`;

/** The top board: the swap and its six stations standing on a ledge; the open one hangs lower, in yolk. */
export function StationShelf({ isOpen, onFind }: { isOpen: boolean; onFind: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const write = useWriting();
  const stations = useQuery({ ...stationsQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  const waiting = useWaiting();
  if (!current) return <div className="h-3" />;
  const { swap, look, isClosed } = current;
  const notSent = waiting.isHeld ? waiting.acts.filter((act) => act.kind === 'tick' && act.swap === swap.id).length : 0;
  const figures = stationFigures(stations.data, write.money, isClosed, notSent, look.ribbons.length > 0);
  const days = stations.data?.days;
  return (
    <header className="no-print relative z-20 bg-gradient-to-b from-[#F3F1EA] to-paper" data-testid="stations">
      <div className="flex h-[96px] items-end max-md:h-auto max-md:flex-wrap max-md:pb-1">
        <div className="w-[200px] flex-none self-stretch pl-[22px] max-md:w-full max-md:pl-3">
          <h1 className="truncate pt-3 text-[28px]/[34px] font-[650] tracking-[-0.025em] max-md:pt-1 max-md:text-[19px]/[24px]">{swap.name}</h1>
          <p className="note relative z-10 mt-2.5 truncate max-md:mt-0">
            {swap.from && (
              <>
                from <b>{swap.from}</b>
                {house.swaps.some((one) => one.name === swap.from && one.closedAt === null) && ' as it will be'}
                <br className="max-md:hidden" />{' '}
              </>
            )}
            {isClosed ? 'closed' : 'swap day'} <b>{writeDay(swap.swapDay)}</b>
            {!isClosed &&
              days !== undefined &&
              `, ${days === 0 ? 'today' : days > 0 ? `in ${counted(days, 'day')}` : `${counted(-days, 'day')} ago`}`}
          </p>
        </div>
        <nav aria-label="Stations of the swap" className="relative flex min-w-0 flex-1 self-stretch max-md:basis-full max-md:overflow-x-auto">
          {figures.map((one) => (
            <NavLink
              key={one.station}
              to={`/homes/${house.home.id}/swaps/${swap.id}/${one.station}`}
              className="group relative block min-w-[74px] flex-1"
            >
              {({ isActive }) => (
                <>
                  <span className="absolute bottom-[46px] left-2.5 max-md:hidden">
                    <StationGlyph station={one.station} isOpen={isActive && isOpen} />
                  </span>
                  <span
                    className={`absolute inset-x-0 z-10 block truncate px-2.5 text-[12px]/[14px] max-md:relative max-md:top-0 ${
                      isActive && isOpen ? OPEN_TAG : 'top-[53px] h-[34px] border-l border-[#CFC9BB] pt-[3px] text-ink-2 group-hover:text-ink'
                    }`}
                  >
                    <b className="block text-[13px]/[15px] text-ink">{one.name}</b>
                    {one.figure}
                    {isActive && isOpen && one.progress !== undefined && (
                      <span className="mt-0.5 block h-[3px] bg-[#3C2A0038]">
                        <span className="block h-[3px] bg-[#2B2410]" style={{ width: `${Math.round(one.progress * 100)}%` }} />
                      </span>
                    )}
                  </span>
                </>
              )}
            </NavLink>
          ))}
        </nav>
        <div className="relative z-10 w-[188px] flex-none self-stretch pr-[18px] max-md:hidden">
          <button type="button" onClick={onFind} className="mt-3 flex w-full justify-between border-b-[1.5px] border-ink-3 pb-1 text-left text-ink-3">
            Find a piece, tote, spot <kbd>/</kbd>
          </button>
          <div className="mt-[11px] flex items-start justify-between gap-2">
            {look.ribbons.length > 0 && (
              <span className="min-w-0 text-[12px]/[15px] text-ink-2">
                Look<b className="block truncate text-ink">{look.name}</b>
              </span>
            )}
            <RibbonBunch ribbons={look.ribbons} width={62} height={42} />
          </div>
        </div>
      </div>
      <div
        className="pointer-events-none absolute inset-x-0 top-[50px] -z-0 h-[38px] bg-gradient-to-b from-[#F1EEE6] to-[#E7E2D6]
        shadow-[0_6px_9px_-3px_rgb(31_36_33/20%)] [border-top:2px_solid_#fff] max-md:hidden"
      />
    </header>
  );
}

function stationFigures(s: Stations | undefined, money: (minor: number) => string, isClosed: boolean, notSent: number, isChosen: boolean): Figure[] {
  if (!s) return (['look', 'table', 'rooms', 'haul', 'day', 'settle'] as const).map((station) => ({ station, name: NAMES[station], figure: '…' }));
  const share = (part: number, whole: number) => (whole === 0 ? 0 : part / whole);
  return [
    {
      station: 'look',
      name: NAMES.look,
      figure: isChosen ? `${s.inLook} of ${s.pieces} fit` : 'not chosen yet',
      progress: share(s.inLook, s.pieces),
    },
    { station: 'table', name: NAMES.table, figure: `${s.decided} of ${s.pieces} decided`, progress: share(s.decided, s.pieces) },
    { station: 'rooms', name: NAMES.rooms, figure: `${s.spotsDressed} of ${counted(s.spots, 'spot')}`, progress: share(s.spotsDressed, s.spots) },
    { station: 'haul', name: NAMES.haul, figure: `${counted(s.needsOpen, 'gap')}${s.free === null ? '' : `, ${money(s.free)} free`}` },
    {
      station: 'day',
      name: NAMES.day,
      figure: notSent > 0 ? `${counted(notSent, 'tick')} not sent` : s.tasks === 0 ? 'not worked out' : `${s.ticked} of ${counted(s.tasks, 'tick')}`,
      progress: share(s.ticked, s.tasks),
    },
    { station: 'settle', name: NAMES.settle, figure: isClosed ? 'closed' : counted(s.notes, 'note') },
  ];
}

const NAMES: Record<Station, string> = { look: 'Look', table: 'Table', rooms: 'Rooms', haul: 'Haul', day: 'Day sheet', settle: 'Settle' };
