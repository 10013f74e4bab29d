import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import type { Partner, Ribbon } from '../../api/types';
import { RIBBON_ROLES } from '../../api/words';
import { useNudge } from './useNudge';

type Props = {
  home: string;
  ribbon: Ribbon;
  word: string;
  isLast: boolean;
  onChange: (part: Partial<Ribbon>) => void;
  onRemove: () => void;
  onAdd: (partner: Partner) => void;
};

const DIALS = [
  { key: 'lightness', label: 'darker to lighter', reach: 0.3, step: 0.01 },
  { key: 'chroma', label: 'quieter to stronger', reach: 0.12, step: 0.004 },
  { key: 'degrees', label: 'turned in hue', reach: 90, step: 2 },
] as const;

/** Where one ribbon is worked on: its name and role, its colour nudged, and company proposed for it. */
export function RibbonBench({ home, ribbon, word, isLast, onChange, onRemove, onAdd }: Props) {
  const nudge = useNudge(home, ribbon.hex, (hex) => onChange({ hex }));
  return (
    <section aria-label={`Ribbon ${ribbon.name}`} className="no-print mt-3 grid gap-x-6 gap-y-2 border-t border-line pt-2 md:grid-cols-[230px_1fr]">
      <div className="grid content-start gap-1.5">
        <div className="flex gap-1.5">
          <input
            aria-label="Name of the ribbon"
            dir="auto"
            value={ribbon.name}
            onChange={(event) => onChange({ name: event.target.value })}
            className="min-w-0 flex-1 font-bold"
          />
          <input
            aria-label={`Colour of ${ribbon.name}`}
            type="color"
            value={ribbon.hex}
            onChange={(event) => onChange({ hex: event.target.value })}
          />
        </div>
        <div className="flex items-center gap-1.5">
          <select
            aria-label={`Role of ${ribbon.name}`}
            value={ribbon.role}
            className="flex-1"
            onChange={(event) => onChange({ role: RIBBON_ROLES.find((role) => role === event.target.value) ?? 'accent' })}
          >
            {RIBBON_ROLES.map((role) => (
              <option key={role}>{role}</option>
            ))}
          </select>
          <button type="button" className="link" onClick={onRemove} disabled={isLast} aria-label={`take off ${ribbon.name}`}>
            take off
          </button>
        </div>
        <p className="note" aria-live="polite">
          {word ? `In plain words: ${word}.` : ' '}
        </p>
      </div>
      <div className="grid content-start gap-x-5 gap-y-1 sm:grid-cols-3">
        {DIALS.map((dial) => (
          <label key={dial.key} className="grid min-w-0">
            <span className="note">{dial.label}</span>
            <input
              type="range"
              min={-dial.reach}
              max={dial.reach}
              step={dial.step}
              value={nudge.steps[dial.key]}
              onChange={(event) => nudge.turn({ [dial.key]: Number(event.target.value) })}
              className="w-full min-w-0 accent-door"
            />
          </label>
        ))}
        <Company home={home} ribbon={ribbon} onAdd={onAdd} />
      </div>
    </section>
  );
}

/** Colours that would go with the ribbon, each saying how the two will read. */
function Company({ home, ribbon, onAdd }: { home: string; ribbon: Ribbon; onAdd: (partner: Partner) => void }) {
  const partners = useQuery({
    queryKey: ['home', home, 'partners', ribbon.hex],
    queryFn: ({ signal }) => take(api.POST('/api/homes/{home}/colours/partners', { params: { path: { home } }, body: { hex: ribbon.hex }, signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <div className="col-span-full">
      <span className="note font-semibold">Company for it</span>
      <ul className="mt-0.5 flex flex-wrap gap-1">
        {(partners.data?.partners ?? []).map((partner) => (
          <li key={partner.kind}>
            <button
              type="button"
              title={partner.reads}
              onClick={() => onAdd(partner)}
              className="flex items-center gap-1.5 border border-line-2 bg-card py-0.5 pr-2 pl-1 text-[12px] hover:bg-yolk-soft"
            >
              <svg width="14" height="20" aria-hidden="true">
                <path d="M0 0H14V20L7 14L0 20Z" fill={partner.hex} stroke="#B9AD90" strokeWidth=".8" />
              </svg>
              <span className="text-left leading-[14px]">
                <span className="sr-only">Add</span>
                <b className="block">{partner.name}</b>
                {partner.kind}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
