import { useWriting } from '../../api/home';
import type { Settle, Swap } from '../../api/types';
import { counted, writeWorth } from '../../lib/text';
import { CloseSwap } from './CloseSwap';
import { HowItStood } from './HowItStood';
import { Notes } from './Notes';
import { SumsTaken } from './SumsTaken';

/** How the season came out: money, reuse, what each piece costs a season; notes for next year; closing. */
export function SettleView({ settle, swap }: { settle: Settle; swap: Swap }) {
  const { money } = useWriting();
  const units = settle.reusedUnits + settle.newUnits;
  const reused = writeWorth(`${money(settle.reusedValue)} to replace`, settle.reusedUnits, settle.reusedUnpriced);
  const bought = writeWorth(money(settle.newValue), settle.newUnits, settle.newUnpriced);
  return (
    <div className="grid gap-8 p-5 pl-[22px] max-md:p-3 max-md:pb-24 lg:grid-cols-[minmax(0,1fr)_360px]">
      <div>
        <h2 className="text-[22px]/[28px]">{settle.isClosed ? `${swap.name} came to` : `${swap.name} so far`}</h2>
        <div className="mt-3 grid gap-6 sm:grid-cols-2">
          <section>
            <h3 className="panel-title">Spent against budget</h3>
            <p className="mt-1 text-[15px]">
              <b className="font-display text-[27px]">{money(settle.spent)}</b>
              {settle.budget === null ? ', no budget was set' : ` of ${money(settle.budget)}`}
            </p>
            {settle.budget !== null && (
              <Bar part={settle.spent} whole={settle.budget} label={`${money(settle.spent)} of ${money(settle.budget)} spent`} />
            )}
          </section>
          <section>
            <h3 className="panel-title">Out of storage, not the shops</h3>
            <p className="mt-1 text-[15px]">
              <b className="font-display text-[27px]">{settle.reuseShare === null ? '–' : `${Math.round(settle.reuseShare * 100)} %`}</b>{' '}
              {units > 0 && `of ${counted(units, 'piece')} were owned before`}
            </p>
            <Bar part={settle.reusedUnits} whole={units} label={`${settle.reusedUnits} of ${units} reused`} />
            <p className="note mt-1">
              Reused: {counted(settle.reusedUnits, 'unit')}
              {settle.reusedUnits > 0 && `, ${reused}`}. New: {counted(settle.newUnits, 'unit')}
              {settle.newUnits > 0 && `, ${bought}`}.
            </p>
          </section>
        </div>
        <section className="mt-6">
          <h3 className="panel-title">Cost of a season, piece by piece</h3>
          <p className="note mb-1">What one unit cost, shared over the seasons it stood, this one included; dearest first.</p>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reachable by keyboard (axe: scrollable-region-focusable) */}
          <section className="max-h-[46vh] overflow-auto" tabIndex={0} aria-label="Cost of a season by piece">
            <table className="plain">
              <thead>
                <tr>
                  <th>Piece</th>
                  <th className="num">Units</th>
                  <th className="num">Cost each</th>
                  <th className="num">Seasons</th>
                  <th className="num">A season</th>
                </tr>
              </thead>
              <tbody>
                {settle.used.map((piece) => (
                  <tr key={piece.name}>
                    <td>
                      {piece.name} {piece.isNew && <b>new</b>}
                    </td>
                    <td className="num">{piece.units}</td>
                    <td className="num">{piece.costEach === 0 ? 'no price' : money(piece.costEach)}</td>
                    <td className="num">{piece.seasonsUsed}</td>
                    <td className="num">
                      <b>{piece.costEach === 0 ? '–' : money(piece.costPerSeason)}</b>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </section>
        <HowItStood swap={swap} isClosed={settle.isClosed} />
      </div>
      <div className="grid content-start gap-6">
        <SumsTaken swap={swap} isClosed={settle.isClosed} />
        <Notes notes={settle.notes} swap={swap} />
        <CloseSwap settle={settle} swap={swap} />
      </div>
    </div>
  );
}

function Bar({ part, whole, label }: { part: number; whole: number; label: string }) {
  return (
    <div role="img" aria-label={label} className="mt-1 h-3 border border-line-2 bg-card">
      <div className="h-full bg-door" style={{ width: `${whole === 0 ? 0 : Math.min(100, (part / whole) * 100)}%` }} />
    </div>
  );
}
