import { Link, NavLink, useNavigate } from 'react-router';
import { useHouse } from '../../api/home';
import type { KeptSum, Spot, Sum, Workbench } from '../../api/types';

type Props = { bench: Workbench; sum: Sum; kept: KeptSum | undefined; spot: Spot | undefined; need: string | null };

const SHOWN = 12;

/** The sums as labels on the drawers under the bench, and those that were kept by name. */
export function SumList({ bench, sum, kept, spot, need }: Props) {
  const { home, spots, swaps } = useHouse();
  const navigate = useNavigate();
  const base = `/homes/${home.id}/workbench`;
  const query = new URLSearchParams({ ...(spot ? { spot: spot.id } : {}), ...(need ? { need } : {}) }).toString();
  const to = (one: string) => `${base}/${one}${query ? `?${query}` : ''}`;
  const mine = spot ? bench.kept.filter((one) => one.spot === spot.id) : bench.kept;
  return (
    <nav
      aria-label="Sums"
      className="no-print border-r border-line px-3 pt-3 max-lg:col-span-2 max-lg:flex max-lg:flex-wrap max-lg:items-end max-lg:gap-3 max-lg:border-r-0"
    >
      <label className="grid gap-0.5 text-[12px]">
        <span className="text-ink-2">For</span>
        <select
          className="w-full"
          aria-label="Spot"
          value={spot?.id ?? ''}
          onChange={(event) => void navigate(event.target.value === '' ? base : `${base}?spot=${event.target.value}`)}
        >
          <option value="">any numbers</option>
          {spots.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <label className="hidden flex-1 gap-0.5 text-[12px] max-lg:grid">
        <span className="text-ink-2">Sum</span>
        <select aria-label="Sum" value={sum.sum} onChange={(event) => void navigate(to(event.target.value))}>
          {bench.sums.map((one) => (
            <option key={one.sum} value={one.sum}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <ul className="mt-3 grid max-lg:hidden">
        {bench.sums.map((one) => (
          <li key={one.sum}>
            <NavLink
              to={to(one.sum)}
              aria-current={one.sum === sum.sum ? 'page' : undefined}
              className={`block border-b border-line py-1 pl-2
                ${one.sum === sum.sum ? 'border-l-4 border-l-yolk bg-yolk-soft font-semibold' : 'hover:bg-card'}`}
            >
              {one.name}
            </NavLink>
          </li>
        ))}
      </ul>
      {mine.length > 0 && (
        <section aria-label="Kept" className="mt-4 max-lg:mt-0 max-lg:basis-full">
          <h3 className="text-[15px]/[20px]">Kept</h3>
          <ul className="mt-1 grid gap-1 max-lg:flex max-lg:flex-wrap max-lg:gap-3">
            {mine.slice(0, SHOWN).map((one) => (
              <li key={one.id}>
                <Link
                  to={`${base}/${one.sum}?${new URLSearchParams({ kept: one.id, ...(one.spot ? { spot: one.spot } : {}) })}`}
                  aria-current={one.id === kept?.id ? 'true' : undefined}
                  className={`link block font-normal ${one.id === kept?.id ? 'bg-yolk-soft' : ''}`}
                >
                  {one.name}
                </Link>
                <span className="note block">
                  {[swaps.find((swap) => swap.id === one.swap)?.name, one.used === null ? null : `took ${one.used}`].filter(Boolean).join(', ')}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </nav>
  );
}
