import { useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Calendar, CalendarItem, House } from '../../api/types';
import { writeDay } from '../../lib/text';
import { partOfYear, rowsFor, stretch } from './year';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const LEAST = 920;
const TAG_ROW = 28;
const SWAP_ROW = 30;
/** Pixels that a tag takes for its words. */
const widthOf = (item: CalendarItem): number => 16 + short(item).length * 6.6;
/** What has words of its own in the list below is called shortly here. */
const short = (item: CalendarItem): string => (item.kind === 'plan' ? (item.title.split(': ').at(-1) ?? item.title) : item.title);

/** A year as a shelf: seasons on the wall, swaps as ribbons that lie on it, days as tags that hang below. */
export function YearShelf({ calendar, house }: { calendar: Calendar; house: House }) {
  const frame = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(LEAST);
  useLayoutEffect(() => {
    const measure = () => setWidth(Math.max(LEAST, (frame.current?.clientWidth ?? 0) - 44));
    measure();
    window.addEventListener('resize', measure);
    return () => window.removeEventListener('resize', measure);
  }, []);
  const { year, items } = calendar;
  const isThisYear = calendar.today.startsWith(String(year));
  // On a phone the year is wider than the page: it opens where today is.
  useLayoutEffect(() => {
    if (isThisYear && frame.current) frame.current.scrollLeft = partOfYear(calendar.today, year) * width - frame.current.clientWidth / 2;
  }, [isThisYear, calendar.today, year, width]);
  const of = (...kinds: string[]) => items.filter((item) => kinds.includes(item.kind));
  const swaps = of('swap');
  const tags = of('feast', 'day', 'plan', 'strike', 'return').filter((item) => item.day.startsWith(String(year)));
  const x = (iso: string) => partOfYear(iso, year) * width;
  const tagX = (item: CalendarItem) => Math.max(0, Math.min(x(item.day), width - widthOf(item)));
  const rows = rowsFor(tags, tagX, (item) => widthOf(item) + 6);
  const swapRows = rowsFor(
    swaps,
    (item) => stretch(item, year).left,
    (item) => stretch(item, year).width,
  );
  const wall = 34 + (Math.max(0, ...swapRows) + 1) * SWAP_ROW + 18;
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by keys
    <section ref={frame} tabIndex={0} className="scroller mt-3 overflow-x-auto px-[22px] max-md:px-3" aria-label={`The year ${year} on a shelf`}>
      <div className="relative" style={{ width, height: wall + 26 + (Math.max(0, ...rows) + 1) * TAG_ROW + 12 }}>
        <div className="wallshade absolute inset-x-0 top-0" style={{ height: wall }} />
        {of('season').map((item) => {
          const { left, width: part } = stretch(item, year);
          return (
            <span
              key={item.key}
              className="absolute top-1.5 truncate border-l border-line-2 pl-1.5 font-display text-[13px] text-ink-3"
              style={{ left: left * width, width: part * width }}
            >
              {item.title} <span className="text-[12px]">from {writeDay(item.day)}</span>
            </span>
          );
        })}
        {of('sale').map((item) => {
          const { left, width: part } = stretch(item, year);
          return (
            <div
              key={item.key}
              className="hatch-bold absolute"
              title={item.title}
              style={{ left: left * width, width: part * width, top: wall - 12, height: 10 }}
            />
          );
        })}
        {swaps.map((item, i) => (
          <SwapRibbon key={item.key} item={item} house={house} {...stretch(item, year)} full={width} top={34 + (swapRows[i] ?? 0) * SWAP_ROW} />
        ))}
        <div className="ledge absolute inset-x-0 !h-[22px]" style={{ top: wall }}>
          {MONTHS.map((month, i) => (
            <span
              key={month}
              className="absolute border-l border-line-2 pl-1 text-[12px]/[20px] [font-stretch:86%]"
              style={{ left: ((Date.UTC(year, i, 1) - Date.UTC(year, 0, 1)) / 864e5 / 365.25) * width }}
            >
              {month}
            </span>
          ))}
        </div>
        {isThisYear && (
          <div className="absolute border-l-2 border-[#B98612]" style={{ left: x(calendar.today), top: 26, height: wall }}>
            <span className="bg-yolk px-1 text-[12px]/[14px] font-semibold">today</span>
          </div>
        )}
        {tags.map((item, i) => (
          <i
            key={item.key}
            className="absolute w-px bg-[#8f8a7c]"
            style={{ left: Math.min(x(item.day), width - 4) + 4, top: wall + 22, height: (rows[i] ?? 0) * TAG_ROW + 8 }}
            aria-hidden="true"
          />
        ))}
        {tags.map((item, i) => (
          <Tag key={item.key} item={item} left={tagX(item)} top={wall + 28 + (rows[i] ?? 0) * TAG_ROW} />
        ))}
      </div>
    </section>
  );
}

type RibbonProps = { item: CalendarItem; house: House; left: number; width: number; full: number; top: number };

/** A swap as the ribbon of its look, from its swap day until it is struck. */
function SwapRibbon({ item, house, left, width, full, top }: RibbonProps) {
  const swap = house.swaps.find((one) => one.id === item.swap);
  const ribbons = house.looks.find((look) => look.id === swap?.look)?.ribbons ?? [];
  const colours = ribbons.length > 0 ? ribbons.map((ribbon) => ribbon.hex) : ['#1E4D45'];
  return (
    <Link
      to={`../swaps/${item.swap}/look`}
      className="absolute block overflow-hidden bg-white text-[12px]/[16px] shadow-[0_1px_3px_rgb(31_36_33/25%)]"
      style={{ left: left * full, width: width * full - 2, top, height: SWAP_ROW - 4 }}
      title={`${item.title}, from ${writeDay(item.day)}${item.until ? ` to ${writeDay(item.until)}` : ''}`}
    >
      <b className="block truncate px-1.5">{item.title}</b>
      <span className="absolute inset-x-0 bottom-0 flex h-2">
        {colours.map((colour) => (
          <i key={colour} className="flex-1" style={{ background: colour }} />
        ))}
      </span>
    </Link>
  );
}

function Tag({ item, left, top }: { item: CalendarItem; left: number; top: number }) {
  const look: Record<string, string> = { day: '!bg-yolk', strike: '!bg-ink !text-white', plan: 'border border-dashed border-ink-3' };
  return (
    <span
      className={`hangtag absolute whitespace-nowrap before:hidden ${look[item.kind] ?? ''}`}
      style={{ left, top, paddingLeft: 6 }}
      title={`${item.title}, ${writeDay(item.day)}${item.note && ` (${item.note})`}`}
    >
      {short(item)}
    </span>
  );
}
