import { useMemo, useState } from 'react';
import { useHouse } from '../../api/home';
import type { Haul, Line, Need, Piece, Swap } from '../../api/types';
import { saveFile } from '../../lib/saveFile';
import { counted } from '../../lib/text';
import { Menu } from '../../ui/Menu';
import { EmptyLedge } from '../../ui/States';
import { FoundDamages } from './FoundDamages';
import { Gap } from './Gap';
import { LineDialog } from './LineDialog';
import { LineTable } from './LineTable';
import { PriceTicket } from './PriceTicket';
import { PurseBar } from './PurseBar';
import { useHaul } from './useHaul';

type Props = { haul: Haul; pieces: readonly Piece[]; swap: Swap; isClosed: boolean };
type Writing = { need?: Need | undefined; line?: Line | undefined };

/** What no spot has yet: the home answers first, then lines to buy, make or borrow, and the purse over all of it. */
export function HaulView({ haul, pieces, swap, isClosed }: Props) {
  const house = useHouse();
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const [writing, setWriting] = useState<Writing | null>(null);
  const [isTable, setTable] = useState(false);
  const acts = useHaul(house.home.id);
  const loose = haul.lines.filter((line) => line.need === null);
  return (
    <div className="pb-8 max-md:pb-20">
      <PurseBar purse={haul.purse} name={swap.name} />
      <div className="flex flex-wrap items-center justify-between gap-3 px-[22px] pt-4 max-md:px-3">
        <h2 className="panel-title">{counted(haul.needs.filter((one) => one.need.filledBy === null).length, 'gap')} to close</h2>
        <span className="no-print flex gap-2">
          <Menu
            trigger={
              <button type="button" className="btn">
                Files ▾
              </button>
            }
            items={[
              { label: 'Print', onSelect: () => window.print() },
              { label: 'The haul as a table (CSV)', onSelect: () => saveFile(`/api/homes/${house.home.id}/swaps/${swap.id}/lines.csv`) },
              ...(isClosed ? [] : [{ label: 'Bring lines in from a table…', onSelect: () => setTable(true) }]),
            ]}
          />
          {!isClosed && (
            <button type="button" className="btn btn-main" onClick={() => setWriting({})}>
              Write a line
            </button>
          )}
        </span>
      </div>
      {haul.needs.length === 0 && loose.length === 0 && haul.damages.length === 0 && (
        <EmptyLedge>Nothing is missing yet. Write down what a spot wants at Rooms; the home is asked first, then the shops.</EmptyLedge>
      )}
      <div className="grid gap-x-3 gap-y-6 px-[22px] pt-3 max-md:px-3 md:grid-cols-2 xl:grid-cols-3">
        {haul.needs.map((one, i) => (
          <Gap
            key={one.need.id}
            number={i + 1}
            gap={one}
            pieces={byId}
            lines={haul.lines.filter((line) => line.need === one.need.id)}
            acts={acts}
            isClosed={isClosed}
            onBuy={() => setWriting({ need: one.need })}
            onEdit={(line) => setWriting({ line })}
          />
        ))}
      </div>
      {loose.length > 0 && (
        <section className="px-[22px] pt-8 max-md:px-3">
          <h2 className="panel-title mb-2">For the season as a whole</h2>
          <div className="grid gap-3 md:grid-cols-2 xl:grid-cols-3">
            {loose.map((line) => (
              <PriceTicket
                key={line.id}
                line={line}
                onAdvance={(state) => acts.advance(line, state)}
                onEdit={() => setWriting({ line })}
                isClosed={isClosed}
              />
            ))}
          </div>
        </section>
      )}
      <FoundDamages damages={haul.damages} pieces={byId} swap={swap} isClosed={isClosed} />
      {isTable && <LineTable swap={swap} onClose={() => setTable(false)} />}
      {writing && <LineDialog {...writing} swap={swap} onClose={() => setWriting(null)} />}
    </div>
  );
}
