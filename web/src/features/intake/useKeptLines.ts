import { get, update } from 'idb-keyval';
import { useEffect, useState } from 'react';

/** A line that was written beside a photo; its colours are read when there is a signal. */
export type PicturedLine = { line: string; photo: File };

const storeKey = (home: string) => `lines-kept-${home}`;
const picturedKey = (home: string) => `lines-pictured-${home}`;

/** Lines that were written without a signal: kept on this device until they are read. */
export function useKeptLines(home: string) {
  const [lines, setLines] = useState<readonly string[]>(() => read(home));
  const [pictured, setPictured] = useState<readonly PicturedLine[]>([]);
  useEffect(() => {
    get<readonly PicturedLine[]>(picturedKey(home)).then(
      (kept = []) => setPictured(kept),
      () => undefined, // a device that keeps nothing has nothing to show
    );
  }, [home]);
  const keep = (now: readonly string[]) => {
    localStorage.setItem(storeKey(home), JSON.stringify(now));
    setLines(now);
  };
  const change = (by: (now: readonly PicturedLine[]) => readonly PicturedLine[]) => {
    setPictured(by);
    return update<readonly PicturedLine[]>(picturedKey(home), (now = []) => by(now));
  };
  return {
    lines,
    pictured,
    add: (line: string) => keep([...read(home), line]),
    keep,
    addPictured: (line: string, photo: File) => change((now) => [...now, { line, photo }]),
    dropPictured: (line: string) => change((now) => now.filter((one) => one.line !== line)),
    forget: () => {
      keep([]);
      return change(() => []);
    },
  };
}

function read(home: string): readonly string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(storeKey(home)) ?? '[]');
    return Array.isArray(kept) ? kept.filter((one) => typeof one === 'string') : [];
  } catch {
    return [];
  }
}
