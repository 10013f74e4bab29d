import { useEffect, useState } from 'react';

/** The value once it has rested for a moment, so that not every key is asked about. */
export function useSettled<T>(value: T, pauseMs: number): T {
  const [settled, setSettled] = useState(value);
  const text = JSON.stringify(value);
  // biome-ignore lint/correctness/useExhaustiveDependencies: values are compared by what they say, not by identity
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), pauseMs);
    return () => window.clearTimeout(timer);
  }, [text, pauseMs]);
  return settled;
}
