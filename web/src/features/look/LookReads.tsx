import type { LookInput, LookReading } from '../../api/types';
import { COLOUR_SCHOOLS } from '../../api/words';
import { Triangle } from '../../lib/notices';

type Props = { reading: LookReading | undefined; colour: LookInput['colour']; onChange: (part: Partial<LookInput>) => void };

/** How the ribbons read in words, with the figures behind them, what cannot be told apart, and how far the stock may stray. */
export function LookReads({ reading, colour, onChange }: Props) {
  return (
    <section aria-label="How it reads">
      <h3 className="mb-1 font-text font-semibold text-ink-2">How it reads</h3>
      {reading && (
        <details>
          <summary className="cursor-pointer text-[15px]/[20px]">{reading.words.join(', ')}</summary>
          <p className="note mt-1">
            Strength {reading.chroma} on average and {reading.spread} apart (OKLCh chroma; muted under 0.06, bright from 0.11). Warmth{' '}
            {reading.warmth} from −1 cool to 1 warm. Hues {Math.round(reading.hues)}° apart (one range under 25°, many from 60°). All by share.
          </p>
        </details>
      )}
      {reading?.warnings.map((warning) => (
        <p key={warning} className="mt-1.5 flex gap-1.5 leading-[17px]">
          <Triangle /> {warning}
        </p>
      ))}
      <fieldset className="mt-2">
        <legend className="sr-only">How far the stock may stray</legend>
        <div className="flex flex-wrap gap-1">
          {COLOUR_SCHOOLS.map((school) => (
            <button
              key={school}
              type="button"
              aria-pressed={colour === school}
              title={SCHOOL_WORDS[school]}
              onClick={() => onChange({ colour: school })}
              className={`border px-2 py-0.5 ${colour === school ? 'border-ink bg-yolk-soft font-semibold' : 'border-line-2 bg-card'}`}
            >
              {colour === school ? '✓ ' : ''}
              {school}
            </button>
          ))}
        </div>
        <p className="note mt-1">{SCHOOL_WORDS[colour]}</p>
      </fieldset>
    </section>
  );
}

const SCHOOL_WORDS: Record<LookInput['colour'], string> = {
  'as the ribbons': 'The ribbons alone decide.',
  quiet: 'What is louder than the loudest ribbon loses.',
  'with a surprise': 'A small part in an unexpected colour is welcome.',
};
