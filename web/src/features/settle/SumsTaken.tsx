import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { sumsQuery } from '../../api/queries';
import type { KeptSum, Swap } from '../../api/types';
import { Field, FormErrors } from '../../ui/Field';

/** What the kept sums of the season really took: one tap when it was as reckoned, a figure when it was not. Next year starts from it. */
export function SumsTaken({ swap, isClosed }: { swap: Swap; isClosed: boolean }) {
  const { home } = useHouse();
  const bench = useQuery(sumsQuery(home.id, undefined, undefined));
  const sums = (bench.data?.kept ?? []).filter((one) => one.swap === swap.id && one.reckoned !== null);
  if (sums.length === 0) return null;
  return (
    <section aria-label="What the sums took">
      <h3 className="panel-title">What the sums took</h3>
      <p className="note">Noted here, next year’s sum starts from it.</p>
      <ul className="rows mt-1">
        {sums.map((one) => (
          <SumTaken key={one.id} kept={one} isClosed={isClosed} />
        ))}
      </ul>
    </section>
  );
}

function SumTaken({ kept, isClosed }: { kept: KeptSum; isClosed: boolean }) {
  const { home } = useHouse();
  const [text, setText] = useState('');
  const note = useMutation({
    mutationFn: (used: string) =>
      take(api.PUT('/api/homes/{home}/kept-sums/{kept}/used', { params: { path: { home: home.id, kept: kept.id } }, body: { used } })),
    onSuccess: () => setText(''),
  });
  return (
    <li className="py-2" data-testid="sum-taken">
      <p>
        <Link className="link font-normal" to={`/homes/${home.id}/workbench/${kept.sum}?kept=${kept.id}${kept.spot ? `&spot=${kept.spot}` : ''}`}>
          {kept.name}
        </Link>
        : {kept.reckoned} reckoned{kept.used !== null && <b>, {kept.used} used</b>}
        {kept.more !== null && kept.more !== 0 && ` (${Math.abs(kept.more)} % ${kept.more > 0 ? 'more' : 'less'})`}
      </p>
      {!isClosed && (
        <form
          className="no-print mt-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim() !== '') note.mutate(text);
          }}
        >
          <FormErrors error={note.error} isLive>
            <div className="flex flex-wrap items-end gap-2">
              <button type="button" className="btn" disabled={note.isPending} onClick={() => note.mutate(kept.reckoned ?? '')}>
                As reckoned
              </button>
              <Field label={`Really used for ${kept.name}`} name="used" className="w-[130px]">
                {(control) => <input {...control} className="w-full" value={text} onChange={(event) => setText(event.target.value)} />}
              </Field>
              <button type="submit" className="btn" disabled={note.isPending || text.trim() === ''}>
                Note
              </button>
            </div>
          </FormErrors>
        </form>
      )}
    </li>
  );
}
