import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHouse } from '../../api/home';
import { toteFillsQuery } from '../../api/queries';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';

/** The totes with how full they are once packed, and a mark where something in one lies badly. */
export function ToteShelf() {
  const house = useHouse();
  const fills = useQuery(toteFillsQuery(house.home.id));
  const byTote = new Map(fills.data?.totes.map((fill) => [fill.tote, fill]));
  return (
    <div className="relative flex flex-none gap-2 overflow-x-auto px-[22px] pb-2 max-md:px-2">
      {house.totes.map((tote) => {
        const fill = byTote.get(tote.id);
        const percent = Math.round((fill?.fill ?? 0) * 100);
        return (
          <Link key={tote.id} to={`/homes/${house.home.id}/totes/${tote.id}`} className="tagcard flex-none px-2 py-1 text-left hover:bg-yolk-soft">
            <span className="sr-only">Tote</span> <b>{tote.code}</b> <span className="note">{tote.place}</span>
            <span className="mt-0.5 block h-1.5 w-24 border border-line-2">
              <span className={`block h-full ${percent > 85 ? 'hatch bg-yolk' : 'bg-door'}`} style={{ width: `${Math.min(100, percent)}%` }} />
            </span>
            <span className="flex items-center gap-1 text-[12px]/[14px]">
              {percent} % full{' '}
              {fill !== undefined && fill.findings > 0 && (
                <>
                  <Triangle size={12} />
                  <span className="sr-only">{counted(fill.findings, 'thing')} to look at</span>
                </>
              )}
            </span>
          </Link>
        );
      })}
    </div>
  );
}
