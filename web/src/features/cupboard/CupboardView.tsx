import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useHouse, usePlaces } from '../../api/home';
import type { Piece } from '../../api/types';
import { counted } from '../../lib/text';
import { labelOf } from '../../shelves/layout';
import { Shelves } from '../../shelves/Shelves';
import { EmptyLedge } from '../../ui/States';
import { cupboardGroups } from './cupboardGroups';
import { PieceDialog } from './PieceDialog';
import { PieceList } from './PieceList';
import { PieceStrip } from './PieceStrip';
import { ToteDialog } from './ToteDialog';

const NONE: ReadonlySet<string> = new Set();

/** All that is owned: as silhouettes at true scale by tote, room or kind, or as a plain list. */
export function CupboardView({ pieces }: { pieces: readonly Piece[] }) {
  const house = useHouse();
  const place = usePlaces();
  const [params, setParams] = useSearchParams();
  const by = (['tote', 'room', 'kind', 'list'] as const).find((one) => one === params.get('by')) ?? 'tote';
  const active = params.get('piece');
  const [text, setText] = useState('');
  const [edited, setEdited] = useState<{ piece?: Piece | undefined; copy?: Piece | undefined } | null>(null);
  const [tote, setTote] = useState<{ id?: string } | null>(null);
  const set = (change: Record<string, string>) => setParams((now) => ({ ...Object.fromEntries(now), ...change }), { replace: true });
  const shown = useMemo(() => {
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    return pieces.filter((piece) =>
      words.every((word) =>
        `${piece.name} ${piece.kind} ${piece.materials.join(' ')} ${piece.seasons.join(' ')} ${piece.places.map((at) => place(at.place)).join(' ')}`
          .toLowerCase()
          .includes(word),
      ),
    );
  }, [pieces, text, place]);
  const groups = useMemo(() => (by === 'list' ? [] : cupboardGroups(shown, house, by)), [shown, house, by]);
  const piece = pieces.find((one) => one.id === active);

  return (
    <div className="flex h-[calc(100vh-96px)] flex-col max-md:h-[calc(100vh-116px)]">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 px-[22px] py-2 max-md:px-2">
        <h2 className="panel-title">Cupboard</h2>
        <input
          aria-label="Find in the cupboard"
          placeholder="name, kind, material, place"
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
        <span className="ml-auto flex gap-2 max-md:ml-0">
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
      {by !== 'list' && <ToteShelf pieces={pieces} onOpen={(id) => setTote({ id })} />}
      {pieces.length === 0 && (
        <EmptyLedge>
          {house.totes.length === 0
            ? 'No totes yet. Count one cupboard to start: a tote with its code, then what is in it.'
            : 'Nothing counted yet. Open one tote and enter what is in it.'}
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
      {piece && by !== 'list' && <PieceStrip piece={piece} onEdit={() => setEdited({ piece })} onCopy={() => setEdited({ copy: piece })} />}
      {edited && (
        <PieceDialog
          key={edited.piece?.id ?? 'new'}
          piece={edited.piece}
          copy={edited.copy}
          onClose={() => setEdited(null)}
          onSaved={(id) => set({ piece: id })}
        />
      )}
      {tote && <ToteDialog tote={house.totes.find((one) => one.id === tote.id)} onClose={() => setTote(null)} />}
    </div>
  );
}

const describe = (piece: Piece | undefined, place: (key: string) => string): string =>
  piece ? `${labelOf(piece)}, ${piece.places.map((at) => place(at.place)).join(' and ')}` : '';

/** The totes with how full they are by the boxes round their pieces. */
function ToteShelf({ pieces, onOpen }: { pieces: readonly Piece[]; onOpen: (id: string) => void }) {
  const house = useHouse();
  const litres = (one: { width: number; depth: number; height: number }) => (one.width * one.depth * one.height) / 1e9;
  return (
    <div className="flex flex-none gap-2 overflow-x-auto px-[22px] pb-2 max-md:px-2">
      {house.totes.map((tote) => {
        const used = pieces.reduce(
          (sum, piece) =>
            sum + litres(piece) * piece.places.filter((at) => at.place === `tote:${tote.id}`).reduce((units, at) => units + at.count, 0),
          0,
        );
        const share = litres(tote) === 0 ? 0 : used / litres(tote);
        return (
          <button
            key={tote.id}
            type="button"
            onClick={() => onOpen(tote.id)}
            className="tagcard flex-none px-2 py-1 text-left hover:bg-yolk-soft"
            title={`${used.toFixed(0)} of ${litres(tote).toFixed(0)} litres by the boxes round the pieces`}
          >
            <b>{tote.code}</b> <span className="note">{tote.place}</span>
            <span className="mt-0.5 block h-1.5 w-24 border border-line-2">
              <span className={`block h-full ${share > 1 ? 'hatch bg-yolk' : 'bg-door'}`} style={{ width: `${Math.min(100, share * 100)}%` }} />
            </span>
            <span className="text-[12px]/[14px]">{Math.round(share * 100)} % full</span>
          </button>
        );
      })}
    </div>
  );
}
