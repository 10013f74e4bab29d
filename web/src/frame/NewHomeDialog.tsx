import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import type { Home } from '../api/types';
import { Dialog } from '../ui/Dialog';
import { Field, FormErrors } from '../ui/Field';

/** Opens an empty home. */
export function NewHomeDialog({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  const [unit, setUnit] = useState<Home['unit']>('in');
  const [currency, setCurrency] = useState('$');
  const [giftMoney, setGiftMoney] = useState<Home['giftMoney']>('apart');
  const create = useMutation({
    mutationFn: () => take(api.POST('/api/homes', { body: { name, unit, currency, giftMoney } })),
    onSuccess: async (home) => {
      await queries.invalidateQueries({ queryKey: ['me'] });
      onClose();
      await navigate(`/homes/${home.id}/house`);
    },
  });
  const bring = useMutation({
    mutationFn: async (file: File) => take(api.POST('/api/home-documents', { body: { document: await file.text() } })),
    onSuccess: async (home) => {
      await queries.invalidateQueries({ queryKey: ['me'] });
      onClose();
      await navigate(`/homes/${home.id}/house`);
    },
  });
  return (
    <Dialog title="A new home" isOpen={isOpen} onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          create.mutate();
        }}
        className="grid gap-3"
      >
        <FormErrors error={create.error ?? bring.error}>
          <Field label="Name" name="name">
            {(control) => <input {...control} value={name} onChange={(event) => setName(event.target.value)} />}
          </Field>
          <Field label="Measured in" name="unit">
            {(control) => (
              <select {...control} value={unit} onChange={(event) => setUnit(event.target.value === 'cm' ? 'cm' : 'in')}>
                <option value="in">inches</option>
                <option value="cm">centimetres</option>
              </select>
            )}
          </Field>
          <Field label="Sign of the currency" name="currency">
            {(control) => <input {...control} value={currency} onChange={(event) => setCurrency(event.target.value)} />}
          </Field>
          <Field label="Gift cards and gift money" name="giftMoney">
            {(control) => (
              <select {...control} value={giftMoney} onChange={(event) => setGiftMoney(event.target.value === 'counts' ? 'counts' : 'apart')}>
                <option value="apart">are kept apart from the season’s budget</option>
                <option value="counts">count against the season’s budget</option>
              </select>
            )}
          </Field>
          <button type="submit" className="btn btn-main justify-self-start" disabled={create.isPending}>
            Open this home
          </button>
          <Field label="Or bring one in from its document (JSON)" name="document" className="border-t border-line pt-3">
            {(control) => (
              <input
                {...control}
                type="file"
                accept=".json,application/json"
                disabled={bring.isPending}
                onChange={(event) => event.target.files?.[0] && bring.mutate(event.target.files[0])}
              />
            )}
          </Field>
        </FormErrors>
      </form>
    </Dialog>
  );
}
