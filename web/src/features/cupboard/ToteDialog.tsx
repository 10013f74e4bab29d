import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Tote, ToteInput } from '../../api/types';
import { CONDITIONS } from '../../api/words';
import { fieldLength, fieldWeight } from '../../lib/measure';
import { Choices, Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

const FIELDS = [
  ['code', 'Code', { in: 'A1', cm: 'A1' }],
  ['place', 'Where it is kept', { in: 'attic', cm: 'attic' }],
  ['width', 'Inside width', { in: '24 in', cm: '60 cm' }],
  ['depth', 'Inside depth', { in: '16 in', cm: '40 cm' }],
  ['height', 'Inside height', { in: '14 in', cm: '35 cm' }],
  ['mostWeight', 'It may weigh, at most', { in: '40 lb', cm: '18 kg' }],
] as const;

/** A tote: its code, its place, its inside. */
export function ToteDialog({ tote, onClose }: { tote?: Tote | undefined; onClose: () => void }) {
  const { home } = useHouse();
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
  return (
    <FormDialog<Tote, Tote>
      title={tote ? `Tote ${tote.code}` : 'New tote'}
      onClose={onClose}
      save={(version) =>
        tote
          ? take(api.PUT('/api/homes/{home}/totes/{tote}', { params: { path: { home: home.id, tote: tote.id } }, body: { ...draft, version } }))
          : take(api.POST('/api/homes/{home}/totes', { params: { path: { home: home.id } }, body: draft }))
      }
      saveLabel={tote ? 'Save' : 'Put it up'}
      version={tote?.version}
      inWords={{ theirs: (kept) => `${kept.code}, ${kept.place}`, mine: `${draft.code}, ${draft.place}` }}
      remove={tote && (() => take(api.DELETE('/api/homes/{home}/totes/{tote}', { params: { path: { home: home.id, tote: tote.id } } })))}
    >
      <div className="grid grid-cols-2 gap-3">
        {FIELDS.map(([name, label, example]) => (
          <Field key={name} label={label} name={name}>
            {(control) => (
              <input
                {...control}
                value={draft[name]}
                placeholder={example[home.unit]}
                onChange={(event) => setDraft({ ...draft, [name]: event.target.value })}
              />
            )}
          </Field>
        ))}
      </div>
      <Choices
        label="What the place does to what lies there"
        words={CONDITIONS}
        chosen={draft.conditions}
        onChange={(conditions) => setDraft({ ...draft, conditions })}
      />
    </FormDialog>
  );
}
