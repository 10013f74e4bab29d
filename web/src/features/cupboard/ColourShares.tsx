import type { PieceInput } from '../../api/types';

type Colours = PieceInput['colours'];

/** Up to five colours with their shares; the first is the body. */
export function ColourShares({ colours, onChange }: { colours: Colours; onChange: (colours: Colours) => void }) {
  const sum = colours.reduce((all, colour) => all + colour.percent, 0);
  const set = (index: number, part: Partial<Colours[number]>) =>
    onChange(colours.map((colour, i) => (i === index ? { ...colour, ...part } : colour)));
  return (
    <fieldset>
      <legend className="mb-1 font-semibold text-ink-2">
        Colours and how much of each is seen{' '}
        <span className="font-normal" aria-live="polite">
          {sum === 100 ? 'together 100 %' : `together ${sum} %, want 100 %`}
        </span>
      </legend>
      <div className="flex flex-wrap items-center gap-3">
        {colours.map((colour, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a colour is its place in the list; its value is edited here
          <span key={i} className="inline-flex items-center gap-1">
            <input type="color" aria-label={`Colour ${i + 1}`} value={colour.hex} onChange={(event) => set(i, { hex: event.target.value })} />
            <input
              type="number"
              aria-label={`Share of colour ${i + 1} in percent`}
              className="w-16"
              min={1}
              max={100}
              value={colour.percent}
              onChange={(event) => set(i, { percent: Number(event.target.value) })}
            />{' '}
            %
            {colours.length > 1 && (
              <button
                type="button"
                className="size-6"
                aria-label={`Take colour ${i + 1} off`}
                onClick={() => onChange(colours.filter((_, j) => j !== i))}
              >
                ✕
              </button>
            )}
          </span>
        ))}
        {colours.length < 5 && (
          <button type="button" className="btn" onClick={() => onChange([...colours, { hex: '#B08D47', percent: Math.max(1, 100 - sum) }])}>
            + colour
          </button>
        )}
      </div>
    </fieldset>
  );
}
