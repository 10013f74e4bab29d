import type { CalendarItem } from '../../api/types';

const DAY = 864e5;
const at = (iso: string): number => Date.parse(`${iso}T00:00Z`);

/** Where a day begins on a shelf of one year, as a part of its width; days of other years lie beyond its ends. */
export function partOfYear(iso: string, year: number): number {
  const [from, to] = [Date.UTC(year, 0, 1), Date.UTC(year + 1, 0, 1)];
  return (at(iso) - from) / (to - from);
}

/** Left edge and width of a stretch, cut off at the ends of the year. */
export function stretch(item: CalendarItem, year: number): { left: number; width: number } {
  const left = Math.max(0, partOfYear(item.day, year));
  const end = !item.until ? 1 : Math.min(1, partOfYear(new Date(at(item.until) + DAY).toISOString().slice(0, 10), year));
  return { left, width: Math.max(0, end - left) };
}

/** Rows for tags that hang side by side without touching: each goes into the first row that is free where it begins. */
export function rowsFor<T>(tags: readonly T[], left: (tag: T) => number, width: (tag: T) => number): number[] {
  const ends: number[] = [];
  return tags.map((tag) => {
    const free = ends.findIndex((end) => end <= left(tag));
    const row = free === -1 ? ends.length : free;
    ends[row] = left(tag) + width(tag);
    return row;
  });
}
