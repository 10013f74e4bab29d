import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, useWriting } from '../../api/home';
import { piecesQuery } from '../../api/queries';
import type { Piece, TogetherInput } from '../../api/types';
import { PIECE_KINDS } from '../../api/words';
import { PlaceSelect } from '../../places/PlaceSelect';
import { Dialog } from '../../ui/Dialog';
import { Field, FormErrors } from '../../ui/Field';
import { PartsLedge } from './PartsLedge';

type Props = { pieces: readonly Piece[]; onClose: () => void; onMade: (id: string) => void };

/** Puts owned pieces together into an arrangement; they stay owned, as its parts, and come out again when it is taken apart. */
export function TogetherDialog({ pieces, onClose, onMade }: Props) {
  const house = useHouse();
  const write = useWriting();
  const home = house.home.id;
  const stock = useQuery(piecesQuery(home)).data ?? [];
  const [parts, setParts] = useState(() => pieces.map((piece) => ({ piece: piece.id, units: 1 })));
  const [said, setSaid] = useState({ name: '', kind: 'arrangement' as Piece['kind'], width: '', depth: '', height: '', place: 'loose' });
  const path = { params: { path: { home } } };
  const input: TogetherInput = { ...said, parts, keep: false };
  const units = parts.reduce((sum, part) => sum + part.units, 0);
  const proposal = useQuery({
    queryKey: ['together', parts, said.width, said.depth, said.height],
    queryFn: ({ signal }) =>
      take(api.POST('/api/homes/{home}/arrangements', { ...path, body: { ...input, name: 'as proposed', place: 'loose' }, signal })),
    enabled: units > 1,
    placeholderData: keepPreviousData,
    retry: false,
  });
  const put = useMutation({
    mutationFn: () => take(api.POST('/api/homes/{home}/arrangements', { ...path, body: { ...input, keep: true } })),
    onSuccess: ({ piece }) => {
      onClose();
      if (piece) onMade(piece.id);
    },
  });
  const chosen = parts.flatMap((part) => {
    const piece = stock.find((one) => one.id === part.piece);
    return piece ? [{ piece, units: part.units }] : [];
  });
  const result =
    units > 1 && proposal.data
      ? {
          ...proposal.data,
          id: 'as-one',
          name: said.name || 'together',
          kind: said.kind,
          shape: chosen.find(({ piece }) => piece.kind === 'bunch')?.piece.shape ?? '',
          pattern: '',
          parts: chosen.map(({ piece, units }) => ({ ...piece, hex: piece.colours[0]?.hex ?? '#CCCCC4', count: units })),
        }
      : null;
  return (
    <Dialog title="Put together" isOpen onClose={onClose} isWide>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          put.mutate();
        }}
      >
        <PartsLedge
          parts={chosen}
          result={result}
          onUnits={(id, count) => setParts(parts.map((part) => (part.piece === id ? { ...part, units: count } : part)))}
          onRemove={(id) => setParts(parts.filter((part) => part.piece !== id))}
        />
        <AddPart stock={stock} taken={parts.map((part) => part.piece)} onAdd={(id) => setParts([...parts, { piece: id, units: 1 }])} />
        <p aria-live="polite" className="min-h-[42px]">
          {units < 2 && 'Add what else goes into it: an arrangement is two things or more.'}
          {units > 1 && proposal.isError && <b>{proposal.error.message}</b>}
          {units > 1 && proposal.isSuccess && (
            <>
              Together {proposal.data.weight > 0 ? `${write.weight(proposal.data.weight)}, ` : ''}
              {proposal.data.costEach > 0 ? `${write.money(proposal.data.costEach)} of things, ` : ''}
              {proposal.data.seasons.length === 0 ? 'for all year' : `for ${proposal.data.seasons.join(' and ')}`}
              {proposal.data.hazards.length > 0 && <>; {proposal.data.hazards.join(', ')}</>}. Taken from{' '}
              {proposal.data.sources.map((source) => `${source.from} (${source.units} ${source.name})`).join(', ')}.
            </>
          )}
        </p>
        <FormErrors error={put.error}>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            <Field label="What it is called" name="name" className="col-span-2">
              {(control) => (
                <input {...control} value={said.name} placeholder="Winter urn" onChange={(event) => setSaid({ ...said, name: event.target.value })} />
              )}
            </Field>
            <Field label="Kind" name="kind">
              {(control) => (
                <select
                  {...control}
                  value={said.kind}
                  onChange={(event) => setSaid({ ...said, kind: PIECE_KINDS.find((kind) => kind === event.target.value) ?? 'arrangement' })}
                >
                  {PIECE_KINDS.map((kind) => (
                    <option key={kind}>{kind}</option>
                  ))}
                </select>
              )}
            </Field>
            <Field label="It stands" name="place">
              {(control) => <PlaceSelect id={control.id} value={said.place} onChange={(place) => setSaid({ ...said, place })} />}
            </Field>
            {(['width', 'depth', 'height'] as const).map((side) => (
              <Field key={side} label={`${side.charAt(0).toUpperCase()}${side.slice(1)} as made`} name={side}>
                {(control) => (
                  <input
                    {...control}
                    value={said[side]}
                    placeholder={proposal.data ? write.length(proposal.data[side]) : ''}
                    onChange={(event) => setSaid({ ...said, [side]: event.target.value })}
                  />
                )}
              </Field>
            ))}
          </div>
          <p className="note">Left empty, it measures what its parts do side by side, stems and ribbons in and on them.</p>
          <button type="submit" className="btn btn-main justify-self-start" disabled={put.isPending || units < 2}>
            Put it together
          </button>
        </FormErrors>
      </form>
    </Dialog>
  );
}

const OFFERED = 6;

function AddPart({ stock, taken, onAdd }: { stock: readonly Piece[]; taken: readonly string[]; onAdd: (id: string) => void }) {
  const [text, setText] = useState('');
  const offered = useMemo(() => {
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    if (words.length === 0) return [];
    return stock
      .filter((piece) => !taken.includes(piece.id) && words.every((word) => `${piece.name} ${piece.kind}`.toLowerCase().includes(word)))
      .slice(0, OFFERED);
  }, [text, stock, taken]);
  const add = (id: string) => {
    onAdd(id);
    setText('');
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      <input
        aria-label="Add a part"
        placeholder="add a part: stems, bow, urn…"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          const first = offered[0];
          if (event.key === 'Enter' && text !== '') {
            event.preventDefault();
            if (first) add(first.id);
          }
        }}
      />
      {offered.map((piece) => (
        <button key={piece.id} type="button" className="btn" onClick={() => add(piece.id)}>
          + {piece.name}
        </button>
      ))}
      {text !== '' && offered.length === 0 && <span className="note">Nothing owned is called that.</span>}
    </div>
  );
}
