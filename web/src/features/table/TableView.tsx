import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { useHouse, useSwap } from '../../api/home';
import type { Choice, Piece, Ribbon, Table, TableRow } from '../../api/types';
import { useSearch } from '../../api/useSearch';
import { useWaiting } from '../../frame/waiting/WaitingActs';
import { useKeys } from '../../lib/useKeys';
import { labelOf, type Reach } from '../../shelves/layout';
import { Shelves } from '../../shelves/Shelves';
import { ChoiceMark, FitMark } from './ChoiceMark';
import { Guards } from './Guards';
import { emptyFilter, type Filter, matches, TableFilter } from './TableFilter';
import { TableStrip } from './TableStrip';
import { tableGroups } from './tableGroups';
import { useDecide } from './useDecide';
import { withWaiting } from './withWaiting';

// What opens over the Table comes when it is asked for, or ahead of it while nothing else is to do.
const AsideDialog = lazy(async () => ({ default: (await import('./AsideDialog')).AsideDialog }));
const TogetherDialog = lazy(async () => ({ default: (await import('../cupboard')).TogetherDialog }));

const NO_RIBBONS: readonly Ribbon[] = [];
const KEYS: Record<string, Choice> = { s: 'stay', m: 'move', b: 'bring', r: 'rest', p: 'part' };

/** Everything out now and everything in store, on one table; decided piece by piece, by key, by pointer or many at once. */
export function TableView({ pieces, table: sent }: { pieces: readonly Piece[]; table: Table }) {
  const house = useHouse();
  const current = useSwap();
  const { acts } = useWaiting();
  const table = useMemo(() => withWaiting(sent, acts, current?.swap.id ?? ''), [sent, acts, current?.swap.id]);
  const [filter, setFilter] = useState<Filter>(emptyFilter);
  const [active, setActive] = useState<string | null>(null);
  const [aside, setAside] = useState<'compared' | 'together' | null>(null);
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const rows = useMemo(() => new Map(table.rows.map((row) => [row.piece, row])), [table]);
  const { found } = useSearch(house.home.id, filter.text);
  const shown = useMemo(
    () => pieces.filter((piece) => rows.has(piece.id) && (found === null || found.has(piece.id)) && matches(piece, rows.get(piece.id), filter)),
    [pieces, rows, filter, found],
  );
  const handful = [...taken].flatMap((id) => byId.get(id) ?? []);
  const ribbons = current?.look.ribbons ?? NO_RIBBONS;
  const groups = useMemo(() => tableGroups({ pieces: shown, rows, house, ribbons }, filter.by), [shown, rows, house, ribbons, filter.by]);
  const order = useMemo(() => groups.flatMap((group) => group.items.map((item) => item.id)), [groups]);
  const decideNow = useDecide(house.home.id, current?.swap.id ?? '');

  const chosen = taken.size > 0 ? [...taken] : active ? [active] : [];
  const decide = (choice: Choice | null) => !current?.isClosed && decideNow(chosen.map((piece) => ({ piece, choice })));
  const accept = () => decideNow(chosen.map((piece) => ({ piece, choice: rows.get(piece)?.suggestion ?? null })));
  const sure = table.rows.filter((row) => row.choice === null && row.confidence === 'sure');
  const open = shown.flatMap((piece) => rows.get(piece.id) ?? []).filter((row) => row.choice === null);
  const acceptAll = (some: readonly TableRow[]) => decideNow(some.map((row) => ({ piece: row.piece, choice: row.suggestion })));
  const openGroups = groups.flatMap(({ key, title, items }) => {
    const undecided = items.flatMap((item) => rows.get(item.id) ?? []).filter((row) => row.choice === null);
    return undecided.length > 0 ? [{ key, title, open: undecided }] : [];
  });
  const nextUndecided = () => {
    const from = active ? order.indexOf(active) : -1;
    const next = [...order.slice(from + 1), ...order.slice(0, from + 1)].find((id) => rows.get(id)?.choice === null);
    if (next) setActive(next);
  };
  useKeys({
    ...Object.fromEntries(Object.entries(KEYS).map(([key, choice]) => [key, () => decide(choice)])),
    u: () => decide(null),
    n: nextUndecided,
    a: () => !current?.isClosed && accept(),
    c: () => setAside(taken.size > 1 ? 'compared' : null),
    Escape: () => setTaken(new Set()),
  });
  const toggle = (id: string) => {
    setTaken((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
    setActive(id);
  };
  const activate = (id: string, reach: Reach) => {
    setActive(id);
    if (reach === 'adding') setTaken(new Set([...taken, ...(active ? [active] : []), id]));
    if (reach === 'alone') setTaken(new Set());
  };
  const describe = (id: string) => {
    const [piece, row] = [byId.get(id), rows.get(id)];
    if (!piece || !row) return '';
    const fit = row.verdict === 'not judged' ? 'no look yet' : `${row.score} fit`;
    return `${labelOf(piece)} ${fit}, ${row.isOut ? 'out now' : 'in store'}, ${row.choice ?? `not decided, ${row.suggestion} suggested`}`;
  };

  return (
    <div className="flex h-[calc(100vh-96px)] flex-col max-md:h-[calc(100vh-116px)]">
      <TableFilter
        filter={filter}
        onChange={setFilter}
        shown={shown.length}
        all={table.rows.length}
        rows={table.rows}
        sure={sure.length}
        open={open.length}
        onAcceptSure={() => acceptAll(sure)}
        groups={openGroups}
        onAccept={acceptAll}
        onAcceptShown={() => acceptAll(open)}
        isClosed={current?.isClosed ?? true}
      />
      <Guards
        guards={table.guards}
        onShow={(some) => {
          setFilter(emptyFilter);
          setTaken(new Set(some));
          setActive(some[0] ?? null);
        }}
      />
      <div className="min-h-0 flex-1">
        <Shelves
          label="Everything out now, then everything in store"
          groups={groups}
          active={active}
          selected={taken}
          onActivate={activate}
          onToggle={toggle}
          describe={describe}
          scale={filter.scale}
          tag={(id) => <Tag row={rows.get(id)} hex={ribbons[rows.get(id)?.ribbon ?? 0]?.hex ?? '#fff'} />}
        />
      </div>
      <TableStrip
        piece={active ? byId.get(active) : undefined}
        row={active ? rows.get(active) : undefined}
        taken={taken.size}
        onDecide={decide}
        onNext={nextUndecided}
        onCompare={() => setAside('compared')}
        isClosed={current?.isClosed ?? true}
      />
      <Suspense fallback={null}>
        {aside === 'compared' && <AsideDialog pieces={handful} rows={rows} onTogether={() => setAside('together')} onClose={() => setAside(null)} />}
        {aside === 'together' && (
          <TogetherDialog
            pieces={handful}
            onClose={() => setAside(null)}
            onMade={(id) => {
              setTaken(new Set());
              setActive(id);
            }}
          />
        )}
      </Suspense>
    </div>
  );
}

/** Swings when a decision is hung on it, not when it scrolls into sight. */
function Tag({ row, hex }: { row: TableRow | undefined; hex: string }) {
  const atFirst = useRef(row?.choice);
  return (
    row && (
      <span key={row.choice} className={`hangtag ${row.choice && row.choice !== atFirst.current ? 'swing' : ''}`}>
        <ChoiceMark choice={row.choice ?? row.suggestion} isSuggested={row.choice === null} />
        {row.verdict !== 'not judged' && (
          <>
            <FitMark hex={hex} isOutside={row.verdict === 'outside'} />
            {row.score}
          </>
        )}
      </span>
    )
  );
}
