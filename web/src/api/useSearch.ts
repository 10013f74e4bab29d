import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { searchQuery } from './queries';
import type { SearchResult } from './types';

type Search = {
  /** Piece id → what it was found by beyond its name, in the order found; null while nothing is asked. */
  found: ReadonlyMap<string, readonly string[]> | null;
  /** The answer in words. */
  sentence: string;
  /** Words that nothing is known by; the rest was answered without them. */
  unknown: readonly string[];
  /** What misses one thing: piece id → what it misses; below what meets all of it, or instead of it. */
  near: ReadonlyMap<string, readonly string[]>;
  /** Words of the home that were asked with. */
  words: SearchResult['words'];
  /** Totes, spots, looks, notes, lines of the haul, swaps. */
  elsewhere: SearchResult['elsewhere'];
  all: number;
  /** Whether this answers what is asked now, not what was asked a moment ago. */
  isCurrent: boolean;
};

const NONE: Pick<SearchResult, 'words' | 'elsewhere' | 'unknown'> = { words: [], elsewhere: [], unknown: [] };

/** Answers a question put in plain words as it is typed. */
export function useSearch(home: string, text: string): Search {
  const asked = useDeferredValue(text.trim());
  const search = useQuery(searchQuery(home, asked));
  const data = asked === '' ? undefined : search.data;
  const isCurrent = asked === text.trim() && (asked === '' || (search.isSuccess && !search.isPlaceholderData));
  return useMemo(
    () => ({
      ...NONE,
      ...(data && { words: data.words, elsewhere: data.elsewhere, unknown: data.unknown }),
      found: data ? new Map(data.found.filter((one) => one.misses.length === 0).map((one) => [one.piece, one.why])) : null,
      near: new Map((data?.found ?? []).filter((one) => one.misses.length > 0).map((one) => [one.piece, one.misses])),
      all: data?.all ?? 0,
      sentence: data?.sentence ?? '',
      isCurrent,
    }),
    [data, isCurrent],
  );
}
