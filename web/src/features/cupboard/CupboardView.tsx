import { useMemo, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useHouse, usePlaces } from '../../api/home';
import type { Piece } from '../../api/types';
import { useSearch } from '../../api/useSearch';
import { saveFile } from '../../lib/saveFile';
import { counted } from '../../lib/text';
import { labelOf } from '../../shelves/layout';
import { Shelves } from '../../shelves/Shelves';
import { Menu } from '../../ui/Menu';
import { EmptyLedge } from '../../ui/States';
import { cupboardGroups } from './cupboardGroups';
import { PieceDialog } from './PieceDialog';
import { PieceList } from './PieceList';
import { PieceStrip } from './PieceStrip';
import { ToteDialog } from './ToteDialog';
import { ToteShelf } from './ToteShelf';
import { ToteTable } from './ToteTable';

const NONE: ReadonlySet<string> = new Set();

/** All that is owned: as silhouettes at true scale by tote, room or kind, or as a plain list. */
export function CupboardView({ pieces }: { pieces: readonly Piece[] }) {
  const house = useHouse();
  const place = usePlaces();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const by = (['tote', 'room', 'kind', 'list'] as const).find((one) => one === params.get('by')) ?? 'tote';
  const active = params.get('piece');
  const [text, setText] = useState('');
  const [edited, setEdited] = useState<{ piece?: Piece | undefined; copy?: Piece | undefined } | null>(null);
  const [tote, setTote] = useState<{ id?: string } | null>(null);
  const [isTable, setTable] = useState(false);
  const set = (change: Record<string, string>) => setParams((now) => ({ ...Object.fromEntries(now), ...change }), { replace: true });
  const { found } = useSearch(house.home.id, text);
  const shown = useMemo(() => (found ? pieces.filter((piece) => found.has(piece.id)) : pieces), [pieces, found]);
  const groups = useMemo(() => (by === 'list' ? [] : cupboardGroups(shown, house, by)), [shown, house, by]);
  const piece = pieces.find((one) => one.id === active);
  const unmeasured = pieces.filter((one) => one.assumed.includes('size')).length;
  const uncounted = pieces.filter((one) => one.assumed.includes('count')).length;

  return (
    <div className="flex h-[calc(100vh-96px)] flex-col max-md:h-[calc(100vh-116px)]">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-[22px] py-2 max-md:px-2">
        <h2 className="panel-title">Cupboard</h2>
        <input
          aria-label="Find in the cupboard"
          placeholder="brass under 10 in, attic…"
          title="Name, kind, colour, texture, place, season; sizes such as “under 10 in”; “not used for 2 years”"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <select aria-label="Arranged" value={by} onChange={(event) => set({ by: event.target.value })}>
          <option value="tote">by tote and room</option>
          <option value="room">by room and tote</option>
          <option value="kind">by kind</option>
          <option value="list">as a list</option>
        </select>
        <span className="note" aria-live="polite">
          {counted(shown.length, 'piece')},{' '}
          {counted(
            shown.reduce((sum, one) => sum + one.count, 0),
            'unit',
          )}{' '}
          in {counted(house.totes.length, 'tote')}
        </span>
        {unmeasured > 0 && text === '' && (
          <button type="button" className="link" onClick={() => setText('not measured')}>
            {counted(unmeasured, 'assumed size')}: walk {unmeasured === 1 ? 'it' : 'them'} with a tape
          </button>
        )}
        {uncounted > 0 && text === '' && (
          <button type="button" className="link" onClick={() => setText('not counted')}>
            {counted(uncounted, 'assumed count')}: count {uncounted === 1 ? 'it' : 'them'}
          </button>
        )}
        <span className="ml-auto flex gap-2 max-md:ml-0">
          <Menu
            trigger={
              <button type="button" className="btn">
                Files ▾
              </button>
            }
            items={[
              { label: 'Bring pieces in from a table…', onSelect: () => void navigate(`/homes/${house.home.id}/table-file`) },
              { label: 'All pieces as a table (CSV)', onSelect: () => saveFile(`/api/homes/${house.home.id}/pieces.csv`) },
              { label: 'Bring totes in from a table…', onSelect: () => setTable(true) },
              { label: 'All totes as a table (CSV)', onSelect: () => saveFile(`/api/homes/${house.home.id}/totes.csv`) },
              { label: 'The whole home (JSON)', onSelect: () => saveFile(`/api/homes/${house.home.id}/document`) },
              { label: 'Labels for all totes (PDF)', onSelect: () => saveFile(`/api/homes/${house.home.id}/labels`) },
            ]}
          />
          <button type="button" className="btn" onClick={() => setTote({})}>
            New tote
          </button>
          <button type="button" className="btn" onClick={() => setEdited({})}>
            New piece
          </button>
          <Link className="btn btn-main" to={`/homes/${house.home.id}/intake`}>
            Unpack a box
          </Link>
        </span>
      </div>
      {by !== 'list' && <ToteShelf />}
      {pieces.length === 0 && (
        <EmptyLedge>
          <p>Nothing counted yet. Open one box and write a line for each piece; where it lies can be said in the line.</p>
          <Link className="btn btn-main mt-3" to={`/homes/${house.home.id}/intake`}>
            Unpack a box
          </Link>
        </EmptyLedge>
      )}
      <div className="min-h-0 flex-1">
        {by === 'list' ? (
          <PieceList pieces={shown} onOpen={(one) => setEdited({ piece: one })} />
        ) : (
          <Shelves
            label="All pieces"
            groups={groups}
            active={active}
            selected={NONE}
            onActivate={(id) => set({ piece: id })}
            onToggle={(id) => set({ piece: id })}
            hasTags={false}
            describe={(id) =>
              describe(
                pieces.find((one) => one.id === id),
                place,
              )
            }
          />
        )}
      </div>
      {piece && by !== 'list' && (
        <PieceStrip piece={piece} onEdit={() => setEdited({ piece })} onCopy={() => setEdited({ copy: piece })} onOpen={(id) => set({ piece: id })} />
      )}
      {edited && (
        <PieceDialog
          key={edited.piece?.id ?? 'new'}
          piece={edited.piece}
          copy={edited.copy}
          onClose={() => setEdited(null)}
          onSaved={(id) => set({ piece: id })}
        />
      )}
      {isTable && <ToteTable onClose={() => setTable(false)} />}
      {tote && <ToteDialog tote={house.totes.find((one) => one.id === tote.id)} onClose={() => setTote(null)} />}
    </div>
  );
}

const describe = (piece: Piece | undefined, place: (key: string) => string): string =>
  piece ? `${labelOf(piece)}, ${piece.places.map((at) => place(at.place)).join(' and ')}` : '';
