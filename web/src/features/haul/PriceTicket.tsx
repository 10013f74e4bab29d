import { useWriting } from '../../api/home';
import type { Line, LineState } from '../../api/types';
import { capital, counted } from '../../lib/text';

type Props = { line: Line; onAdvance: (state: LineState) => void; onEdit: () => void; isClosed: boolean };

const ACT: Record<LineState, string> = { wanted: 'Want again', ordered: 'Ordered', got: 'Got it', returned: 'Took it back', dropped: 'Drop' };

/** A price ticket: what is paid against the list, the packs, and how far it has got. */
export function PriceTicket({ line, onAdvance, onEdit, isClosed }: Props) {
  const { money } = useWriting();
  const isOver = line.state === 'dropped' || line.state === 'returned';
  const offer = {
    none: null,
    percent: `${line.offerValue} % off`,
    fixed: `${money(line.offerValue)} off each`,
    deal: `take ${line.offerValue}, pay ${line.offerPayFor}`,
  }[line.offer];
  return (
    <article className={`tagcard mt-2 ${isOver ? 'opacity-70' : ''}`} aria-label={line.name}>
      {offer && <p className="bg-yolk px-3 py-0.5 font-semibold">{offer}</p>}
      <div className="flex gap-3 px-3 py-2">
        <div className="w-[78px] flex-none">
          <b className={`block font-display text-[24px]/[28px] ${isOver ? 'line-through' : ''}`}>{money(line.total)}</b>
          {line.list !== line.total && <s className="note">{money(line.list)} list</s>}
        </div>
        <div className="min-w-0 flex-1">
          <b>{line.name}</b>
          <p className="note">
            {capital(line.way)}, need {line.needed}
            {line.packSize > 1 && `: ${counted(line.packs, 'pack')} of ${line.packSize} at ${money(line.packPrice)}`}
            {line.spare > 0 && `, ${line.spare} spare`}; {money(line.perPiece)} each{line.tender === 'gift card' && ', on the gift card'}
          </p>
          <p>
            <span className="mr-1 border border-ink px-1 text-[12px] font-semibold">{line.state}</span>
            {!isClosed && (
              <span className="no-print">
                {line.next.map((state) => (
                  <button key={state} type="button" className="link mr-2" onClick={() => onAdvance(state)} aria-label={`${ACT[state]}: ${line.name}`}>
                    {ACT[state]}
                  </button>
                ))}
                {(line.state === 'wanted' || line.state === 'ordered') && (
                  <button type="button" className="link font-normal" onClick={onEdit} aria-label={`Change ${line.name}`}>
                    Change
                  </button>
                )}
              </span>
            )}
          </p>
        </div>
      </div>
    </article>
  );
}
