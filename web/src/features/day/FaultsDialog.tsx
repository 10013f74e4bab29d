import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Fault, Piece, Task } from '../../api/types';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

const FAULTS: readonly Fault[] = ['broken', 'worn', 'dead bulbs', 'a part missing'];

type Props = { task: Task; pieces: ReadonlyMap<string, Piece>; onClose: () => void };
type Said = { fault: Fault | ''; count: string };

/** What is new about the pieces of a task; of the others nothing is asked. */
export function FaultsDialog({ task, pieces, onClose }: Props) {
  const home = useHouse().home.id;
  const units = new Map<string, number>();
  for (const move of task.moves) units.set(move.piece, (units.get(move.piece) ?? 0) + move.count);
  const [said, setSaid] = useState<ReadonlyMap<string, Said>>(new Map());
  const faults = [...said].flatMap(([piece, one]) => (one.fault === '' ? [] : [{ piece, fault: one.fault, count: Number(one.count) || 0 }]));
  return (
    <FormDialog
      title={`What is wrong: ${task.title}`}
      onClose={onClose}
      save={() => take(api.POST('/api/homes/{home}/tasks/{task}/faults', { params: { path: { home, task: task.id } }, body: { faults } }))}
      saveLabel="Note it"
      canSave={faults.length > 0}
    >
      <p className="note">
        What is broken leaves the home and is not packed any more. Bulbs, missing parts and replacements are offered at the Haul when the season comes
        round.
      </p>
      {[...units].map(([piece, most]) => {
        const one = said.get(piece) ?? { fault: '', count: '1' };
        const name = pieces.get(piece)?.name ?? 'a piece';
        const at = faults.findIndex((fault) => fault.piece === piece);
        const set = (change: Partial<Said>) => setSaid(new Map(said).set(piece, { ...one, ...change }));
        return (
          <div key={piece} className="grid grid-cols-[1fr_88px] items-end gap-3">
            <Field label={most > 1 ? `${name}, ${most} of them` : name} name={`faults[${at}].piece`}>
              {(control) => (
                <select {...control} value={one.fault} onChange={(event) => set({ fault: FAULTS.find((word) => word === event.target.value) ?? '' })}>
                  <option value="">as it should be</option>
                  {FAULTS.map((word) => (
                    <option key={word}>{word}</option>
                  ))}
                </select>
              )}
            </Field>
            {most > 1 && one.fault !== '' && (
              <Field label="How many" name={`faults[${at}].count`}>
                {(control) => <input {...control} inputMode="numeric" value={one.count} onChange={(event) => set({ count: event.target.value })} />}
              </Field>
            )}
          </div>
        );
      })}
    </FormDialog>
  );
}
