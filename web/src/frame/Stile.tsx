import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { NavLink, useNavigate } from 'react-router';
import { useHouse, useSwap, useWriting } from '../api/home';
import { piecesQuery, stationsQuery } from '../api/queries';
import { signOut } from '../api/session';
import type { Me } from '../api/types';
import { counted } from '../lib/text';
import { Menu } from '../ui/Menu';
import { CupboardMark } from './glyphs';

const NewHomeDialog = lazy(async () => ({ default: (await import('./NewHomeDialog')).NewHomeDialog }));

/** The left upright: which home is open, and its standing places as drawers with their live figure. */
export function Stile({ me, onWhatWasDone }: { me: Me; onWhatWasDone: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const write = useWriting();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [isAdding, setAdding] = useState(false);
  const pieces = useQuery(piecesQuery(house.home.id));
  const stations = useQuery({ ...stationsQuery(house.home.id, current?.swap.id ?? ''), enabled: current !== null });
  const leave = async () => {
    await signOut();
    queries.clear();
    await navigate('/sign-in');
  };
  const drawers = [
    { to: 'cupboard', name: 'Cupboard', figure: pieces.data ? counted(pieces.data.length, 'piece') : '…' },
    { to: 'house', name: 'House', figure: counted(house.spots.length, 'spot') },
    { to: 'workbench', name: 'Workbench', figure: house.keptSums === 0 ? 'the sums' : `${house.keptSums} kept` },
    { to: 'swaps', name: 'Swaps', figure: counted(house.swaps.length, 'season') },
    { to: 'calendar', name: 'Calendar', figure: 'the year' },
    {
      to: 'ledger',
      name: 'Ledger',
      figure:
        current === null ? 'no season' : !stations.data ? '…' : stations.data.free === null ? 'no budget' : `${write.money(stations.data.free)} free`,
    },
  ];
  return (
    <nav
      aria-label="Standing places"
      className="stile no-print fixed bottom-0 left-0 z-30 flex w-full items-center gap-2 bg-door px-2 py-1 text-[#F3F0E6] shadow-lg md:top-0
        md:h-full md:w-[88px] md:flex-col md:px-0 md:py-3"
    >
      <div className="hidden font-display text-[13px]/[14px] font-semibold md:block md:text-center">
        <CupboardMark />
        Bright
        <br />
        Cupboard
      </div>
      <Menu
        trigger={
          <button
            type="button"
            className="border border-[#CFC7B4] bg-[#F7F4EA] px-1 py-2 text-[12px]/[14px] font-bold text-ink md:mt-3 md:w-[70px]"
            aria-label={`Home: ${house.home.name}. Choose another`}
          >
            {house.home.name} ▾
          </button>
        }
        items={[
          ...me.homes.map((home) => ({ label: home.name, onSelect: () => void navigate(`/homes/${home.id}/house`) })),
          { label: 'What was done…', onSelect: onWhatWasDone },
          { label: 'New home…', onSelect: () => setAdding(true) },
          { label: `Sign out ${me.name}`, onSelect: () => void leave() },
        ]}
      />
      <div className="flex flex-1 gap-1 md:mt-4 md:flex-none md:flex-col md:gap-2.5">
        {drawers.map((drawer) => (
          <NavLink
            key={drawer.to}
            to={`/homes/${house.home.id}/${drawer.to}`}
            end={drawer.to !== 'workbench'}
            className="drawer block flex-1 bg-[#23574E] p-1 text-center shadow-[inset_0_1px_0_#3A7166,inset_0_-2px_0_#143A34,0_0_0_1px_#12332E]
              md:h-[72px] md:w-[72px] md:flex-none aria-[current=page]:md:translate-x-1.5"
          >
            <span className="block bg-[#F7F4EA] px-0.5 py-1 text-ink shadow-[0_0_0_1px_#0F2C27,0_0_0_2.5px_#CFC7B4] md:m-1">
              <b className="block text-[12px]/[15px] [font-stretch:82%]">{drawer.name}</b>
              <span className="hidden whitespace-nowrap text-[12px]/[15px] text-ink-2 [font-stretch:76%] md:block">{drawer.figure}</span>
            </span>
            <i className="mx-auto mt-1.5 hidden size-3 rounded-full bg-[#D9D2C0] shadow md:block" />
          </NavLink>
        ))}
      </div>
      <button type="button" className="mt-auto hidden text-center text-[12px]/[16px] text-[#DDE5DF] hover:underline md:block" onClick={onWhatWasDone}>
        What was
        <br />
        done <kbd>J</kbd>
      </button>
      <p className="hidden pb-1 text-center text-[12px]/[16px] text-[#DDE5DF] md:block">
        Keys <kbd>?</kbd>
      </p>
      <Suspense fallback={null}>{isAdding && <NewHomeDialog isOpen onClose={() => setAdding(false)} />}</Suspense>
    </nav>
  );
}
