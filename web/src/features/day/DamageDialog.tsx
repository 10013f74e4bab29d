import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Damage, Piece, Task } from '../../api/types';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

const DAMAGES: readonly Damage[] = ['broken', 'worn', 'dead bulbs', 'a part missing'];

type Props = { task: Task; pieces: ReadonlyMap<string, Piece>; onClose: () => void };
type Said = { damage: Damage | ''; count: string };

/** What is new about the pieces of a task; of the others nothing is asked. */
export function DamageDialog({ task, pieces, onClose }: Props) {
  const home = useHouse().home.id;
  const units = new Map<string, number>();
  for (const move of task.moves) units.set(move.piece, (units.get(move.piece) ?? 0) + move.count);
  const [said, setSaid] = useState<ReadonlyMap<string, Said>>(new Map());
  const damages = [...said].flatMap(([piece, one]) => (one.damage === '' ? [] : [{ piece, damage: one.damage, count: Number(one.count) || 0 }]));
  return (
    <FormDialog
      title={`What is wrong: ${task.title}`}
      onClose={onClose}
      save={() => take(api.POST('/api/homes/{home}/tasks/{task}/damages', { params: { path: { home, task: task.id } }, body: { damages } }))}
      saveLabel="Note it"
      canSave={damages.length > 0}
    >
      <p className="note">
        What is broken leaves the home and is not packed any more. Bulbs, missing parts and replacements are offered at the Haul when the season comes
        round.
      </p>
      {[...units].map(([piece, most]) => {
        const one = said.get(piece) ?? { damage: '', count: '1' };
        const name = pieces.get(piece)?.name ?? 'a piece';
        const at = damages.findIndex((damage) => damage.piece === piece);
        const set = (change: Partial<Said>) => setSaid(new Map(said).set(piece, { ...one, ...change }));
        return (
          <div key={piece} className="grid grid-cols-[1fr_88px] items-end gap-3">
            <Field label={most > 1 ? `${name}, ${most} of them` : name} name={`damages[${at}].piece`}>
              {(control) => (
                <select
                  {...control}
                  value={one.damage}
                  onChange={(event) => set({ damage: DAMAGES.find((word) => word === event.target.value) ?? '' })}
                >
                  <option value="">as it should be</option>
                  {DAMAGES.map((word) => (
                    <option key={word}>{word}</option>
                  ))}
                </select>
              )}
            </Field>
            {most > 1 && one.damage !== '' && (
              <Field label="How many" name={`damages[${at}].count`}>
                {(control) => <input {...control} inputMode="numeric" value={one.count} onChange={(event) => set({ count: event.target.value })} />}
              </Field>
            )}
          </div>
        );
      })}
    </FormDialog>
  );
}
