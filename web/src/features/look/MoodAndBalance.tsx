import type { LookInput } from '../../api/types';

type Props = { mood: number; balance: LookInput['balance']; onChange: (part: Partial<LookInput>) => void };

/** How full and how even: two schools each, and what lies between. */
export function MoodAndBalance({ mood, balance, onChange }: Props) {
  return (
    <div className="grid grid-cols-[1fr_auto] gap-6">
      <label className="grid content-start gap-1">
        <span className="font-semibold text-ink-2">Mood</span>
        <input
          type="range"
          min={0}
          max={100}
          value={mood}
          onChange={(event) => onChange({ mood: Number(event.target.value) })}
          className="accent-door"
        />
        <span className="note flex justify-between">
          <span>airy</span>
          <b>{mood}</b>
          <span>layered</span>
        </span>
      </label>
      <fieldset className="flex gap-2">
        <legend className="mb-1 font-semibold text-ink-2">Balance</legend>
        {(['centred', 'off-centre'] as const).map((school) => (
          <button
            key={school}
            type="button"
            aria-pressed={balance === school}
            onClick={() => onChange({ balance: school })}
            className={`border px-2 pt-1 ${balance === school ? 'border-2 border-ink bg-yolk-soft font-semibold' : 'border-line-2 bg-card'}`}
          >
            <svg width="66" height="34" viewBox="0 0 66 34" aria-hidden="true" className="block">
              {(school === 'centred'
                ? [
                    [16, 12],
                    [27, 20],
                    [39, 12],
                  ]
                : [
                    [8, 22],
                    [20, 12],
                    [46, 9],
                  ]
              ).map(([x = 0, h = 0]) => (
                <rect key={x} x={x} y={25 - h} width="10" height={h} fill="#8C918B" />
              ))}
              <path d="M4 25H62" stroke="#1F2421" strokeWidth="2.4" />
              <path d="m33 26 5 7H28Z" fill="#1F2421" />
            </svg>
            {school}
          </button>
        ))}
      </fieldset>
    </div>
  );
}
