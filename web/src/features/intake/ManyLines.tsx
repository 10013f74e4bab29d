import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, take } from '../../api/client';
import { usePlaces, useWriting } from '../../api/home';
import type { Intake, LineRead, Piece } from '../../api/types';
import { counted } from '../../lib/text';
import { Answers } from './Answers';
import { ReadPicture } from './ReadPicture';

type Line = { id: number; line: string; under: string | null };
type Props = {
  home: string;
  text: string;
  otherwise: string /** What was taken in, and the lines that are left to answer. */;
  onTaken: (pieces: Piece[], left: readonly string[]) => void;
  onClose: () => void;
};

let nextId = 0;
const asLines = (read: readonly LineRead[]): Line[] => read.map((one) => ({ id: ++nextId, line: one.line, under: one.under }));

/** Lines that were pasted together: each judged, mended where it stands, and all that are clear taken in as one act. */
export function ManyLines({ home, text, otherwise, onTaken, onClose }: Props) {
  const [lines, setLines] = useState<readonly Line[] | null>(null);
  const panel = useRef<HTMLElement>(null);
  const asked = lines === null ? text : lines.map((one) => one.line).join('\n');
  const read = useQuery({
    queryKey: ['home', home, 'readings', asked],
    queryFn: ({ signal }) => take(api.POST('/api/homes/{home}/intake/readings', { params: { path: { home } }, body: { text: asked }, signal })),
    enabled: asked.trim() !== '',
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
  useEffect(() => {
    if (lines === null && read.data) setLines(asLines(read.data.lines));
  }, [lines, read.data]);
  useEffect(() => {
    panel.current?.scrollIntoView({ block: 'start' }); // in a block: it answers with a promise where it is new
  }, []);
  const readings = new Map(read.data?.lines.map((one) => [one.line, one.reading]));
  const isClear = (one: Line) => readings.get(one.line.trim())?.questions.length === 0;
  const clear = (lines ?? []).filter(isClear);
  const keep = useMutation({
    mutationFn: async () =>
      take(
        api.POST('/api/homes/{home}/intake/lines', {
          params: { path: { home } },
          body: { lines: clear.map((one) => ({ line: one.line, otherwise: one.under ?? otherwise })) },
        }),
      ),
    onSuccess: ({ pieces }) => {
      const left = (lines ?? []).filter((one) => !clear.includes(one));
      onTaken(
        pieces,
        left.map((one) => one.line),
      );
      if (left.length === 0) onClose();
      else setLines(left);
    },
  });
  const set = (id: number, line: string) =>
    setLines((now) =>
      (now ?? []).flatMap((one) =>
        one.id === id ? line.split('\n').map((part, i) => ({ ...one, id: i === 0 ? id : ++nextId, line: part })) : [one],
      ),
    );
  const leaveOut = (id: number) => setLines((now) => (now ?? []).filter((one) => one.id !== id));
  const assumed = clear.filter((one) => (readings.get(one.line.trim())?.assumed.length ?? 0) > 0).length;
  return (
    <section ref={panel} aria-label="Lines pasted" className="mt-4 scroll-mt-3 border-2 border-ink bg-card" data-testid="many-lines">
      <div className="sticky top-0 z-10 flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-ink bg-card px-3 py-2">
        <h3 className="panel-title">{lines === null ? 'Reading…' : counted(lines.length, 'line')}</h3>
        <span className="note flex-1" aria-live="polite">
          {lines !== null &&
            `${clear.length} clear${assumed > 0 ? `, ${assumed} of them with something assumed` : ''}; ${lines.length - clear.length} to answer`}
        </span>
        <button
          type="button"
          className="btn btn-main"
          disabled={keep.isPending || clear.length === 0 || read.isPlaceholderData}
          onClick={() => keep.mutate()}
        >
          Take in {counted(clear.length, 'line')}
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Leave the rest
        </button>
      </div>
      {(keep.error ?? read.error) && (
        <p role="alert" className="m-3 border-2 border-ink bg-yolk-soft px-3 py-2">
          {(keep.error ?? read.error)?.message}
        </p>
      )}
      <ul>
        {(lines ?? []).map((one) => (
          <Row key={one.id} line={one} reading={readings.get(one.line.trim())} otherwise={otherwise} onChange={set} onLeaveOut={leaveOut} />
        ))}
      </ul>
    </section>
  );
}

type RowProps = {
  line: Line;
  reading: Intake | undefined;
  otherwise: string;
  onChange: (id: number, line: string) => void;
  onLeaveOut: (id: number) => void;
};

function Row({ line, reading, otherwise, onChange, onLeaveOut }: RowProps) {
  const write = useWriting();
  const place = usePlaces();
  return (
    <li className="flex flex-wrap items-start gap-x-3 gap-y-1 border-b border-line px-3 py-2">
      {reading ? <ReadPicture reading={reading} width={72} height={60} /> : <span className="h-[60px] w-[72px]" />}
      <div className="min-w-[240px] flex-1">
        <input
          aria-label="Line"
          dir="auto"
          value={line.line}
          onChange={(event) => onChange(line.id, event.target.value)}
          className="w-full"
          autoComplete="off"
        />
        {reading && (
          <p className="note mt-0.5">
            {reading.count} × {reading.kind ?? '?'}
            {reading.height !== null && `, ${write.length(reading.height)} high`}
            {reading.width !== null && `, ${write.length(reading.width)} wide`}
            {reading.inColours !== '' && `, ${reading.inColours}`}
            {reading.costEach !== null && `, ${write.money(reading.costEach)} each`}; {place(reading.place ?? line.under ?? otherwise)}
            {reading.care !== '' && `; note: ${reading.care}`}
            {reading.unknown.length > 0 && `; only in its name: ${reading.unknown.join(', ')}`}
          </p>
        )}
      </div>
      <div className="min-w-[230px] max-w-[420px] flex-1 text-[13px]/[18px]">
        {reading && (reading.questions.length > 0 || reading.assumed.length > 0) ? (
          <Answers reading={reading} hasKeys={false} onAnswer={(next) => onChange(line.id, next)} />
        ) : (
          <p>{reading ? '✓ clear' : '…'}</p>
        )}
      </div>
      <button type="button" className="link" onClick={() => onLeaveOut(line.id)}>
        leave out
      </button>
    </li>
  );
}
