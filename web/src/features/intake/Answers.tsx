import type { Intake } from '../../api/types';
import { Triangle } from '../../lib/notices';

type Question = Intake['questions'][number];

/** What can be answered with Alt and a number: the question that is left, else what was assumed. */
export const answersOf = (reading: Pick<Intake, 'questions' | 'assumed'>) => {
  const open = reading.questions.filter((one) => one.replies.length > 0);
  return (open.length > 0 ? open : reading.assumed).flatMap((one) => one.replies).slice(0, 9);
};

type Props = { reading: Pick<Intake, 'questions' | 'assumed'>; hasKeys: boolean; onAnswer: (line: string) => void };

/** The question of a line, and what was taken for granted; each with what it could be, a press or a key away. */
export function Answers({ reading, hasKeys, onAnswer }: Props) {
  const keys = answersOf(reading);
  const replies = (question: Question, isQuiet: boolean) => (
    <div className={`mt-1 flex flex-wrap ${isQuiet ? 'gap-x-3' : 'gap-1.5'}`}>
      {question.replies.map((reply) => {
        const key = keys.indexOf(reply);
        return (
          <button key={reply.line} type="button" className={isQuiet ? 'link' : 'btn'} onClick={() => onAnswer(reply.line)}>
            {reply.label} {hasKeys && key >= 0 && <kbd>{key + 1}</kbd>}
          </button>
        );
      })}
    </div>
  );
  return (
    <>
      {reading.questions.map((question) => (
        <div key={question.sentence} className="mb-2">
          <p className="flex gap-2 font-semibold">
            <Triangle /> {question.sentence}
          </p>
          {replies(question, false)}
        </div>
      ))}
      {reading.assumed.map((question) => (
        <div key={question.field} className="mb-2">
          <p className="text-ink-2">{question.assumed}</p>
          {replies(question, !hasKeys)}
        </div>
      ))}
    </>
  );
}
