import type { TableRead } from '../../api/types';
import { Triangle } from '../../lib/notices';

/** The rows of a table with what would happen to each; the troubled ones first. */
export function TableRows({ table }: { table: TableRead }) {
  return (
    <div className="overflow-x-auto">
      <table className="plain">
        <thead>
          <tr>
            <th className="num">Row</th>
            <th>Name</th>
            <th>Kind</th>
            <th className="num">Count</th>
            <th>Where</th>
            <th>What would happen</th>
          </tr>
        </thead>
        <tbody>
          {table.shown.map((row) => (
            <tr key={row.line}>
              <td className="num">{row.line}</td>
              <td dir="auto">{row.name || 'no name'}</td>
              <td>{row.kind ?? ''}</td>
              <td className="num">{row.count}</td>
              <td>{row.places || 'loose'}</td>
              <td>
                {row.problems.length > 0 ? (
                  <span className="flex gap-1.5">
                    <Triangle /> {row.problems.join(' ')}
                  </span>
                ) : row.like !== '' ? (
                  `Like ${row.like}`
                ) : (
                  '✓ taken in'
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {table.shown.length < table.rows && <p className="note mt-2">And {table.rows - table.shown.length} more that can be taken in.</p>}
    </div>
  );
}
