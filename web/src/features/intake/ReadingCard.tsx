import { usePlaces, useWriting } from '../../api/home';
import type { FoundColours, Intake } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';
import { Answers } from './Answers';
import { ReadPicture } from './ReadPicture';

type Props = {
  reading: Intake | undefined;
  /** False while a line typed further is still being read. */
  isCurrent: boolean;
  colours: FoundColours['colours'];
  otherwise: string;
  refusal: Error | null;
  onAnswer: (line: string) => void;
};

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
  const doubts = reading.assumed.length + (reading.unknown.length > 0 ? 1 : 0);
  return (
    <section aria-label="How the line is read" className="mt-4" data-testid="reading">
      <div className="flex min-h-[150px] flex-wrap items-end gap-x-8 gap-y-2 px-4">
        <ReadPicture reading={reading} colours={colours} width={210} height={142} />
        <Facts reading={reading} otherwise={otherwise} />
        <div className="min-w-[230px] max-w-[420px] flex-1 self-center" aria-live="polite">
          {reading.questions.length === 0 && refusal === null && (
            <p className={`mb-1 text-[15px] ${isCurrent ? '' : 'invisible'}`}>
              ✓ {doubts === 0 ? 'Clear. Enter takes it in.' : `Enter takes it in, with ${counted(doubts, 'thing')} to look at:`}
            </p>
          )}
          <Answers reading={reading} hasKeys onAnswer={onAnswer} />
          {reading.unknown.length > 0 && <p className="text-ink-2">Only words of its name: {reading.unknown.join(', ')}.</p>}
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

function Facts({ reading, otherwise }: { reading: Intake; otherwise: string }) {
  const write = useWriting();
  const place = usePlaces();
  const side = (tenths: number | null) => (tenths === null ? '?' : write.length(tenths));
  const facts: [string, string][] = [
    ['Count', String(reading.count)],
    ['Kind', reading.kind ?? '?'],
    ['Size', `${side(reading.height)} high, ${side(reading.width)} wide, ${side(reading.depth)} deep`],
    ['Colour', reading.inColours || '?'],
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
