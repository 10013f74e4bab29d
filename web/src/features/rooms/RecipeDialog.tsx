import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Recipe, Spot } from '../../api/types';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';
import { ROLE } from './RecipeLine';

type Props = { spot: Spot; recipe: Recipe; onClose: () => void };

/** How many of each every spot of a kind is to have in this home. */
export function RecipeDialog({ spot, recipe, onClose }: Props) {
  const { home } = useHouse();
  const [parts, setParts] = useState(recipe.parts.map(({ role, wanted }) => ({ role, count: wanted })));
  const save = (wanted: typeof parts) =>
    take(api.PUT('/api/homes/{home}/recipes/{kind}', { params: { path: { home: home.id, kind: spot.kind } }, body: { parts: wanted } }));
  return (
    <FormDialog
      title={`What a ${spot.kind} has in ${home.name}`}
      onClose={onClose}
      save={() => save(parts)}
      remove={recipe.isOwn ? () => save([]) : undefined}
      removeLabel="The usual again"
      saveLabel="Keep it"
    >
      <p className="note">It holds for every {spot.kind} of this home. What belongs there goes by what is still lacking; 0 is not asked for.</p>
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        {parts.map((part, i) => (
          <Field key={part.role} label={ROLE[part.role]} name={`parts[${i}].count`}>
            {(control) => (
              <input
                {...control}
                type="number"
                min={0}
                max={99}
                value={part.count}
                onChange={(event) => setParts(parts.map((one, j) => (j === i ? { ...one, count: Number(event.target.value) } : one)))}
              />
            )}
          </Field>
        ))}
      </div>
    </FormDialog>
  );
}
