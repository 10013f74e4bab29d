import { useEffect, useRef } from 'react';

type Keys = Record<string, (event: KeyboardEvent) => void>;

/** Where keys are text, or belong to what is open; a slider or a box to tick takes no text. */
const TYPED_IN =
  'input:not([type="range"], [type="checkbox"], [type="radio"], [type="color"]), textarea, select, [contenteditable], [role="dialog"], [role="menu"]';

/** Keys that work anywhere on a page, except while something is typed or a dialog is open. Names are event.key, "Ctrl+z" and "Alt+1" style for chords. */
export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const handle = (event: KeyboardEvent) => {
      const target = event.target;
      const isTyping = target instanceof HTMLElement && target.closest(TYPED_IN) !== null;
      const chord = [
        event.ctrlKey || event.metaKey ? 'Ctrl+' : '',
        event.altKey ? 'Alt+' : '',
        event.shiftKey && event.key.length > 1 ? 'Shift+' : '',
        event.key,
      ].join('');
      const act = latest.current[chord];
      if (act && !isTyping) {
        event.preventDefault();
        act(event);
      }
    };
    window.addEventListener('keydown', handle);
    return () => window.removeEventListener('keydown', handle);
  }, []);
}
