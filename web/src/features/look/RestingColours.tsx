/** The colours that rest this season, rolled up. */
export function RestingColours({ colours, onChange }: { colours: readonly string[]; onChange: (colours: string[]) => void }) {
  return (
    <fieldset>
      <legend className="mb-1 font-semibold text-ink-2">Colours that rest</legend>
      <div className="flex flex-wrap items-center gap-3">
        {colours.map((hex, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a roll is its place; its colour is edited here
          <span key={i} className="inline-flex items-center gap-1">
            <svg width="26" height="26" viewBox="-13 -13 26 26" aria-hidden="true">
              <path d="M2 3 13 12V7L6 0Z" fill={hex} />
              <circle r="11" fill={hex} stroke="#666D68" strokeWidth=".6" />
              <circle r="7.5" fill="none" stroke="#1F2421" strokeOpacity=".3" />
              <circle r="3.5" fill="#FBFAF6" />
            </svg>
            <input
              type="color"
              aria-label={`Resting colour ${i + 1}`}
              value={hex}
              onChange={(event) => onChange(colours.map((one, j) => (j === i ? event.target.value : one)))}
            />
            <button
              type="button"
              className="size-6"
              aria-label={`Let colour ${i + 1} back in`}
              onClick={() => onChange(colours.filter((_, j) => j !== i))}
            >
              ✕
            </button>
          </span>
        ))}
        <button type="button" className="btn" onClick={() => onChange([...colours, '#B01E2E'])} disabled={colours.length >= 8}>
          + colour
        </button>
      </div>
    </fieldset>
  );
}
