import { useWriting } from '../../api/home';
import type { Reckoned, Sum, SumInput, Supply, Swap } from '../../api/types';
import { counted } from '../../lib/text';
import { useReckonedActs } from './useReckonedActs';

type Props = {
  reckoned: Reckoned;
  body: SumInput;
  sum: Sum;
  swap: Swap | undefined;
  need: string | null;
  /** The fields say something else than what is answered. */
  isOff: boolean;
};

/** Under the bench: what the drawer gives first, and what is still missing as a ghost with its price ticket. */
export function FromCupboard({ reckoned, body, sum, swap, need, isOff }: Props) {
  const write = useWriting();
  const acts = useReckonedActs(sum, body, swap, need);
  const isMissing = reckoned.supplies.some((one) => one.missing > 0);
  if (reckoned.supplies.length === 0) return null;
  return (
    <section aria-label="From the cupboard" className="mt-4">
      <h3 className="panel-title">From the cupboard first</h3>
      <div className="mt-1 grid gap-x-6 sm:grid-cols-2">
        {reckoned.supplies.map((one) => (
          <SupplyRow key={one.name} supply={one} />
        ))}
      </div>
      <div className="ledge" />
      <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
        {reckoned.cost !== null && (
          <p data-testid="cost">
            <b>{write.money(reckoned.cost)}</b> for what is missing
            {reckoned.purseFree !== null && `; ${write.money(reckoned.purseFree - reckoned.cost)} of the purse would be left`}
          </p>
        )}
        {isMissing && swap && (
          <button type="button" className="btn no-print" disabled={isOff || acts.buy.isPending || acts.buy.isDone} onClick={acts.buy.act}>
            {acts.buy.isDone ? 'On the haul list' : `Onto the haul list${reckoned.cost === null ? ', price later' : ''}`}
          </button>
        )}
        {reckoned.canCut && (
          <button type="button" className="btn no-print" disabled={isOff || acts.cut.isPending || acts.cut.isDone} onClick={acts.cut.act}>
            {acts.cut.isDone ? 'Cut' : 'Cut it now'}
          </button>
        )}
      </div>
    </section>
  );
}

function SupplyRow({ supply }: { supply: Supply }) {
  const write = useWriting();
  return (
    <div className="border-b border-line py-1.5">
      <p>
        <b>{supply.name}</b>: {supply.needed} needed
      </p>
      <ul>
        {supply.taken.map((one) => (
          <li key={one.piece} className="mt-1.5 flex items-baseline gap-2">
            <span className="hangtag px-1.5">{one.units}</span>
            <span>
              {one.name}
              {one.run && `, ${one.run}`} <span className="note">{one.where}</span>
            </span>
          </li>
        ))}
      </ul>
      {supply.missing > 0 ? (
        <p className="mt-0.5 inline-block border border-dashed border-ink-3 px-2 py-0.5">
          {counted(supply.missing, 'piece')} missing
          {supply.total !== null && (
            <>
              : {counted(supply.packs ?? 0, 'pack')}, <b>{write.money(supply.total)}</b>, {supply.per}
              {(supply.spare ?? 0) > 0 && `, ${supply.spare} to spare`}
            </>
          )}
        </p>
      ) : (
        <p className="note">Nothing to buy.</p>
      )}
    </div>
  );
}
