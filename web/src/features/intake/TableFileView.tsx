import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import type { TableProgress, TableRead } from '../../api/types';
import { fileAsBase64 } from '../../lib/fileAsBase64';
import { counted } from '../../lib/text';
import { FormErrors } from '../../ui/Field';
import { TableRows } from './TableRows';

const AT_A_TIME = 500;

/** A table of pieces: looked through first, row by row; then taken in, with what is troubled left out only when told to. */
export function TableFileView({ home }: { home: string }) {
  const [leaveOutBad, setLeaveOutBad] = useState(false);
  const [leaveOutDoubles, setLeaveOutDoubles] = useState(true);
  const [progress, setProgress] = useState<TableProgress | null>(null);
  const read = useMutation({
    mutationFn: async (file: File): Promise<TableRead> =>
      take(api.POST('/api/homes/{home}/tables', { params: { path: { home } }, body: { base64: await fileAsBase64(file) } })),
    onMutate: () => setProgress(null),
  });
  const keep = useMutation({
    mutationFn: async (table: string) => {
      const path = { home, table };
      for (;;) {
        const now = await take(
          api.PUT('/api/homes/{home}/tables/{table}', { params: { path }, body: { leaveOutBad, leaveOutDoubles, most: AT_A_TIME } }),
        );
        setProgress(now);
        if (now.done >= now.rows) return now;
      }
    },
  });
  const table = read.data;
  const isDone = progress !== null && progress.done >= progress.rows;
  const wanted = table ? table.good + (leaveOutDoubles ? 0 : table.doubles) : 0;
  return (
    <div className="px-[22px] pt-3 pb-24 max-md:px-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="panel-title">Pieces from a table</h2>
        <span className="note flex-1">
          CSV with one piece a row; any order of columns, headings such as name, kind, count, size, colour, tote, cost. Nothing is stored before you
          have seen it.
        </span>
        <Link className="link" to={`/homes/${home}/intake`}>
          Line by line instead
        </Link>
      </div>
      <FormErrors error={read.error ?? keep.error}>
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
        <section aria-label="What would happen" className="mt-4" data-testid="table-read">
          <p className="text-[15px]/[22px]">
            <b>{table.good}</b> of {counted(table.rows, 'row')} can be taken in, <b>{table.doubles}</b> look like something you own,{' '}
            <b>{table.bad}</b> cannot be read.
            {table.ignored.length > 0 && <span className="note"> Not kept: the columns {table.ignored.join(', ')}.</span>}
          </p>
          <div className="my-2 flex flex-wrap items-center gap-x-5 gap-y-1">
            {table.bad > 0 && (
              <label className="flex items-center gap-1.5">
                <input type="checkbox" checked={leaveOutBad} onChange={(event) => setLeaveOutBad(event.target.checked)} /> leave out what cannot be
                read
              </label>
            )}
            {table.doubles > 0 && (
              <label className="flex items-center gap-1.5">
                <input type="checkbox" checked={leaveOutDoubles} onChange={(event) => setLeaveOutDoubles(event.target.checked)} /> leave out what
                looks like something owned
              </label>
            )}
            <button
              type="button"
              className="btn btn-main"
              disabled={keep.isPending || isDone || wanted === 0 || (table.bad > 0 && !leaveOutBad)}
              onClick={() => keep.mutate(table.id)}
            >
              Take in {counted(wanted, 'piece')}
            </button>
            {table.bad > 0 && !leaveOutBad && <span className="note">Mend the file and choose it again, or tick that those rows are left out.</span>}
          </div>
          {progress && (
            <p role="status" className="my-2 max-w-[520px]">
              {progress.done} of {counted(progress.rows, 'row')} done, {counted(progress.made, 'piece')} taken in.
              <span className="mt-1 block h-2 border border-line-2">
                <span className="block h-full bg-door" style={{ width: `${(100 * progress.done) / Math.max(1, progress.rows)}%` }} />
              </span>
            </p>
          )}
          <TableRows table={table} />
        </section>
      )}
    </div>
  );
}
