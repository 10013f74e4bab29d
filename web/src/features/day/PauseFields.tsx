import type { WorkDayInput } from '../../api/types';
import { Field } from '../../ui/Field';

type Pauses = WorkDayInput['pauses'];

/** Breaks that all have together. */
export function PauseFields({ pauses, onChange }: { pauses: Pauses; onChange: (pauses: Pauses) => void }) {
  const change = (i: number, to: Partial<Pauses[number]>) => onChange(pauses.map((pause, at) => (at === i ? { ...pause, ...to } : pause)));
  return (
    <fieldset className="grid gap-2">
      <legend className="font-semibold text-ink-2">Breaks</legend>
      {pauses.map((pause, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a break is the one in this place, whatever its time becomes
        <div key={i} className="flex items-end gap-2">
          <Field label="At" name={`pauses[${i}].at`}>
            {(control) => <input {...control} className="w-24" value={pause.at} onChange={(event) => change(i, { at: event.target.value })} />}
          </Field>
          <Field label="Minutes" name={`pauses[${i}].minutes`}>
            {(control) => (
              <input
                {...control}
                className="w-24"
                inputMode="numeric"
                value={pause.minutes}
                onChange={(event) => change(i, { minutes: Number(event.target.value.replace(/\D/g, '')) })}
              />
            )}
          </Field>
          <button type="button" className="btn" aria-label={`No break at ${pause.at}`} onClick={() => onChange(pauses.filter((_, at) => at !== i))}>
            ✕
          </button>
        </div>
      ))}
      <Field label="" name="pauses">
        {() => (
          <button type="button" className="btn w-fit" onClick={() => onChange([...pauses, { at: '12:30', minutes: 45 }])}>
            A break
          </button>
        )}
      </Field>
    </fieldset>
  );
}
