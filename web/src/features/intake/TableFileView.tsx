import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import type { MendTable, TableProgress, TableRead } from '../../api/types';
import { fileAsBase64 } from '../../lib/fileAsBase64';
import { counted } from '../../lib/text';
import { FormErrors } from '../../ui/Field';
import { SheetColumns } from './SheetColumns';
import { TableRows } from './TableRows';

const AT_A_TIME = 500;

/** A sheet of pieces: looked through first, put right where it stands, then taken in; what is troubled is left out only when told to. */
export function TableFileView({ home }: { home: string }) {
  const [leaveOutBad, setLeaveOutBad] = useState(false);
  const [leaveOutDoubles, setLeaveOutDoubles] = useState(true);
  const [progress, setProgress] = useState<TableProgress | null>(null);
  const [table, setTable] = useState<TableRead | null>(null);
  const read = useMutation({
    mutationFn: async (file: File): Promise<TableRead> =>
      take(api.POST('/api/homes/{home}/tables', { params: { path: { home } }, body: { base64: await fileAsBase64(file) } })),
    onMutate: () => {
      setProgress(null);
      setTable(null);
    },
    onSuccess: setTable,
  });
  const mend = useMutation({
    mutationFn: (body: MendTable) =>
      take(api.POST('/api/homes/{home}/tables/{table}/mends', { params: { path: { home, table: table?.id ?? '' } }, body })),
    onSuccess: setTable,
  });
  const keep = useMutation({
    mutationFn: async (id: string) => {
      const path = { home, table: id };
      for (;;) {
        const now = await take(
          api.PUT('/api/homes/{home}/tables/{table}', { params: { path }, body: { leaveOutBad, leaveOutDoubles, most: AT_A_TIME } }),
        );
        setProgress(now);
        if (now.done >= now.rows) return now;
      }
    },
  });
  const isDone = progress !== null && progress.done >= progress.rows;
  const wanted = table ? table.good + (leaveOutDoubles ? 0 : table.doubles) : 0;
  return (
    <div className="px-[22px] pt-3 pb-24 max-md:px-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="panel-title">Pieces from a sheet</h2>
        <span className="note flex-1">
          Any list with a row for each thing, saved as CSV, as it is. What cannot be read is put right here, for all rows alike at once. Nothing is
          stored before you have seen it.
        </span>
        <Link className="link" to={`/homes/${home}/intake`}>
          Line by line instead
        </Link>
      </div>
      <FormErrors error={read.error ?? mend.error ?? keep.error}>
        <input
          type="file"
          aria-label="CSV file"
          accept=".csv,.tsv,.txt,text/csv"
          className="mt-3"
          onChange={(event) => event.target.files?.[0] && read.mutate(event.target.files[0])}
        />
      </FormErrors>
      {read.isPending && <p role="status">Reading the rows…</p>}
      {table && (
        <section aria-label="What would happen" className="mt-4" data-testid="table-read" aria-busy={mend.isPending}>
          <p className="text-[15px]/[22px]" aria-live="polite">
            <b>{table.good}</b> of {counted(table.rows, 'row')} can be taken in
            {table.assumed > 0 && <>, {table.assumed} with something assumed</>}; <b>{table.doubles}</b> look like something you own;{' '}
            <b>{table.bad}</b> have a cell to put right{table.leftOut > 0 && <>; {table.leftOut} left out</>}.
          </p>
          <SheetColumns
            table={table}
            isBusy={mend.isPending}
            onChoose={(column, field) => mend.mutate({ columns: [{ column, field }], cells: [] })}
          />
          <div className="my-3 flex flex-wrap items-center gap-x-5 gap-y-1">
            <button
              type="button"
              className="btn btn-main"
              disabled={keep.isPending || mend.isPending || isDone || wanted === 0 || (table.bad > 0 && !leaveOutBad)}
              onClick={() => keep.mutate(table.id)}
            >
              Take in {counted(wanted, 'piece')}
            </button>
            {table.bad > 0 && (
              <label className="flex items-center gap-1.5">
                <input type="checkbox" checked={leaveOutBad} onChange={(event) => setLeaveOutBad(event.target.checked)} /> leave out the rows with a
                cell to put right
              </label>
            )}
            {table.doubles > 0 && (
              <label className="flex items-center gap-1.5">
                <input type="checkbox" checked={leaveOutDoubles} onChange={(event) => setLeaveOutDoubles(event.target.checked)} /> leave out what
                looks like something owned
              </label>
            )}
          </div>
          {progress && (
            <p role="status" className="my-2 max-w-[520px]">
              {progress.done} of {counted(progress.rows, 'row')} done, {counted(progress.made, 'piece')} taken in.
              <span className="mt-1 block h-2 border border-line-2">
                <span className="block h-full bg-door" style={{ width: `${(100 * progress.done) / Math.max(1, progress.rows)}%` }} />
              </span>
            </p>
          )}
          <TableRows table={table} isBusy={mend.isPending || progress !== null} onMend={(cells) => mend.mutate({ columns: [], cells })} />
        </section>
      )}
    </div>
  );
}
