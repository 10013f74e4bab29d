import { useState } from 'react';

const storeKey = (home: string) => `lines-kept-${home}`;

/** Lines that were written without a signal: kept on this device until they are read. */
export function useKeptLines(home: string) {
  const [lines, setLines] = useState<readonly string[]>(() => read(home));
  const keep = (now: readonly string[]) => {
    localStorage.setItem(storeKey(home), JSON.stringify(now));
    setLines(now);
  };
  return { lines, add: (line: string) => keep([...read(home), line]), keep };
}

function read(home: string): readonly string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(storeKey(home)) ?? '[]');
    return Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [];
  } catch {
    return [];
  }
}
