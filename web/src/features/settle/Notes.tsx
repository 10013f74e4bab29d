import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Settle, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { Field, FormErrors } from '../../ui/Field';

/** What worked and what did not, spot by spot; it comes back when the spot is dressed next year. */
export function Notes({ notes, swap }: { notes: Settle['notes']; swap: Swap }) {
  const house = useHouse();
  const notices = useNotices();
  const home = house.home.id;
  const [spot, setSpot] = useState('');
  const [text, setText] = useState('');
  const write = useMutation({
    mutationFn: () =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/notes', { params: { path: { home, swap: swap.id } }, body: { spot: spot || null, text } })),
    onSuccess: () => setText(''),
  });
  const remove = useMutation({
    mutationFn: (note: string) => take(api.DELETE('/api/homes/{home}/notes/{note}', { params: { path: { home, note } } })),
    onError: (error) => notices.problem(error),
  });
  return (
    <section aria-label="Notes for next year">
      <h2 className="text-[19px]/[24px]">Notes for next year</h2>
      <form
        className="mt-2 grid gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          write.mutate();
        }}
      >
        <FormErrors error={write.error}>
          <Field label="About" name="spot">
            {(control) => (
              <select {...control} value={spot} onChange={(event) => setSpot(event.target.value)}>
                <option value="">the whole swap</option>
                {house.spots.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <Field label="What worked, what did not" name="text">
            {(control) => <textarea {...control} rows={3} value={text} onChange={(event) => setText(event.target.value)} />}
          </Field>
          <button type="submit" className="btn justify-self-start" disabled={write.isPending}>
            Keep the note
          </button>
        </FormErrors>
      </form>
      <ul className="rows mt-3">
        {notes.map((note) => (
          <li key={note.id} className="flex justify-between gap-3 py-2">
            <span className="min-w-0 break-words" dir="auto">
              <b>{house.spots.find((one) => one.id === note.spot)?.name ?? 'The whole swap'}</b>
              <br />
              {note.text}
              <span className="note block">{note.by}</span>
            </span>
            <button type="button" className="size-6 flex-none" aria-label="Take this note away" onClick={() => remove.mutate(note.id)}>
              ✕
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
