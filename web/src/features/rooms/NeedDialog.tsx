import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse, useRefresh, useSwap } from '../../api/home';
import type { NeedInput, Spot } from '../../api/types';
import { PIECE_KINDS, TEXTURES } from '../../api/words';
import { Dialog } from '../../ui/Dialog';
import { Field, FormErrors } from '../../ui/Field';

/** Writes down what a spot still wants; the haul then answers from the home first. */
export function NeedDialog({ spot, onClose }: { spot: Spot; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const refresh = useRefresh();
  const navigate = useNavigate();
  const swap = current?.swap.id ?? '';
  const [draft, setDraft] = useState<NeedInput>({
    spot: spot.id,
    text: '',
    kind: null,
    leastHeight: '',
    mostHeight: '',
    mostWidth: '',
    colour: '',
    texture: null,
    count: 1,
  });
  const set = (part: Partial<NeedInput>) => setDraft({ ...draft, ...part });
  const write = useMutation({
    mutationFn: () => take(api.POST('/api/homes/{home}/swaps/{swap}/needs', { params: { path: { home: house.home.id, swap } }, body: draft })),
    onSuccess: async () => {
      await refresh('dressing', 'haul', 'stations', 'rooms');
      onClose();
      await navigate(`/homes/${house.home.id}/swaps/${swap}/haul`);
    },
  });
  return (
    <Dialog title={`Missing on the ${spot.name.toLowerCase()}`} isOpen onClose={onClose}>
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          write.mutate();
        }}
      >
        <FormErrors error={write.error}>
          <Field label="What is missing" name="text" className="col-span-2">
            {(control) => (
              <input
                {...control}
                value={draft.text}
                placeholder="Something warm right of centre"
                onChange={(event) => set({ text: event.target.value })}
              />
            )}
          </Field>
          <Field label="Kind" name="kind">
            {(control) => (
              <select
                {...control}
                value={draft.kind ?? ''}
                onChange={(event) => set({ kind: PIECE_KINDS.find((kind) => kind === event.target.value) ?? null })}
              >
                <option value="">anything</option>
                {PIECE_KINDS.map((kind) => (
                  <option key={kind}>{kind}</option>
                ))}
              </select>
            )}
          </Field>
          <Field label="How many" name="count">
            {(control) => (
              <input
                {...control}
                type="number"
                min={1}
                max={99}
                value={draft.count}
                onChange={(event) => set({ count: Number(event.target.value) })}
              />
            )}
          </Field>
          <Field label="At least this tall" name="leastHeight">
            {(control) => (
              <input
                {...control}
                value={draft.leastHeight}
                placeholder={house.home.unit === 'in' ? '9 in' : '22 cm'}
                onChange={(event) => set({ leastHeight: event.target.value })}
              />
            )}
          </Field>
          <Field label="At most this tall" name="mostHeight">
            {(control) => <input {...control} value={draft.mostHeight} onChange={(event) => set({ mostHeight: event.target.value })} />}
          </Field>
          <Field label="At most this wide" name="mostWidth">
            {(control) => <input {...control} value={draft.mostWidth} onChange={(event) => set({ mostWidth: event.target.value })} />}
          </Field>
          <Field label="Colour" name="colour">
            {(control) => (
              <select {...control} value={draft.colour} onChange={(event) => set({ colour: event.target.value })}>
                <option value="">any</option>
                {current?.look.ribbons.map((ribbon) => (
                  <option key={ribbon.hex} value={ribbon.hex}>
                    {ribbon.name}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <Field label="Texture" name="texture">
            {(control) => (
              <select
                {...control}
                value={draft.texture ?? ''}
                onChange={(event) => set({ texture: TEXTURES.find((texture) => texture === event.target.value) ?? null })}
              >
                <option value="">any</option>
                {TEXTURES.map((texture) => (
                  <option key={texture}>{texture}</option>
                ))}
              </select>
            )}
          </Field>
          <button type="submit" className="btn btn-main col-span-2 justify-self-start" disabled={write.isPending}>
            Write it down and look in the home first
          </button>
        </FormErrors>
      </form>
    </Dialog>
  );
}
