import { useMemo, useState } from 'react';
import type { Piece, Ribbon, StockAnswer } from '../../api/types';
import { labelOf, type ShelfGroup } from '../../shelves/layout';
import { Shelves } from '../../shelves/Shelves';

type Answer = StockAnswer['answers'][number];
type Props = { answer: StockAnswer | undefined; ribbons: readonly Ribbon[]; pieces: readonly Piece[] };

/** What the stock says to the look: in it by ribbon, then near, then outside. */
export function LookAnswer({ answer, ribbons, pieces }: Props) {
  const [active, setActive] = useState<string | null>(null);
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const answers = useMemo(() => new Map(answer?.answers.map((one) => [one.piece, one])), [answer]);
  const groups = useMemo(() => answerGroups(answer?.answers ?? [], ribbons, byId), [answer, ribbons, byId]);
  if (!answer) return null;
  const at = active ? answers.get(active) : undefined;
  const piece = active ? byId.get(active) : undefined;
  return (
    <section aria-label="What the stock answers" className="mt-4">
      <p className="bg-gradient-to-b from-ledge to-paper px-[22px] pt-3 pb-1 text-[15px] max-md:px-3" aria-live="polite" data-testid="answer">
        <b className="text-[17px]">{answer.in}</b> of {answer.answers.length} pieces sit in this look, <b className="text-[17px]">{answer.near}</b>{' '}
        are near, <b className="text-[17px]">{answer.outside}</b> outside.
        <span className="note float-right max-md:float-none max-md:block">
          {piece && at
            ? `${piece.name}: ${at.score}, ${at.verdict}; nearest is ${ribbons[at.ribbon]?.name}, ${at.distance} off`
            : 'Point at a piece to see why. 80 is in, 60 near.'}
        </span>
      </p>
      <div className="h-[430px]">
        <Shelves
          label="Pieces by ribbon, then near, then outside"
          groups={groups}
          active={active}
          selected={NONE}
          onActivate={setActive}
          onToggle={setActive}
          hasTags={false}
          describe={(id) => `${labelOf(byId.get(id))}, fit ${answers.get(id)?.score}, ${answers.get(id)?.verdict}`}
        />
      </div>
    </section>
  );
}

const NONE: ReadonlySet<string> = new Set();

function answerGroups(answers: readonly Answer[], ribbons: readonly Ribbon[], byId: ReadonlyMap<string, Piece>): ShelfGroup[] {
  const sorted = [...answers].sort((a, b) => b.score - a.score);
  const group = (key: string, title: string, keep: (one: Answer) => boolean): ShelfGroup[] => {
    const items = sorted.filter(keep).flatMap((one) => byId.get(one.piece) ?? []);
    return items.length === 0 ? [] : [{ key, title, note: String(items.length), items: items.map((piece) => ({ id: piece.id, piece })) }];
  };
  return [
    ...ribbons.flatMap((ribbon, i) => group(`ribbon-${i}`, ribbon.name, (one) => one.verdict === 'in the look' && one.ribbon === i)),
    ...group('near', 'Near', (one) => one.verdict === 'near'),
    ...group('outside', 'Outside', (one) => one.verdict === 'outside'),
  ];
}
