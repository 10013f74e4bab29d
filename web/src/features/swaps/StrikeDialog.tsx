import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { houseQuery } from '../../api/queries';
import type { Swap } from '../../api/types';
import { writeDay } from '../../lib/text';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

/** Takes a season or feast down again: a swap of its own that goes back to what stood before. */
export function StrikeDialog({ swap, onClose }: { swap: Swap | undefined; onClose: () => void }) {
  const house = useHouse();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [swapDay, setSwapDay] = useState(swap?.strikeOn ?? '');
  const home = house.home.id;
  if (!swap) return null;
  return (
    <FormDialog<Swap, Swap>
      title={`Strike ${swap.name}`}
      onClose={onClose}
      save={() => take(api.POST('/api/homes/{home}/strikes', { params: { path: { home } }, body: { swap: swap.id, swapDay } }))}
      onSaved={async (begun) => {
        await queries.refetchQueries({ queryKey: houseQuery(home).queryKey });
        await navigate(`/homes/${home}/swaps/${begun.id}/table`);
      }}
      saveLabel="Plan the way back"
      canSave={swapDay !== ''}
    >
      <p>
        Every spot becomes again what it was{swap.from ? ` in ${swap.from}` : ' before'}, everything else rests. Nothing is entered twice: at the
        Table you only say what is new, such as what broke or stays out.
      </p>
      <Field label="Struck on" name="swapDay" hint={`${swap.name} is dressed on ${writeDay(swap.swapDay)}`}>
        {(control) => <input {...control} type="date" value={swapDay} onChange={(event) => setSwapDay(event.target.value)} />}
      </Field>
    </FormDialog>
  );
}
