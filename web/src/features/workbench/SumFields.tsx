import type { Ask, Sum } from '../../api/types';
import { Field, FormErrors } from '../../ui/Field';
import type { SumValues } from './useSumValues';

type Props = { sum: Sum; values: SumValues; error: unknown };

const NUMERIC: readonly Ask['kind'][] = ['count', 'number', 'percent'];

/** What a sum asks for: the measures of the place, how it is done, and how what is missing is sold. Every change is answered at once. */
export function SumFields({ sum, values, error }: Props) {
  const asked = values.asked(sum);
  const groups = [
    { title: 'The place', asks: asked.filter((ask) => ask.isOfThePlace) },
    { title: 'How it is done', asks: asked.filter((ask) => !ask.isOfThePlace && !ask.isAlone) },
    { title: 'What is missing is sold', asks: asked.filter((ask) => ask.isAlone) },
  ];
  return (
    <form aria-label={`Figures for ${sum.name}`} className="grid content-start gap-4" onSubmit={(event) => event.preventDefault()}>
      <FormErrors error={error} isLive>
        {groups.map(
          (group) =>
            group.asks.length > 0 && (
              <fieldset key={group.title} className="grid grid-cols-2 items-start gap-x-3 gap-y-2">
                <legend className="mb-1 font-display text-[15px]/[20px] font-semibold">{group.title}</legend>
                {group.asks.map((ask) => (
                  <AskField key={ask.name} ask={ask} text={values.text(sum, ask)} onWrite={(text) => values.write(sum, ask, text)} />
                ))}
              </fieldset>
            ),
        )}
      </FormErrors>
    </form>
  );
}

function AskField({ ask, text, onWrite }: { ask: Ask; text: string; onWrite: (text: string) => void }) {
  const isWide = ask.choices.some((choice) => choice.label.length > 16);
  if (ask.kind === 'yes')
    return (
      <label className="flex items-center gap-2 self-end py-1.5 font-semibold text-ink-2">
        <input type="checkbox" checked={text === 'yes'} onChange={(event) => onWrite(event.target.checked ? 'yes' : 'no')} />
        {ask.label}
      </label>
    );
  return (
    <Field label={ask.label} name={ask.name} hint={ask.hint} className={isWide ? 'col-span-2' : ''}>
      {(control) =>
        ask.kind === 'choice' ? (
          <select {...control} value={text} onChange={(event) => onWrite(event.target.value)}>
            {ask.choices.map((choice) => (
              <option key={choice.value} value={choice.value}>
                {choice.label}
              </option>
            ))}
          </select>
        ) : (
          <input
            {...control}
            className="w-full"
            value={text}
            inputMode={NUMERIC.includes(ask.kind) ? 'decimal' : 'text'}
            placeholder={ask.isOptional ? 'may stay empty' : ''}
            onFocus={(event) => event.target.select()}
            onChange={(event) => onWrite(event.target.value)}
          />
        )
      }
    </Field>
  );
}
