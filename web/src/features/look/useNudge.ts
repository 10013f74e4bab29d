import { useRef, useState } from 'react';
import { api, take } from '../../api/client';

type Steps = { lightness: number; chroma: number; degrees: number };

const STILL: Steps = { lightness: 0, chroma: 0, degrees: 0 };

/** Nudges a colour from where it was picked up; the core works the new colour out, and only the latest answer counts. */
export function useNudge(home: string, hex: string, onColour: (hex: string) => void) {
  const [start, setStart] = useState({ hex, steps: STILL });
  const given = useRef(hex);
  const running = useRef<AbortController | null>(null);
  // A colour that came from elsewhere than this nudge (the picker, undo, another ribbon) is the new start.
  const isOurs = hex === given.current;
  const base = isOurs ? start : { hex, steps: STILL };
  const turn = (change: Partial<Steps>) => {
    const steps = { ...base.steps, ...change };
    setStart({ hex: base.hex, steps });
    given.current = hex;
    running.current?.abort();
    const control = new AbortController();
    running.current = control;
    take(api.POST('/api/homes/{home}/colours/nudged', { params: { path: { home } }, body: { hex: base.hex, ...steps }, signal: control.signal }))
      .then((colour) => {
        given.current = colour.hex;
        onColour(colour.hex);
      })
      .catch(() => undefined); // a newer step overtook it, or the cupboard is out of reach and the ribbon stays as it is
  };
  return { steps: base.steps, turn };
}
