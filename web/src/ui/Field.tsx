import { createContext, type ReactNode, useContext, useId } from 'react';
import { ProblemError } from '../api/client';

const Errors = createContext<unknown>(null);

type FormErrorsProps = {
  error: unknown;
  /** While somebody types: what is said at a field need not be said above it as well. */
  isLive?: boolean;
  children: ReactNode;
};

/** Shows the refusals of a form at the fields they are about; what no field claims stands on top. */
export function FormErrors({ error, isLive = false, children }: FormErrorsProps) {
  return (
    <Errors value={error}>
      {error instanceof Error && !(isLive && error instanceof ProblemError && error.problem.violations.length > 0) && (
        <p role="alert" className="mb-3 border-2 border-ink bg-yolk-soft px-3 py-2">
          {error.message}
        </p>
      )}
      {children}
    </Errors>
  );
}

type FieldProps = {
  label: string;
  name: string;
  hint?: string;
  className?: string;
  children: (control: { id: string; 'aria-invalid': boolean; 'aria-describedby'?: string }) => ReactNode;
};

/** A labelled control; its refusal is said right under it. */
export function Field({ label, name, hint, className = '', children }: FieldProps) {
  const id = useId();
  const error = useContext(Errors);
  const refusal = error instanceof ProblemError ? error.field(name) : undefined;
  const about = refusal ?? hint;
  return (
    <div className={`flex flex-col gap-0.5 ${className}`}>
      <label htmlFor={id} className="font-semibold text-ink-2">
        {label}
      </label>
      {children({ id, 'aria-invalid': refusal !== undefined, ...(about ? { 'aria-describedby': `${id}-about` } : {}) })}
      {about && (
        <span id={`${id}-about`} className={refusal ? 'font-semibold' : 'note'}>
          {about}
        </span>
      )}
    </div>
  );
}

type ChoiceProps<T extends string> = { label: string; words: readonly T[]; chosen: readonly T[]; onChange: (chosen: T[]) => void };

/** Several words to choose from, as tags that are pressed in. */
export function Choices<T extends string>({ label, words, chosen, onChange }: ChoiceProps<T>) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold text-ink-2">{label}</legend>
      <div className="flex flex-wrap gap-1">
        {words.map((word) => {
          const isOn = chosen.includes(word);
          return (
            <button
              key={word}
              type="button"
              aria-pressed={isOn}
              className={`border px-2 py-0.5 ${isOn ? 'border-ink bg-yolk-soft font-semibold' : 'border-line-2 bg-card'}`}
              onClick={() => onChange(isOn ? chosen.filter((other) => other !== word) : [...chosen, word])}
            >
              {isOn ? '✓ ' : ''}
              {word}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
