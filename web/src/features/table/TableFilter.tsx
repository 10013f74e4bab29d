import type { Piece, TableRow } from '../../api/types';
import { counted } from '../../lib/text';
import { Menu } from '../../ui/Menu';
import { GROUPINGS, type Grouping } from './tableGroups';

export type Filter = {
  text: string;
  where: 'all' | 'out' | 'store';
  state: 'all' | 'undecided' | 'decided';
  isIdle: boolean;
  by: Grouping;
  scale: number;
};

export const emptyFilter: Filter = { text: '', where: 'all', state: 'all', isIdle: false, by: 'place', scale: 4.2 };

const IDLE_FROM = 2;

/** Whether a piece is to be shown by where it is and how far it is decided. */
export function matches(piece: Piece, row: TableRow | undefined, filter: Filter): boolean {
  return (
    (filter.where === 'all' || (filter.where === 'out') === row?.isOut) &&
    (filter.state === 'all' || (filter.state === 'decided') === (row?.choice !== null)) &&
    (!filter.isIdle || piece.idle === null || piece.idle >= IDLE_FROM)
  );
}

type Props = {
  filter: Filter;
  onChange: (filter: Filter) => void;
  shown: number;
  all: number;
  rows: readonly TableRow[];
  sure: number;
  open: number;
  onAcceptSure: () => void;
  onAcceptShown: () => void;
  /** The groups as they are arranged that hold something to decide. */
  groups: readonly { key: string; title: string; open: readonly TableRow[] }[];
  onAccept: (rows: readonly TableRow[]) => void;
  isClosed: boolean;
};

/** The board over the shelves: what is shown and how, how many are decided, and suggestions taken in one go. */
export function TableFilter({ filter, onChange, shown, all, rows, sure, open, onAcceptSure, onAcceptShown, groups, onAccept, isClosed }: Props) {
  const set = (change: Partial<Filter>) => onChange({ ...filter, ...change });
  const outOpen = rows.filter((row) => row.isOut && row.choice === null).length;
  const storeOpen = rows.filter((row) => !row.isOut && row.choice === null).length;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 bg-paper px-[22px] py-2 max-md:px-2">
      <input
        aria-label="Show pieces by what is known of them"
        className="w-[162px]"
        placeholder={`Show all ${all} pieces`}
        title="Name, kind, colour, texture, place, season; “under 10 in”, “fits in 12 in”"
        value={filter.text}
        onChange={(event) => set({ text: event.target.value })}
      />
      <select
        aria-label="Arranged by"
        value={filter.by}
        onChange={(event) => set({ by: GROUPINGS.find((one) => one === event.target.value) ?? 'place' })}
      >
        {GROUPINGS.map((one) => (
          <option key={one} value={one}>
            by {one}
          </option>
        ))}
      </select>
      <select
        aria-label="Where"
        value={filter.where}
        onChange={(event) => set({ where: event.target.value === 'out' ? 'out' : event.target.value === 'store' ? 'store' : 'all' })}
      >
        <option value="all">out and in store</option>
        <option value="out">out now</option>
        <option value="store">in store</option>
      </select>
      <select
        aria-label="How far"
        value={filter.state}
        onChange={(event) => set({ state: event.target.value === 'undecided' ? 'undecided' : event.target.value === 'decided' ? 'decided' : 'all' })}
      >
        <option value="all">decided or not</option>
        <option value="undecided">not decided</option>
        <option value="decided">decided</option>
      </select>
      <label className="flex items-center gap-1.5">
        <input type="checkbox" checked={filter.isIdle} onChange={(event) => set({ isIdle: event.target.checked })} /> idle 2 seasons
      </label>
      <label className="flex items-center gap-1.5">
        <span className="sr-only">Scale</span>
        <input
          type="range"
          min={2.4}
          max={8}
          step={0.2}
          value={filter.scale}
          onChange={(event) => set({ scale: Number(event.target.value) })}
          className="w-16 accent-door"
          title="Scale"
        />
      </label>
      <span className="note" aria-live="polite">
        {shown === all ? '' : `${counted(shown, 'piece')} shown. `}
        <b>{outOpen}</b> out and <b>{storeOpen}</b> in store to decide
      </span>
      {!isClosed && (
        <span className="ml-auto flex gap-1.5 max-md:ml-0">
          {shown < all && (
            <button type="button" className="btn" onClick={onAcceptShown} disabled={open === 0}>
              Accept the {open} shown
            </button>
          )}
          {groups.length > 1 && (
            <Menu
              trigger={
                <button type="button" className="btn">
                  By group ▾
                </button>
              }
              items={groups.map((group) => ({
                label: `Accept ${counted(group.open.length, 'suggestion')}: ${group.title}`,
                onSelect: () => onAccept(group.open),
              }))}
            />
          )}
          <button type="button" className="btn" onClick={onAcceptSure} disabled={sure === 0}>
            Accept {sure} sure
          </button>
        </span>
      )}
    </div>
  );
}
