import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, useRefresh } from '../../api/home';
import type { Tote, ToteInput } from '../../api/types';
import { CONDITIONS } from '../../api/words';
import { fieldLength, fieldWeight } from '../../lib/measure';
import { useNotices } from '../../lib/notices';
import { Dialog } from '../../ui/Dialog';
import { Choices, Field, FormErrors } from '../../ui/Field';

const FIELDS = [
  ['code', 'Code', 'A1'],
  ['place', 'Where it is kept', 'attic'],
  ['width', 'Inside width', ''],
  ['depth', 'Inside depth', ''],
  ['height', 'Inside height', ''],
  ['mostWeight', 'It may weigh, at most', ''],
] as const;

/** A tote: its code, its place, its inside. */
export function ToteDialog({ tote, onClose }: { tote?: Tote | undefined; onClose: () => void }) {
  const { home } = useHouse();
  const refresh = useRefresh();
  const notices = useNotices();
  const inside = (tenths: number | undefined) => (tenths === undefined ? '' : fieldLength(tenths, home.unit));
  const [draft, setDraft] = useState<ToteInput>({
    code: tote?.code ?? '',
    place: tote?.place ?? '',
    width: inside(tote?.width),
    depth: inside(tote?.depth),
    height: inside(tote?.height),
    conditions: tote?.conditions ?? [],
    mostWeight: tote?.mostWeight ? fieldWeight(tote.mostWeight, home.unit) : '',
  });
  const save = useMutation({
    mutationFn: () =>
      tote
        ? take(
            api.PUT('/api/homes/{home}/totes/{tote}', {
              params: { path: { home: home.id, tote: tote.id } },
              body: { ...draft, version: tote.version },
            }),
          )
        : take(api.POST('/api/homes/{home}/totes', { params: { path: { home: home.id } }, body: draft })),
    onSuccess: async () => {
      await refresh();
      onClose();
    },
  });
  const remove = useMutation({
    mutationFn: (one: Tote) => take(api.DELETE('/api/homes/{home}/totes/{tote}', { params: { path: { home: home.id, tote: one.id } } })),
    onSuccess: async (_nothing, one) => {
      notices.done(`Tote ${one.code} taken away`, async () => {
        await take(api.POST('/api/homes/{home}/totes/{tote}/restore', { params: { path: { home: home.id, tote: one.id } } }));
        await refresh();
      });
      await refresh();
      onClose();
    },
  });
  return (
    <Dialog title={tote ? `Tote ${tote.code}` : 'New tote'} isOpen onClose={onClose}>
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <FormErrors error={save.error ?? remove.error}>
          {FIELDS.map(([name, label, example]) => (
            <Field key={name} label={label} name={name}>
              {(control) => (
                <input
                  {...control}
                  value={draft[name]}
                  placeholder={example || (home.unit === 'in' ? '24 in' : '60 cm')}
                  onChange={(event) => setDraft({ ...draft, [name]: event.target.value })}
                />
              )}
            </Field>
          ))}
          <div className="col-span-2">
            <Choices
              label="What the place does to what lies there"
              words={CONDITIONS}
              chosen={draft.conditions}
              onChange={(conditions) => setDraft({ ...draft, conditions })}
            />
          </div>
          <div className="col-span-2 flex gap-2">
            <button type="submit" className="btn btn-main" disabled={save.isPending}>
              {tote ? 'Save' : 'Put it up'}
            </button>
            {tote && (
              <button type="button" className="btn" onClick={() => remove.mutate(tote)}>
                Delete
              </button>
            )}
          </div>
        </FormErrors>
      </form>
    </Dialog>
  );
}
