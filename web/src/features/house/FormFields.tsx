import { useHouse } from '../../api/home';
import type { Spot, SpotInput } from '../../api/types';
import { TABLE_SHAPES } from '../../api/words';
import { hasSides, isUpright } from '../../lib/runs';
import { Field } from '../../ui/Field';

const BOARDS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

type Props = { form: Spot['form']; draft: SpotInput; set: (part: Partial<SpotInput>) => void };

/** What a form has beyond width, depth and height: boards, seats, rise and posts, the furniture below. */
export function FormFields({ form, draft, set }: Props) {
  switch (form) {
    case 'tiers':
      return <Boards tiers={draft.tiers ?? []} onChange={(tiers) => set({ tiers })} />;
    case 'table':
      return (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <Field label="Shape" name="tableShape">
            {(control) => (
              <select
                {...control}
                value={draft.tableShape}
                onChange={(event) => set({ tableShape: TABLE_SHAPES.find((one) => one === event.target.value) ?? 'rectangular' })}
              >
                {TABLE_SHAPES.map((one) => (
                  <option key={one}>{one}</option>
                ))}
              </select>
            )}
          </Field>
          <Count label="Places set" name="seats" hint="0 when nobody eats here" value={draft.seats ?? 0} onChange={(seats) => set({ seats })} />
        </div>
      );
    case 'run':
      return isUpright(draft) || hasSides(draft) ? null : (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <Measure label="Rise" name="rise" hint="empty when it is level" value={draft.rise ?? ''} onChange={(rise) => set({ rise })} />
          <Count label="Posts" name="posts" hint="both ends included" value={draft.posts ?? 0} onChange={(posts) => set({ posts })} />
        </div>
      );
    case 'panel':
      return (
        <fieldset>
          <legend className="font-semibold text-ink-2">The furniture it hangs over, if any</legend>
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
            <Measure label="Its width" name="belowWidth" value={draft.belowWidth ?? ''} onChange={(belowWidth) => set({ belowWidth })} />
            <Measure label="Its top" name="belowTop" hint="from the floor" value={draft.belowTop ?? ''} onChange={(belowTop) => set({ belowTop })} />
          </div>
        </fieldset>
      );
    default:
      return null;
  }
}

function Boards({ tiers, onChange }: { tiers: readonly string[]; onChange: (tiers: string[]) => void }) {
  return (
    <fieldset>
      <legend className="font-semibold text-ink-2">Boards, from the lowest, by what is clear over each</legend>
      <div className="flex flex-wrap items-end gap-3">
        {BOARDS.slice(0, tiers.length).map((board) => (
          <Measure
            key={board}
            label={`Board ${board}`}
            name={`tiers[${board - 1}]`}
            value={tiers[board - 1] ?? ''}
            onChange={(text) => onChange(tiers.map((one, i) => (i === board - 1 ? text : one)))}
          />
        ))}
        <button type="button" className="btn" onClick={() => onChange([...tiers, tiers.at(-1) ?? ''])}>
          One more board
        </button>
        {tiers.length > 0 && (
          <button type="button" className="btn" onClick={() => onChange(tiers.slice(0, -1))}>
            One fewer
          </button>
        )}
      </div>
      {tiers.length === 0 && <p className="note mt-1">A single board; its clear height is entered above.</p>}
    </fieldset>
  );
}

type MeasureProps = { label: string; name: string; hint?: string; value: string; onChange: (text: string) => void };

function Measure({ label, name, hint, value, onChange }: MeasureProps) {
  const { home } = useHouse();
  return (
    <Field label={label} name={name} {...(hint ? { hint } : {})}>
      {(control) => (
        <input {...control} value={value} placeholder={home.unit === 'in' ? '12 in' : '30 cm'} onChange={(event) => onChange(event.target.value)} />
      )}
    </Field>
  );
}

type CountProps = { label: string; name: string; hint: string; value: number; onChange: (count: number) => void };

function Count({ label, name, hint, value, onChange }: CountProps) {
  return (
    <Field label={label} name={name} hint={hint}>
      {(control) => <input {...control} type="number" min={0} value={value} onChange={(event) => onChange(Number(event.target.value))} />}
    </Field>
  );
}
