import { useState } from 'react';
import { useHouse, useWriting } from '../../api/home';
import type { MendTable, TableRead } from '../../api/types';
import { PIECE_KINDS } from '../../api/words';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';
import { fieldInWords } from './sheetFields';

type Row = TableRead['shown'][number];
type Problem = Row['problems'][number];
type Cells = MendTable['cells'];
type Props = { table: TableRead; isBusy: boolean; onMend: (cells: Cells) => void };

/** The rows of a sheet with what would happen to each; the troubled ones first, their cells put right where they stand. */
export function TableRows({ table, isBusy, onMend }: Props) {
  const write = useWriting();
  const house = useHouse();
  const facts = (row: Row) =>
    [
      row.height === null ? '' : `${write.length(row.height)} high`,
      row.inColours,
      row.costEach === null ? '' : `${write.money(row.costEach)} each`,
      row.care === '' ? '' : `note: ${row.care}`,
    ]
      .filter((one) => one !== '')
      .join(', ');
  return (
    <div className="overflow-x-auto">
      <datalist id="sheet-kinds">
        {PIECE_KINDS.map((kind) => (
          <option key={kind} value={kind} />
        ))}
      </datalist>
      <datalist id="sheet-places">
        {house.totes.map((tote) => (
          <option key={tote.id} value={tote.code} />
        ))}
        <option value="loose" />
      </datalist>
      <table className="plain">
        <thead>
          <tr>
            <th className="num">Row</th>
            <th>Name</th>
            <th className="max-md:hidden">Kind</th>
            <th className="num">Count</th>
            <th className="max-md:hidden">Where</th>
            <th>What would happen</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {table.shown.map((row) => (
            <tr key={row.line} className={row.isLeftOut ? 'text-ink-3' : ''}>
              <td className="num align-top">{row.line}</td>
              <td className="align-top" dir="auto">
                {row.name || 'no name'}
                <span className="note block max-w-[340px]">{facts(row)}</span>
              </td>
              <td className="align-top max-md:hidden">{row.kind ?? ''}</td>
              <td className="num align-top">{row.count}</td>
              <td className="align-top max-md:hidden">{row.places || 'loose'}</td>
              <td className="align-top">
                {row.isLeftOut ? 'left out' : row.problems.length > 0 ? null : row.like !== '' ? `Like ${row.like}` : '✓ taken in'}
                {!row.isLeftOut &&
                  row.problems.map((one) => <Mend key={`${one.field} ${one.sentence}`} problem={one} row={row} isBusy={isBusy} onMend={onMend} />)}
                {!row.isLeftOut &&
                  row.problems.length === 0 &&
                  row.assumed.map((one) => (
                    <span key={one} className="note block">
                      {one}
                    </span>
                  ))}
              </td>
              <td className="align-top">
                <button
                  type="button"
                  className="link"
                  disabled={isBusy}
                  onClick={() => onMend([{ line: row.line, field: 'left out', said: '', cell: row.isLeftOut ? '' : 'yes' }])}
                >
                  {row.isLeftOut ? 'take it in' : 'leave out'}
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {table.shown.length < table.rows && <p className="note mt-2">And {table.rows - table.shown.length} more that can be taken in.</p>}
    </div>
  );
}

const LISTS: Record<string, string> = { kind: 'sheet-kinds', places: 'sheet-places' };

function Mend({ problem, row, isBusy, onMend }: { problem: Problem; row: Row; isBusy: boolean; onMend: (cells: Cells) => void }) {
  const [cell, setCell] = useState(problem.cell);
  const put = (line: number | null) => onMend([{ line, field: problem.field, said: problem.cell, cell }]);
  return (
    <form
      className="mb-2"
      onSubmit={(event) => {
        event.preventDefault();
        put(row.line);
      }}
    >
      <span className="flex gap-1.5 font-semibold">
        <Triangle /> {problem.sentence}
      </span>
      <span className="mt-1 flex flex-wrap items-center gap-1.5 pl-6">
        <input
          aria-label={`Row ${row.line}, ${fieldInWords(problem.field)}`}
          value={cell}
          list={LISTS[problem.field]}
          dir="auto"
          className="w-[180px]"
          onChange={(event) => setCell(event.target.value)}
        />
        <button type="submit" className="btn" disabled={isBusy || cell === problem.cell}>
          Put right
        </button>
        {problem.alike > 1 && (
          <button type="button" className="btn" disabled={isBusy || cell === problem.cell} onClick={() => put(null)}>
            All {counted(problem.alike, 'row')} with “{problem.cell || 'nothing'}”
          </button>
        )}
      </span>
    </form>
  );
}
