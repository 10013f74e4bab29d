import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { searchQuery } from './queries';

type Search = {
  /** Piece id → what it was found by beyond its name, in the order found; null while nothing is asked. */
  found: ReadonlyMap<string, readonly string[]> | null;
  /** Units of all that was found. */
  units: number;
  /** Words that nothing is known by; the rest was answered without them. */
  unknown: readonly string[];
  /** Where nothing meets all of it: piece id → what it misses. */
  near: ReadonlyMap<string, readonly string[]>;
  all: number;
  /** Whether this answers what is asked now, not what was asked a moment ago. */
  isCurrent: boolean;
};

/** Answers a question put in plain words as it is typed. */
export function useSearch(home: string, text: string): Search {
  const asked = useDeferredValue(text.trim());
  const search = useQuery(searchQuery(home, asked));
  const data = asked === '' ? undefined : search.data;
  const isCurrent = asked === text.trim() && (asked === '' || (search.isSuccess && !search.isPlaceholderData));
  return useMemo(
    () => ({
      found: data ? new Map(data.found.filter((one) => one.misses.length === 0).map((one) => [one.piece, one.why])) : null,
      near: new Map((data?.found ?? []).filter((one) => one.misses.length > 0).map((one) => [one.piece, one.misses])),
      all: data?.all ?? 0,
      units: data?.units ?? 0,
      unknown: data?.unknown ?? [],
      isCurrent,
    }),
    [data, isCurrent],
  );
}
