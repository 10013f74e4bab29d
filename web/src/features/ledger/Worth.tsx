import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useHouse, useWriting } from '../../api/home';
import type { Ledger, Piece } from '../../api/types';
import { counted } from '../../lib/text';

/** What the stock is worth, and where money lies badly in it: regrets, doubles, broken sets. */
export function Worth({ ledger, pieces }: { ledger: Ledger; pieces: readonly Piece[] }) {
  const { money } = useWriting();
  const name = new Map(pieces.map((piece) => [piece.id, piece.name]));
  return (
    <section className="mt-8">
      <h2 className="text-[19px]/[24px]">What is owned</h2>
      <p>
        {ledger.unpriced >= ledger.units ? (
          'No price is known of anything yet.'
        ) : (
          <>
            It cost <b>{money(ledger.cost)}</b>; to replace it all would cost <b>{money(ledger.replacement)}</b>
            {ledger.unpriced > 0 && `, without ${counted(ledger.unpriced, 'unit')} of which no price is known`}.
          </>
        )}
      </p>
      <div className="mt-3 grid gap-x-10 gap-y-4 md:grid-cols-3">
        <Column
          title="Regretted"
          note="Dear, had three seasons or more, stood once or never."
          isEmpty={ledger.regrets.length === 0}
          empty="Nothing dear lies unused."
        >
          {ledger.regrets.map((one) => (
            <li key={one.piece} className="flex justify-between gap-3 py-1">
              <PieceLink id={one.piece} name={name.get(one.piece)} />
              <span>
                {money(one.costEach)}, {one.worn === 0 ? 'never out' : 'out once'} of {one.chances}
              </span>
            </li>
          ))}
        </Column>
        <Column
          title="Perhaps twice"
          note="Alike in name, or in kind, size and colour."
          isEmpty={ledger.doubles.length === 0}
          empty="Nothing looks bought twice."
        >
          {ledger.doubles.map((one) => (
            <li key={one.one + one.two} className="py-1">
              <PieceLink id={one.one} name={name.get(one.one)} /> and <PieceLink id={one.two} name={name.get(one.two)} />
              <span className="note block">{one.reason}</span>
            </li>
          ))}
        </Column>
        <Column
          title="Sets that are not whole"
          note="What is lost, lent or gone is missing."
          isEmpty={ledger.broken.length === 0}
          empty="Every set is whole."
        >
          {ledger.broken.map((set) => (
            <li key={set.name} className="flex justify-between gap-3 py-1">
              <span>
                {set.pieces.map((id, i) => (
                  <span key={id}>
                    {i > 0 && ', '}
                    <PieceLink id={id} name={i === 0 ? set.name : name.get(id)} />
                  </span>
                ))}
              </span>
              <span>{counted(set.of - set.have, 'unit')} missing</span>
            </li>
          ))}
        </Column>
      </div>
    </section>
  );
}

function PieceLink({ id, name }: { id: string; name: string | undefined }) {
  const house = useHouse();
  return (
    <Link className="link" to={`/homes/${house.home.id}/cupboard?piece=${id}`}>
      {name}
    </Link>
  );
}

type ColumnProps = { title: string; note: string; isEmpty: boolean; empty: string; children: ReactNode };

function Column({ title, note, isEmpty, empty, children }: ColumnProps) {
  return (
    <div>
      <h3 className="font-text font-semibold">{title}</h3>
      <p className="note">{note}</p>
      {isEmpty ? <p className="mt-1">{empty}</p> : <ul className="rows mt-1">{children}</ul>}
    </div>
  );
}
