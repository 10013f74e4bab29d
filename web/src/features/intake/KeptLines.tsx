import { counted } from '../../lib/text';
import type { PicturedLine } from './useKeptLines';

type Props = {
  lines: readonly string[];
  pictured: readonly PicturedLine[];
  onRead: () => void;
  onTake: (line: PicturedLine) => void;
  onForget: () => void;
};

/** What was written without a signal and is not taken in yet: bare lines are read together, those with a photo one by one. */
export function KeptLines({ lines, pictured, onRead, onTake, onForget }: Props) {
  const next = pictured[0];
  const all = lines.length + pictured.length;
  const it = all === 1 ? 'it' : 'them';
  return (
    <p role="status" className="mt-3 flex flex-wrap items-center gap-3 bg-ink px-3 py-2 text-white">
      <span>
        <b>
          {counted(all, 'line')}
          {pictured.length > 0 && `, ${pictured.length === all ? '' : `${pictured.length} of them `}with a photo,`}
        </b>{' '}
        kept on this device without a signal, not taken in yet.
      </span>
      {lines.length > 0 && (
        <button type="button" className="btn" onClick={onRead}>
          Read {lines.length === 1 ? 'it' : 'them'} now
        </button>
      )}
      {next && (
        <button type="button" className="btn" onClick={() => onTake(next)}>
          Take “{next.line.length > 30 ? `${next.line.slice(0, 29)}…` : next.line}” in hand
        </button>
      )}
      <button type="button" className="link !text-white" onClick={onForget}>
        Leave {it} out
      </button>
    </p>
  );
}
