import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse, useSwap } from '../../api/home';
import type { NeedInput, Spot } from '../../api/types';
import { PIECE_KINDS, TEXTURES } from '../../api/words';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

/** Writes down what a spot still wants; the haul then answers from the home first. */
export function NeedDialog({ spot, onClose }: { spot: Spot; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
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
  return (
    <FormDialog
      title={`Missing on the ${spot.name.toLowerCase()}`}
      onClose={onClose}
      save={() => take(api.POST('/api/homes/{home}/swaps/{swap}/needs', { params: { path: { home: house.home.id, swap } }, body: draft }))}
      onSaved={() => navigate(`/homes/${house.home.id}/swaps/${swap}/haul`)}
      saveLabel="Write it down"
    >
      <div className="grid grid-cols-2 gap-3">
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
            <input {...control} type="number" min={1} max={99} value={draft.count} onChange={(event) => set({ count: Number(event.target.value) })} />
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
      </div>
    </FormDialog>
  );
}
