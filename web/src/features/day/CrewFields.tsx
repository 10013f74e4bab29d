import type { Hand } from '../../api/types';
import { Field } from '../../ui/Field';

const MOST = 6;

/** The people of a day: what each may do, and from when to when. */
export function CrewFields({ crew, onChange }: { crew: readonly Hand[]; onChange: (crew: Hand[]) => void }) {
  const change = (i: number, to: Partial<Hand>) => onChange(crew.map((hand, at) => (at === i ? { ...hand, ...to } : hand)));
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold text-ink-2">People</legend>
      {crew.map((hand, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a person is who stands in this place, whatever the name becomes
        <div key={i} className="grid grid-cols-[1fr_auto_auto_80px_80px_auto] items-end gap-2 max-md:grid-cols-3">
          <Field label="Name" name={`crew[${i}].name`}>
            {(control) => <input {...control} value={hand.name} onChange={(event) => change(i, { name: event.target.value })} />}
          </Field>
          <label className="flex min-h-[32px] items-center gap-1.5">
            <input type="checkbox" checked={hand.climbs} onChange={(event) => change(i, { climbs: event.target.checked })} /> ladder
          </label>
          <label className="flex min-h-[32px] items-center gap-1.5">
            <input type="checkbox" checked={hand.lifts} onChange={(event) => change(i, { lifts: event.target.checked })} /> lifting
          </label>
          <Field label="From" name={`crew[${i}].from`}>
            {(control) => <input {...control} value={hand.from} placeholder="start" onChange={(event) => change(i, { from: event.target.value })} />}
          </Field>
          <Field label="Until" name={`crew[${i}].until`}>
            {(control) => <input {...control} value={hand.until} placeholder="end" onChange={(event) => change(i, { until: event.target.value })} />}
          </Field>
          <button
            type="button"
            className="btn"
            aria-label={`${hand.name} does not come`}
            disabled={crew.length === 1}
            onClick={() => onChange(crew.filter((_, at) => at !== i))}
          >
            ✕
          </button>
        </div>
      ))}
      <Field label="" name="crew">
        {() => (
          <button
            type="button"
            className="btn w-fit"
            disabled={crew.length >= MOST}
            onClick={() => onChange([...crew, { name: `helper ${crew.length + 1}`, climbs: true, lifts: true, from: '', until: '' }])}
          >
            One more person
          </button>
        )}
      </Field>
    </fieldset>
  );
}
