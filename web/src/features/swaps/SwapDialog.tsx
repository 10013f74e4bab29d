import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { houseQuery } from '../../api/queries';
import type { Swap } from '../../api/types';
import { SEASONS } from '../../api/words';
import { moneyField } from '../../lib/text';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

const NAMES: Record<Swap['season'], string> = { spring: 'First Thaw', summer: 'High Summer', autumn: 'Harvest', winter: 'Midwinter' };

/** Begins a swap or changes the running one. */
export function SwapDialog({ swap, onClose }: { swap?: Swap | undefined; onClose: () => void }) {
  const house = useHouse();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const home = house.home.id;
  const [draft, setDraft] = useState({
    name: swap?.name ?? '',
    season: swap?.season ?? ('winter' as Swap['season']),
    swapDay: swap?.swapDay ?? new Date(Date.now() + 21 * 864e5).toISOString().slice(0, 10),
    dressBy: swap?.dressBy ?? '',
    strikeOn: swap?.strikeOn ?? '',
    budget: swap?.budget ? (swap.budget / 100).toFixed(2) : '',
    giftCard: moneyField(swap?.giftCard ?? 0),
    look: '',
  });
  const set = (change: Partial<typeof draft>) => setDraft({ ...draft, ...change });
  return (
    <FormDialog<Swap, Swap>
      title={swap ? `Change ${swap.name}` : 'Begin a swap'}
      onClose={onClose}
      save={(version) =>
        swap
          ? take(api.PUT('/api/homes/{home}/swaps/{swap}', { params: { path: { home, swap: swap.id } }, body: { ...draft, version } }))
          : take(api.POST('/api/homes/{home}/swaps', { params: { path: { home } }, body: { ...draft, name: draft.name || NAMES[draft.season] } }))
      }
      onSaved={async (saved) => {
        if (swap) return;
        await queries.refetchQueries({ queryKey: houseQuery(home).queryKey });
        await navigate(`/homes/${home}/swaps/${saved.id}/look`);
      }}
      saveLabel={swap ? 'Save' : 'Begin'}
      version={swap?.version}
      inWords={{ theirs: (kept) => `${kept.name}, ${kept.swapDay}`, mine: `${draft.name}, ${draft.swapDay}` }}
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label="Season" name="season">
          {(control) => (
            <select
              {...control}
              value={draft.season}
              onChange={(event) => set({ season: SEASONS.find((one) => one === event.target.value) ?? 'winter' })}
            >
              {SEASONS.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Name" name="name" hint="A season or a holiday">
          {(control) => (
            <input {...control} value={draft.name} placeholder={NAMES[draft.season]} onChange={(event) => set({ name: event.target.value })} />
          )}
        </Field>
        <Field label="To stand by" name="dressBy" hint="The feast, the guests; empty if nobody waits for it">
          {(control) => <input {...control} type="date" value={draft.dressBy} onChange={(event) => set({ dressBy: event.target.value })} />}
        </Field>
        <Field label="Swap day" name="swapDay" hint="Empty: two days before it has to stand">
          {(control) => <input {...control} type="date" value={draft.swapDay} onChange={(event) => set({ swapDay: event.target.value })} />}
        </Field>
        <Field label="Struck on" name="strikeOn" hint="When it comes down again; empty if nobody knows yet">
          {(control) => <input {...control} type="date" value={draft.strikeOn} onChange={(event) => set({ strikeOn: event.target.value })} />}
        </Field>
        <Field label={`Budget, ${house.home.currency}`} name="budget">
          {(control) => (
            <input
              {...control}
              inputMode="decimal"
              value={draft.budget}
              placeholder="none set"
              onChange={(event) => set({ budget: event.target.value })}
            />
          )}
        </Field>
        <Field label={`Gift card, ${house.home.currency}`} name="giftCard">
          {(control) => (
            <input
              {...control}
              inputMode="decimal"
              value={draft.giftCard}
              placeholder="none"
              onChange={(event) => set({ giftCard: event.target.value })}
            />
          )}
        </Field>
        {!swap && (
          <Field label="Look" name="look" hint="The swap gets its own copy; it can be chosen later">
            {(control) => (
              <select {...control} value={draft.look} onChange={(event) => set({ look: event.target.value })}>
                <option value="">none yet</option>
                {house.looks.map((look) => (
                  <option key={look.id} value={look.id}>
                    Like {look.name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        )}
      </div>
    </FormDialog>
  );
}
