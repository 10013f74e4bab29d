import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { KeptSum, Spot, Sum, SumInput, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { Field, FormErrors } from '../../ui/Field';

type Props = {
  sum: Sum;
  kept: KeptSum | undefined;
  values: SumInput['values'];
  spot: Spot | undefined;
  swap: Swap | undefined;
  isOff: boolean;
};

/** Keeps the sum by a name: for this swap, its day and next year. */
export function KeepBar({ sum, kept, values, spot, swap, isOff }: Props) {
  const { home } = useHouse();
  const navigate = useNavigate();
  const notices = useNotices();
  const [name, setName] = useState(kept?.name ?? (spot ? `${sum.name}, ${spot.name}` : sum.name));
  // One that was kept for an earlier swap is kept anew: what it came to then stays.
  const isSame = kept?.isOpen && kept.swap === (swap?.id ?? null);
  const body = { name, sum: sum.sum, values, swap: swap?.id ?? null, spot: spot?.id ?? null };
  const keep = useMutation({
    mutationFn: () =>
      isSame
        ? take(
            api.PUT('/api/homes/{home}/kept-sums/{kept}', {
              params: { path: { home: home.id, kept: kept.id } },
              body: { ...body, version: kept.version },
            }),
          )
        : take(api.POST('/api/homes/{home}/kept-sums', { params: { path: { home: home.id } }, body })),
    onSuccess: (one) =>
      navigate(`/homes/${home.id}/workbench/${one.sum}?${new URLSearchParams({ kept: one.id, ...(one.spot ? { spot: one.spot } : {}) })}`, {
        replace: true,
      }),
  });
  const remove = useMutation({
    mutationFn: () => take(api.DELETE('/api/homes/{home}/kept-sums/{kept}', { params: { path: { home: home.id, kept: kept?.id ?? '' } } })),
    onSuccess: () => navigate(`/homes/${home.id}/workbench/${sum.sum}${spot ? `?spot=${spot.id}` : ''}`, { replace: true }),
    onError: (error) => notices.problem(error),
  });
  return (
    <form
      className="no-print mt-5 border-t border-line pt-3 pb-6"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <FormErrors error={keep.error}>
        <div className="flex flex-wrap items-end gap-3">
          <Field label="Keep it as" name="name" className="min-w-[200px] flex-1">
            {(control) => <input {...control} value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />}
          </Field>
          <button type="submit" className="btn btn-main" disabled={isOff || keep.isPending}>
            {isSame ? 'Keep the change' : swap ? `Keep for ${swap.name}` : 'Keep'}
          </button>
          {isSame && (
            <button type="button" className="btn" disabled={remove.isPending} onClick={() => remove.mutate()}>
              Put away
            </button>
          )}
        </div>
      </FormErrors>
    </form>
  );
}
