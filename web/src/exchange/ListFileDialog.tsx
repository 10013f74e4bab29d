import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { ListFileInput, ListRead } from '../api/types';
import { fileAsBase64 } from '../lib/fileAsBase64';
import { Triangle } from '../lib/notices';
import { counted } from '../lib/text';
import { Dialog } from '../ui/Dialog';
import { FormErrors } from '../ui/Field';

type Props = {
  title: string;
  /** Which columns are looked for, in words. */
  hint: string;
  /** One of them: tote, line. */
  thing: string;
  send: (input: ListFileInput) => Promise<ListRead>;
  onClose: () => void;
};

/** A list from a CSV file: shown row by row first; what is there already stays as it is. */
export function ListFileDialog({ title, hint, thing, send, onClose }: Props) {
  const [base64, setBase64] = useState('');
  const [leaveOutBad, setLeaveOutBad] = useState(false);
  const look = useMutation({
    mutationFn: async (file: File) => {
      const text = await fileAsBase64(file);
      setBase64(text);
      return send({ base64: text, keep: false, leaveOutBad: false });
    },
  });
  const keep = useMutation({
    mutationFn: () => send({ base64, keep: true, leaveOutBad }),
    onSuccess: onClose,
  });
  const read = look.data;
  return (
    <Dialog title={title} isOpen onClose={onClose} isWide>
      <p className="note mb-3">{hint} Nothing is stored before you have seen it.</p>
      <FormErrors error={keep.error ?? look.error}>
        <input
          type="file"
          aria-label="CSV file"
          accept=".csv,.tsv,.txt,text/csv"
          onChange={(event) => event.target.files?.[0] && look.mutate(event.target.files[0])}
        />
      </FormErrors>
      {look.isPending && <p role="status">Reading the rows…</p>}
      {read && (
        <section aria-label="What would happen" className="mt-4 grid gap-3">
          <p>
            <b>{read.good}</b> of {counted(read.rows.length, 'row')} can be taken in, <b>{read.known}</b> {read.known === 1 ? 'is' : 'are'} there
            already, <b>{read.bad}</b> cannot be read.
            {read.ignored.length > 0 && <span className="note"> Not kept: the columns {read.ignored.join(', ')}.</span>}
          </p>
          <Rows read={read} thing={thing} />
          {read.bad > 0 && (
            <label className="flex items-center gap-2">
              <input type="checkbox" checked={leaveOutBad} onChange={(event) => setLeaveOutBad(event.target.checked)} />
              Leave out the {counted(read.bad, 'row')} that cannot be read
            </label>
          )}
          <button
            type="button"
            className="btn btn-main justify-self-start"
            disabled={read.good === 0 || (read.bad > 0 && !leaveOutBad) || keep.isPending}
            onClick={() => keep.mutate()}
          >
            Take in {counted(read.good, thing)}
          </button>
        </section>
      )}
    </Dialog>
  );
}

function Rows({ read, thing }: { read: ListRead; thing: string }) {
  return (
    <div className="max-h-[46vh] overflow-auto">
      <table className="plain">
        <thead>
          <tr>
            <th className="num">Row</th>
            <th>{thing === 'tote' ? 'Tote' : 'Line'}</th>
            <th>What would happen</th>
          </tr>
        </thead>
        <tbody>
          {read.rows.map((row) => (
            <tr key={row.line}>
              <td className="num">{row.line}</td>
              <td dir="auto">{row.title || 'no name'}</td>
              <td>
                {row.problems.length > 0 && (
                  <span className="flex gap-1.5">
                    <Triangle /> {row.problems.join(' ')}
                  </span>
                )}
                {row.known !== '' && `stays as it is: ${row.known}`}
                {row.problems.length === 0 && row.known === '' && `✓ ${row.detail}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
