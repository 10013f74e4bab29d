import { useWriting } from '../../api/home';
import type { Purse } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { useNarrow } from '../../lib/useNarrow';

/** The purse: spent, ordered, planned and free to the cent; the gift card apart; a word before it runs over. */
export function PurseBar({ purse, name }: { purse: Purse; name: string }) {
  const { money } = useWriting();
  const parts = [
    { key: 'Spent', value: purse.spent, look: 'bg-ink text-white' },
    { key: 'Ordered', value: purse.committed, look: 'bg-door text-white' },
    { key: 'Planned', value: purse.planned, look: 'hatch bg-card' },
    { key: 'Free', value: Math.max(0, purse.free), look: 'bg-paper' },
  ].filter((part) => part.value > 0);
  const card = purse.giftCard > 0;
  const isNarrow = useNarrow();
  return (
    <section aria-label="Purse" className="px-[22px] pt-3 max-md:px-3" data-testid="purse">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-[19px]/[24px]">
          Purse{' '}
          <span className="font-text text-[13px] font-normal">
            {purse.budget === null ? (
              <>No budget set for {name}</>
            ) : (
              <>
                <b>{money(purse.budget)}</b> for {name}
              </>
            )}
            , {money(purse.spent + purse.committed + purse.planned)} spoken for
          </span>
        </h2>
        <p>
          {purse.budget !== null && <b>{money(purse.free)} free</b>}
          {card && `, ${money(purse.cardFree)} on the gift card`}
        </p>
      </div>
      <div className="mt-1 h-1.5 rounded bg-gradient-to-b from-[#b9bbb6] to-[#7c807b]" aria-hidden="true" />
      <div className="flex min-h-8 overflow-hidden rounded-b-md border-x border-b-2 border-ink max-md:min-h-4" aria-hidden={isNarrow}>
        {parts.map((part) => (
          <div
            key={part.key}
            className={`flex items-center gap-1.5 border-r border-line-2 px-2.5 py-1.5 whitespace-nowrap max-md:px-0 ${part.look}`}
            style={{ flex: isNarrow ? `${part.value} 1 0` : `${part.value} 1 96px` }}
          >
            <span className={`max-md:hidden ${part.key === 'Planned' ? 'bg-card px-1' : ''}`}>
              {part.key} <b>{money(part.value)}</b>
            </span>
          </div>
        ))}
        {card && (
          <div
            className="hatch-bold flex items-center px-2.5 py-1.5 max-md:px-0"
            style={{ flex: isNarrow ? `${purse.giftCard} 1 0` : `${purse.giftCard} 1 120px` }}
          >
            <span className="bg-card px-1 max-md:hidden">
              Gift card <b>{money(purse.cardFree)}</b> of {money(purse.giftCard)}
            </span>
          </div>
        )}
      </div>
      {isNarrow && (
        <p className="mt-1 text-[15px]">
          {parts.map((part) => `${part.key} ${money(part.value)}`).join(', ')}
          {card && `; card ${money(purse.cardFree)} of ${money(purse.giftCard)}`}
        </p>
      )}
      {purse.overrun > 0 && (
        <p role="alert" className="mt-2 flex items-start gap-2 border-2 border-ink bg-yolk-soft px-3 py-2">
          <Triangle />
          <span>
            <b>{money(purse.overrun)} over the budget.</b>{' '}
            {purse.drop === null
              ? 'Dropping every line that is still only wanted is not enough.'
              : `To stay inside, drop ${purse.drop?.join(' and ')}.`}
          </span>
        </p>
      )}
      {card && purse.cardFree < 0 && (
        <p role="alert" className="mt-2 flex gap-2">
          <Triangle /> The gift card is {money(-purse.cardFree)} short.
        </p>
      )}
    </section>
  );
}
