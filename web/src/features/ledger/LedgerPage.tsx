import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useHouse, useWriting } from '../../api/home';
import { ledgerQuery, piecesQuery } from '../../api/queries';
import type { Ledger, Piece } from '../../api/types';
import { failed } from '../../lib/failed';
import { writeDay, writeWorth } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';
import { Worth } from './Worth';

export function LedgerPage() {
  const house = useHouse();
  const ledger = useQuery(ledgerQuery(house.home.id));
  const pieces = useQuery(piecesQuery(house.home.id));
  const error = failed(ledger, pieces);
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([ledger.refetch(), pieces.refetch()])} />;
  if (!ledger.data || !pieces.data) return <LoadingLedges />;
  if (ledger.data.seasons.length === 0)
    return <EmptyLedge>No season yet. When the first swap is closed, its sums stand here beside the next.</EmptyLedge>;
  return <LedgerView ledger={ledger.data} pieces={pieces.data} />;
}

/** The seasons side by side, and what has not stood anywhere for long. */
function LedgerView({ ledger, pieces }: { ledger: Ledger; pieces: readonly Piece[] }) {
  const house = useHouse();
  const { money } = useWriting();
  const most = Math.max(1, ...ledger.seasons.map((season) => Math.max(season.budget ?? 0, season.spent)));
  return (
    <div className="p-5 pl-[22px] max-md:p-3 max-md:pb-24">
      <h2 className="text-[22px]/[28px]">The seasons side by side</h2>
      <div className="mt-2 overflow-x-auto">
        <table className="plain min-w-[720px]">
          <thead>
            <tr>
              <th>Season</th>
              <th>Spent against budget</th>
              <th className="num">Spent</th>
              <th className="num">Budget</th>
              <th className="num">Reused</th>
              <th className="num">New</th>
              <th className="num">Reuse share</th>
              <th className="num">To replace what was reused</th>
            </tr>
          </thead>
          <tbody>
            {ledger.seasons.map((season) => {
              const units = season.reusedUnits + season.newUnits;
              return (
                <tr key={season.swap}>
                  <td>
                    <Link className="link" to={`/homes/${house.home.id}/swaps/${season.swap}/settle`}>
                      {season.name}
                    </Link>
                    <span className="note block">
                      {writeDay(season.swapDay)} {season.swapDay.slice(0, 4)}
                      {!season.isClosed && ', running'}
                    </span>
                  </td>
                  <td>
                    <svg
                      width="210"
                      height="18"
                      role="img"
                      aria-label={`${money(season.spent)} of ${season.budget === null ? 'no budget' : money(season.budget)}`}
                    >
                      <rect width={((season.budget ?? 0) / most) * 208} height="16" x=".5" y=".5" fill="#fff" stroke="#C4BEAF" />
                      <rect width={(season.spent / most) * 208} height="9" y="4" fill={season.isClosed ? '#1F2421' : '#1E4D45'} />
                    </svg>
                  </td>
                  <td className="num">
                    <b>{money(season.spent)}</b>
                  </td>
                  <td className="num">{season.budget === null ? 'none set' : money(season.budget)}</td>
                  <td className="num">{season.reusedUnits}</td>
                  <td className="num">{season.newUnits}</td>
                  <td className="num">{units === 0 ? '–' : `${Math.round((season.reusedUnits / units) * 100)} %`}</td>
                  <td className="num">{writeWorth(money(season.reusedValue), season.reusedUnits, season.reusedUnpriced)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <Worth ledger={ledger} pieces={pieces} />
      <Idle ledger={ledger} pieces={pieces} />
    </div>
  );
}

function Idle({ ledger, pieces }: { ledger: Ledger; pieces: readonly Piece[] }) {
  const { money } = useWriting();
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const idle = ledger.idle.flatMap((one) => {
    const piece = byId.get(one.piece);
    return piece ? [{ ...one, piece }] : [];
  });
  return (
    <section className="mt-8">
      <h2 className="text-[19px]/[24px]">Not out for two seasons or more</h2>
      <p className="note">Look at them before anything like them is bought.</p>
      {idle.length === 0 && <p className="mt-2">Nothing lies idle.</p>}
      <ul className="mt-2 flex flex-wrap">
        {idle.map(({ piece, idle: seasons, cost }) => (
          <li key={piece.id} className="mb-4 w-[118px] text-center">
            <svg width="118" height="84" aria-hidden="true" className="block">
              <Silhouette piece={piece} scale={Math.min(3.4, 76 / shownHeight(piece), 100 / (piece.width / 254))} x={59} y={83} />
            </svg>
            <div className="ledge truncate px-1 text-[12px]/[17px] font-semibold">{piece.name}</div>
            <span className="note">
              {seasons === null ? 'never out' : `${seasons} seasons`}
              {cost > 0 && `, ${money(cost)}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
