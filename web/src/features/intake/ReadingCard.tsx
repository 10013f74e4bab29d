import { usePlaces, useWriting } from '../../api/home';
import type { FoundColours, Intake } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = {
  reading: Intake | undefined;
  /** False while a line typed further is still being read. */
  isCurrent: boolean;
  colours: FoundColours['colours'];
  otherwise: string;
  refusal: Error | null;
  onAnswer: (line: string) => void;
};

const UNKNOWN = 1524;

/** What a line was read as: the piece drawn, what was said, what was taken for granted, and what has to be asked. */
export function ReadingCard({ reading, isCurrent, colours, otherwise, refusal, onAnswer }: Props) {
  if (!reading) {
    return (
      <div className="mt-6">
        <div className="h-[120px]" />
        <div className="ledge" />
      </div>
    );
  }
  const isUnsaid = refusal !== null && !reading.questions.some((question) => question.sentence === refusal.message);
  const first = reading.questions.find((question) => question.replies.length > 0);
  return (
    <section aria-label="How the line is read" className="mt-4" data-testid="reading">
      <div className="flex min-h-[150px] flex-wrap items-end gap-x-8 gap-y-2 px-4">
        <Drawn reading={reading} colours={colours} />
        <Facts reading={reading} otherwise={otherwise} />
        <div className="min-w-[230px] max-w-[420px] flex-1 self-center" aria-live="polite">
          {reading.questions.map((question) => (
            <div key={question.sentence} className="mb-2">
              <p className="flex gap-2 font-semibold">
                <Triangle /> {question.sentence}
              </p>
              <div className="mt-1 flex flex-wrap gap-1.5 pl-6">
                {question.replies.map((reply, i) => (
                  <button key={reply.line} type="button" className="btn" onClick={() => onAnswer(reply.line)}>
                    {reply.label} {question === first && <kbd>{i + 1}</kbd>}
                  </button>
                ))}
              </div>
            </div>
          ))}
          {reading.questions.length === 0 && refusal === null && (
            <p className={`text-[15px] ${isCurrent ? '' : 'invisible'}`}>✓ Clear. Enter takes it in.</p>
          )}
          {isUnsaid && (
            <p role="alert" className="flex gap-2 border-2 border-ink bg-yolk-soft px-3 py-2">
              <Triangle /> {refusal?.message}
            </p>
          )}
          {reading.guesses.length > 0 && (
            <ul className="note mt-1 list-disc pl-10">
              {reading.guesses.map((guess) => (
                <li key={guess}>{guess}</li>
              ))}
            </ul>
          )}
        </div>
      </div>
      <div className="ledge px-4 text-[12px]/[16px]">
        <b>{reading.name}</b>
        {reading.count > 1 && ` ×${reading.count}`}
      </div>
    </section>
  );
}

function Drawn({ reading, colours }: { reading: Intake; colours: FoundColours['colours'] }) {
  const isGhost = reading.kind === null || reading.height === null || reading.width === null;
  const piece = {
    id: reading.name || 'line',
    kind: reading.kind ?? 'box',
    width: reading.width ?? UNKNOWN,
    height: reading.height ?? UNKNOWN,
    colours: colours.length > 0 ? [...colours] : reading.colours.length > 0 ? reading.colours : [{ hex: '#D8D6CC', percent: 100 }],
    finish: reading.finish,
    shape: reading.shape,
    pattern: reading.pattern,
  };
  const scale = Math.min(130 / shownHeight(piece), 190 / (piece.width / 254));
  return (
    <svg width="210" height="142" className="flex-none" aria-hidden="true">
      <Silhouette piece={piece} scale={scale} x={105} y={141} isGhost={isGhost} />
    </svg>
  );
}

function Facts({ reading, otherwise }: { reading: Intake; otherwise: string }) {
  const write = useWriting();
  const place = usePlaces();
  const side = (tenths: number | null) => (tenths === null ? '?' : write.length(tenths));
  const facts: [string, string][] = [
    ['Count', String(reading.count)],
    ['Kind', reading.kind ?? '?'],
    ['W × D × H', `${side(reading.width)} × ${side(reading.depth)} × ${side(reading.height)}`],
    ['Made of', [...reading.materials, reading.finish].join(', ')],
    ['Season', reading.seasons.join(', ') || 'all year'],
    ['Goes to', reading.place ? place(reading.place) : `${place(otherwise)}, as set above`],
    ['Cost each', reading.costEach === null ? 'not said' : write.money(reading.costEach)],
  ];
  if (reading.laidOut !== null) facts.push(['Unrolled', write.run(reading.laidOut)]);
  if (reading.weight !== null) facts.push(['Weighs', write.weight(reading.weight)]);
  if (reading.origin !== '') facts.push(['Origin', reading.origin]);
  if (reading.hazards.length > 0) facts.push(['Care with', reading.hazards.join(', ')]);
  if (reading.care !== '') facts.push(['Note', reading.care]);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 self-center text-[13px]/[19px]">
      {facts.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-ink-3">{name}</dt>
          <dd className="font-semibold">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
