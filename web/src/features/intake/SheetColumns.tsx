import type { TableRead } from '../../api/types';
import { counted } from '../../lib/text';
import { FIELDS } from './sheetFields';

type Props = { table: TableRead; isBusy: boolean; onChoose: (column: number, field: string) => void };

/** Which column was taken for what, each changed where it stands; and the rows that are no things. */
export function SheetColumns({ table, isBusy, onChoose }: Props) {
  return (
    <details className="mt-2" open={table.columns.some((one) => one.field === '' || one.field === 'note') || table.bad > 0}>
      <summary className="cursor-pointer font-semibold">
        {counted(table.columns.length, 'column')}
        {table.asides.length > 0 && `, ${counted(table.asides.length, 'row')} that ${table.asides.length === 1 ? 'is no thing' : 'are no things'}`}
      </summary>
      <ul className="mt-1 flex flex-wrap gap-x-3 gap-y-2">
        {table.columns.map((one) => (
          <li key={one.column} className="w-[180px] border-t-2 border-ink pt-1">
            <span className="block truncate font-semibold" dir="auto">
              {one.head || `Column ${one.column + 1}`}
            </span>
            <span className="note block h-[18px] truncate">{one.sample}</span>
            <select
              aria-label={`${one.head || `Column ${one.column + 1}`} is`}
              value={one.field}
              disabled={isBusy}
              className="w-full"
              onChange={(event) => onChoose(one.column, event.target.value)}
            >
              {one.field.startsWith('tick:') && <option value={one.field}>ticks for {one.field.slice(5)}</option>}
              {FIELDS.map(([field, words]) => (
                <option key={field} value={field}>
                  {words}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
      {table.asides.length > 0 && (
        <p className="note mt-2">
          No things:{' '}
          {table.asides.map((one) => (
            <span key={one.line} className="mr-3">
              row {one.line}, a {one.what}, “{one.text}”
            </span>
          ))}
        </p>
      )}
    </details>
  );
}
