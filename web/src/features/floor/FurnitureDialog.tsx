import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Furniture, FurnitureInput, Room } from '../../api/types';
import { FURNITURE_KINDS } from '../../api/words';
import { fieldLength, writeLength } from '../../lib/measure';
import { capital } from '../../lib/text';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

/** A piece of furniture: what it is and how large, seen from its front. */
export function FurnitureDialog({ room, furniture, onClose }: { room: Room; furniture?: Furniture; onClose: () => void }) {
  const { home } = useHouse();
  const [draft, setDraft] = useState<FurnitureInput>({
    name: furniture?.name ?? '',
    kind: furniture?.kind ?? 'sofa',
    width: furniture ? fieldLength(furniture.width, home.unit) : '',
    depth: furniture ? fieldLength(furniture.depth, home.unit) : '',
    version: furniture?.version ?? null,
  });
  const set = (change: Partial<FurnitureInput>) => setDraft({ ...draft, ...change });
  const path = { home: home.id, furniture: furniture?.id ?? '' };
  const remove = furniture && (() => take(api.DELETE('/api/homes/{home}/furniture/{furniture}', { params: { path } })));
  return (
    <FormDialog<Furniture, unknown>
      title={furniture ? furniture.name : `Into ${room.name}`}
      onClose={onClose}
      save={(version) => {
        const body = { ...draft, name: draft.name.trim() || capital(draft.kind) };
        return furniture
          ? take(api.PUT('/api/homes/{home}/furniture/{furniture}', { params: { path }, body: { ...body, version } }))
          : take(api.POST('/api/homes/{home}/rooms/{room}/furniture', { params: { path: { home: home.id, room: room.id } }, body }));
      }}
      saveLabel={furniture ? 'Save' : 'Bring it in'}
      version={furniture?.version}
      inWords={{
        theirs: (kept) => `${kept.name}, ${writeLength(kept.width, home.unit)} by ${writeLength(kept.depth, home.unit)}`,
        mine: `${draft.name}, ${draft.width} by ${draft.depth}`,
      }}
      remove={remove}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label="What it is" name="kind">
          {(control) => (
            <select
              {...control}
              value={draft.kind}
              onChange={(event) => set({ kind: FURNITURE_KINDS.find((word) => word === event.target.value) ?? 'other' })}
            >
              {FURNITURE_KINDS.map((word) => (
                <option key={word}>{word}</option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Called" name="name" hint="Empty: by what it is">
          {(control) => <input {...control} value={draft.name} onChange={(event) => set({ name: event.target.value })} />}
        </Field>
        <Field label="Width" name="width" hint="Empty: as wide as such a thing usually is">
          {(control) => <input {...control} value={draft.width} onChange={(event) => set({ width: event.target.value })} />}
        </Field>
        <Field label="Depth" name="depth" hint="From its front to its back">
          {(control) => <input {...control} value={draft.depth} onChange={(event) => set({ depth: event.target.value })} />}
        </Field>
      </div>
    </FormDialog>
  );
}
