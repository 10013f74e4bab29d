import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { type ClipboardEvent, useRef, useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, useWriting } from '../../api/home';
import type { HouseLine } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';
import { SpotDrawing, SpotMeasures } from './SpotCard';

/** A walk through the house in lines: a room, a spot, a tote; what a line means is drawn below it before it is taken in. */
export function WalkLine() {
  const { home, spots } = useHouse();
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState('');
  const [room, setRoom] = useState('');
  const walked = useRef('');
  const [waiting, setWaiting] = useState<readonly string[]>([]);
  const body = { line, room };
  const reading = useQuery({
    queryKey: ['home', home.id, 'house-reading', line, room],
    queryFn: ({ signal }) => take(api.POST('/api/homes/{home}/house/reading', { params: { path: { home: home.id } }, body, signal })),
    enabled: line.trim() !== '',
    placeholderData: keepPreviousData,
  });
  const keep = useMutation({
    // One after another, each in the room that the one before has walked into, however fast they are typed.
    scope: { id: 'walk' },
    mutationFn: (sent: string) =>
      take(api.POST('/api/homes/{home}/house/lines', { params: { path: { home: home.id } }, body: { line: sent, room: walked.current } })),
    onSuccess: (kept) => {
      walked.current = kept.room || walked.current;
      setRoom(walked.current);
    },
    // What was not taken in comes back: into the field, or before what was typed meanwhile.
    onError: (_, sent) => {
      setWaiting((rest) => (field.current?.value ? [field.current.value, ...rest] : rest));
      setLine(sent);
    },
  });
  const send = () => {
    if (line.trim() === '') return;
    keep.mutate(line);
    setLine(waiting[0] ?? '');
    setWaiting(waiting.slice(1));
    field.current?.focus();
  };
  const paste = (event: ClipboardEvent) => {
    const lines = event.clipboardData
      .getData('text')
      .split(/\r?\n/)
      .map((one) => one.trim())
      .filter(Boolean);
    if (lines.length < 2) return;
    event.preventDefault();
    setLine(lines[0] ?? '');
    setWaiting(lines.slice(1));
    keep.reset();
  };
  // An answer may be several lines, one for each spot.
  const answer = (text: string) => {
    const [first = '', ...rest] = text.split('\n');
    setLine(first);
    setWaiting((before) => [...rest, ...before]);
    keep.reset();
    field.current?.focus();
  };
  return (
    <section aria-label="Walk through the house" className="no-print mt-3">
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          send();
        }}
      >
        <input
          ref={field}
          aria-label="One line about a room, a spot or a tote"
          dir="auto"
          value={line}
          placeholder={
            room === ''
              ? `parlour: stove shelf, mantel ${home.unit === 'in' ? '64 x 8 in, 54 high, 30 clear' : '160 x 20 cm, 135 high, 75 clear'}, heat`
              : `the next spot in the ${room}, or another room:`
          }
          onChange={(event) => {
            setLine(event.target.value);
            keep.reset();
          }}
          // biome-ignore lint/a11y/noAutofocus: an empty house is one field, and typing is all there is to do
          autoFocus={spots.length === 0}
          onPaste={paste}
          autoComplete="off"
          className="min-w-[240px] flex-1 border-2 border-ink px-3 text-[17px]/[30px]"
        />
        <button type="submit" className="btn btn-main" disabled={line.trim() === ''}>
          Take it in <kbd>↵</kbd>
        </button>
      </form>
      <p className="note mt-1">
        {room !== '' && (
          <>
            You are in the <b>{room}</b>.{' '}
          </>
        )}
        A room, then a spot in it; sizes can wait. A tote begins with its code: “A1 attic, {home.unit === 'in' ? '24 x 16 x 14' : '60 x 40 x 35'}”, or
        is counted: “6 bins in the garage”.
        {waiting.length > 0 && <b> {counted(waiting.length, 'more line')} to come.</b>}
      </p>
      {line.trim() !== '' && reading.data && <Read read={reading.data} refusal={keep.error ?? reading.error} onAnswer={answer} />}
    </section>
  );
}

function Read({ read, refusal, onAnswer }: { read: HouseLine; refusal: Error | null; onAnswer: (line: string) => void }) {
  const isUnsaid = refusal !== null && !read.questions.some((question) => question.sentence === refusal.message);
  return (
    <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2 border-b-8 border-ledge bg-wall px-4 pt-3 pb-2" data-testid="house-reading">
      {read.spot && <SpotDrawing spot={read.spot} />}
      <div className="min-w-[180px]">
        {read.room !== '' && (
          <p>
            {read.room}
            {read.isNewRoom && <span className="note"> a new room</span>}
          </p>
        )}
        {read.spot && (
          <>
            <b dir="auto">{read.spot.name}</b>
            <SpotMeasures spot={read.spot} />
          </>
        )}
        {read.tote && <ToteRead tote={read.tote} />}
      </div>
      <div className="min-w-[220px] flex-1 self-center" aria-live="polite">
        {read.questions.map((question) => (
          <div key={question.sentence} className="mb-1">
            <p className="flex gap-2 font-semibold">
              <Triangle /> {question.sentence}
            </p>
            <div className="mt-1 flex flex-wrap gap-1.5 pl-6">
              {question.replies.map((reply) => (
                <button key={reply.line} type="button" className="btn" onClick={() => onAnswer(reply.line)}>
                  {reply.label}
                </button>
              ))}
            </div>
          </div>
        ))}
        {read.remarks.map((remark) => (
          <p key={remark} className="note text-ink">
            {remark}
          </p>
        ))}
        {read.questions.length === 0 && refusal === null && <p className="text-[15px]">✓ Clear. Enter takes it in.</p>}
        {isUnsaid && (
          <p role="alert" className="flex gap-2 border-2 border-ink bg-yolk-soft px-3 py-2">
            <Triangle /> {refusal?.message}
          </p>
        )}
      </div>
    </div>
  );
}

function ToteRead({ tote }: { tote: NonNullable<HouseLine['tote']> }) {
  const write = useWriting();
  return (
    <>
      <b>Tote {tote.code}</b>
      {tote.place !== '' && `, ${tote.place}`}
      <span className={`note block ${tote.isMeasured ? '' : 'text-ink-3 italic'}`}>
        {write.size(tote)} inside{!tote.isMeasured && ', a usual tote, not measured yet'}
      </span>
    </>
  );
}
