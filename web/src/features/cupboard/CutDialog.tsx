import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, usePlaces, useWriting } from '../../api/home';
import type { Piece } from '../../api/types';
import { Dialog } from '../../ui/Dialog';
import { Field, FormErrors } from '../../ui/Field';

/** Cuts one unit in two; the offcut is kept as stock. */
export function CutDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const house = useHouse();
  const write = useWriting();
  const name = usePlaces();
  const [length, setLength] = useState('');
  const [place, setPlace] = useState(piece.places[0]?.place ?? 'loose');
  const [isUsedUp, setUsedUp] = useState(false);
  const cut = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/homes/{home}/pieces/{piece}/cut', {
          params: { path: { home: house.home.id, piece: piece.id } },
          body: { length, place, isUsedUp },
        }),
      ),
    onSuccess: onClose,
  });
  return (
    <Dialog title={`Cut a length of ${piece.name}`} isOpen onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          cut.mutate();
        }}
      >
        <p>
          One is {write.run(piece.laidOut ?? piece.width)} long{piece.laidOut !== null && ' when it is unrolled'}. What is left stays in stock.
        </p>
        <FormErrors error={cut.error}>
          <Field label="How long is the part you need" name="length">
            {(control) => (
              <input
                {...control}
                value={length}
                placeholder={house.home.unit === 'in' ? '3 ft' : '90 cm'}
                onChange={(event) => setLength(event.target.value)}
              />
            )}
          </Field>
          <Field label="The one that is" name="place">
            {(control) => (
              <select {...control} value={place} onChange={(event) => setPlace(event.target.value)}>
                {piece.places.map((at) => (
                  <option key={at.place} value={at.place}>
                    {name(at.place)}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <label className="flex items-center gap-2">
            <input type="checkbox" checked={isUsedUp} onChange={(event) => setUsedUp(event.target.checked)} />
            What I cut off is used up (tied on, wired in); only the rest is kept
          </label>
          <button type="submit" className="btn btn-main justify-self-start" disabled={cut.isPending}>
            Cut it
          </button>
        </FormErrors>
      </form>
    </Dialog>
  );
}
