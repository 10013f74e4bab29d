import { useState } from 'react';
import type { Ask, KeptSum, Sum } from '../../api/types';

/** A field that is asked only when another count is above nothing. */
const SOME = 'some';

/** Figures of one name are the same in all sums, so that nothing is filled in twice; those that mean something else in each stay with their sum. */
const keyOf = (sum: Sum, ask: Ask) => (ask.isAlone ? `${sum.sum} ${ask.name}` : ask.name);

/** What is written into the fields of the sums: what was typed, else what was kept, else what stands there by itself. */
export function useSumValues(kept: KeptSum | undefined) {
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const text = (sum: Sum, ask: Ask): string => {
    const before = kept?.sum === sum.sum ? kept.given.find((one) => one.name === ask.name)?.text : undefined;
    return typed[keyOf(sum, ask)] ?? before ?? ask.text;
  };
  const isAsked = (sum: Sum, ask: Ask): boolean =>
    ask.when.every(({ choice, is }) => {
      const other = sum.asks.find((one) => one.name === choice);
      if (other === undefined) return false;
      return is.includes(SOME) ? Number.parseFloat(text(sum, other)) > 0 : is.includes(text(sum, other));
    });
  return {
    text,
    asked: (sum: Sum) => sum.asks.filter((ask) => isAsked(sum, ask)),
    values: (sum: Sum) => sum.asks.filter((ask) => isAsked(sum, ask)).map((ask) => ({ name: ask.name, text: text(sum, ask) })),
    write: (sum: Sum, ask: Ask, value: string) => setTyped((before) => ({ ...before, [keyOf(sum, ask)]: value })),
    hasTyped: Object.keys(typed).length > 0,
  };
}

export type SumValues = ReturnType<typeof useSumValues>;
