import { useSyncExternalStore } from 'react';

const NARROW = '(max-width: 767px)';

/** Whether the page is as narrow as a phone; drawings are then laid out anew instead of shrunk. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (onChange) => {
      const query = window.matchMedia(NARROW);
      query.addEventListener('change', onChange);
      return () => query.removeEventListener('change', onChange);
    },
    () => window.matchMedia(NARROW).matches,
  );
}
