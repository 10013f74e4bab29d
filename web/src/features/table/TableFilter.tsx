import type { Piece, TableRow } from '../../api/types';
import { TEXTURES } from '../../api/words';
import { counted } from '../../lib/text';

export type Filter = { text: string; where: 'all' | 'out' | 'store'; state: 'all' | 'undecided' | 'decided'; isIdle: boolean };

export const emptyFilter: Filter = { text: '', where: 'all', state: 'all', isIdle: false };

const IDLE_FROM = 2;

/** Whether a piece is to be shown: by words in its name, kind, materials or seasons, and by where and how far it is. */
export function matches(piece: Piece, row: TableRow | undefined, filter: Filter): boolean {
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  const said = `${piece.name} ${piece.kind} ${piece.materials.join(' ')} ${piece.seasons.join(' ')} ${piece.finish}`.toLowerCase();
  return (
    words.every((word) => said.includes(word)) &&
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
  onAcceptSure: () => void;
  isClosed: boolean;
};

/** The board over the shelves: what is shown, how many are decided, and the sure suggestions in one go. */
export function TableFilter({ filter, onChange, shown, all, rows, sure, onAcceptSure, isClosed }: Props) {
  const set = (change: Partial<Filter>) => onChange({ ...filter, ...change });
  const outOpen = rows.filter((row) => row.isOut && row.choice === null).length;
  const storeOpen = rows.filter((row) => !row.isOut && row.choice === null).length;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-paper px-[22px] py-2 max-md:px-2">
      <input
        aria-label="Show pieces by name, kind, material or season"
        list="textures"
        className="w-52"
        placeholder={`Show all ${all} pieces`}
        value={filter.text}
        onChange={(event) => set({ text: event.target.value })}
      />
      <datalist id="textures">
        {TEXTURES.map((texture) => (
          <option key={texture} value={texture} />
        ))}
      </datalist>
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
        <input type="checkbox" checked={filter.isIdle} onChange={(event) => set({ isIdle: event.target.checked })} /> not used for 2 seasons
      </label>
      <span className="note" aria-live="polite">
        {shown === all ? '' : `${counted(shown, 'piece')} shown. `}
        <b>{outOpen}</b> out and <b>{storeOpen}</b> in store to decide
      </span>
      {!isClosed && (
        <button type="button" className="btn ml-auto max-md:ml-0" onClick={onAcceptSure} disabled={sure === 0}>
          Accept {counted(sure, 'suggestion')} with fit 80 and over
        </button>
      )}
    </div>
  );
}
