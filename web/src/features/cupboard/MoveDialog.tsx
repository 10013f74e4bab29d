import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, usePlaces } from '../../api/home';
import type { Piece } from '../../api/types';
import { PlaceSelect } from '../../places/PlaceSelect';
import { Dialog } from '../../ui/Dialog';
import { Field, FormErrors } from '../../ui/Field';

/** Moves units by hand: found, lent, put in another tote. */
export function MoveDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const house = useHouse();
  const name = usePlaces();
  const [from, setFrom] = useState(piece.places[0]?.place ?? 'loose');
  const [to, setTo] = useState('loose');
  const [count, setCount] = useState(piece.places[0]?.count ?? 1);
  const [lent, setLent] = useState({ lentTo: '', lentUntil: '' });
  const move = (body: { count: number; from: string; to: string; lentTo: string; lentUntil: string }) =>
    take(api.POST('/api/homes/{home}/pieces/{piece}/moves', { params: { path: { home: house.home.id, piece: piece.id } }, body }));
  const send = useMutation({
    mutationFn: () => move({ count, from, to, ...lent }),
    onSuccess: onClose,
  });
  return (
    <Dialog title={`Move ${piece.name}`} isOpen onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          send.mutate();
        }}
      >
        <FormErrors error={send.error}>
          <Field label="How many" name="count">
            {(control) => <input {...control} type="number" min={1} value={count} onChange={(event) => setCount(Number(event.target.value))} />}
          </Field>
          <Field label="From" name="from">
            {(control) => (
              <select {...control} value={from} onChange={(event) => setFrom(event.target.value)}>
                {piece.places.map((at) => (
                  <option key={at.place} value={at.place}>
                    {name(at.place)} ({at.count})
                  </option>
                ))}
              </select>
            )}
          </Field>
          <Field label="To" name="to">
            {(control) => <PlaceSelect id={control.id} value={to} onChange={setTo} isEverywhere />}
          </Field>
          {to === 'lent' && (
            <div className="grid grid-cols-2 gap-3">
              <Field label="To whom" name="lentTo">
                {(control) => <input {...control} value={lent.lentTo} onChange={(event) => setLent({ ...lent, lentTo: event.target.value })} />}
              </Field>
              <Field label="Back by" name="lentUntil">
                {(control) => (
                  <input {...control} type="date" value={lent.lentUntil} onChange={(event) => setLent({ ...lent, lentUntil: event.target.value })} />
                )}
              </Field>
            </div>
          )}
          <button type="submit" className="btn btn-main justify-self-start" disabled={send.isPending}>
            Move
          </button>
        </FormErrors>
      </form>
    </Dialog>
  );
}
