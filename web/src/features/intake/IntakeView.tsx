import { useMutation, useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useRef, useState } from 'react';
import { Link } from 'react-router';
import { api, asForm, OfflineError, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { keepPhoto } from '../../api/keepPhoto';
import { piecesQuery } from '../../api/queries';
import type { FoundColours, Piece } from '../../api/types';
import { groundSeen } from '../../lib/groundSeen';
import { Triangle, useNotices } from '../../lib/notices';
import { PlaceSelect } from '../../places/PlaceSelect';
import { answersOf } from './Answers';
import { BoxSoFar } from './BoxSoFar';
import { KeptLines } from './KeptLines';
import { ManyLines } from './ManyLines';
import { ReadingCard } from './ReadingCard';
import { useKeptLines } from './useKeptLines';
import { useReading } from './useReading';

const NO_COLOURS: FoundColours['colours'] = [];

/** Unpacking a box: one line, one piece, Enter, the next. What the line could mean is asked back under it. */
export function IntakeView({ home }: { home: string }) {
  const house = useHouse();
  const notices = useNotices();
  const field = useRef<HTMLInputElement>(null);
  const [line, setLine] = useState('');
  const [last, setLast] = useState('');
  const [otherwise, setOtherwise] = useState(house.totes[0] ? `tote:${house.totes[0].id}` : 'loose');
  const [seen, setSeen] = useState(NO_COLOURS);
  const [photo, setPhoto] = useState<File | null>(null);
  const [ground, setGround] = useState('');
  const [box, setBox] = useState<readonly Piece[]>([]);
  const [many, setMany] = useState('');
  const [isOfKept, setOfKept] = useState(false);
  const kept = useKeptLines(home);
  const reading = useReading(home, line);
  // What was undone is no longer in the box.
  const stock = useQuery(piecesQuery(home));
  const keep = useMutation({
    mutationFn: async (text: string) => {
      const piece = await take(
        api.POST('/api/homes/{home}/intake', {
          params: { path: { home } },
          body: { line: text, otherwise, colours: seen.map(({ hex, percent }) => ({ hex, percent })) },
        }),
      );
      // The piece is in whatever becomes of its photo: failing here would have it taken in twice.
      if (photo) await keepPhoto(home, piece.id, photo).catch((error) => notices.problem(error));
      return piece;
    },
    onSuccess: (piece, text) => {
      setBox((now) => [piece, ...now]);
      setLast(text);
      if (photo) void kept.dropPictured(text);
      setLine((now) => (now === text ? '' : now)); // the next line may have been begun meanwhile
      forgetPhoto();
      setOtherwise(piece.places[0]?.place ?? otherwise);
      field.current?.focus();
    },
    onError: (error, text) => {
      if (!(error instanceof OfflineError)) return;
      if (photo) void kept.addPictured(text, photo);
      else kept.add(text);
      forgetPhoto();
      setLine('');
      keep.reset();
      field.current?.focus();
    },
  });
  const forgetPhoto = () => {
    setSeen(NO_COLOURS);
    setGround('');
    setPhoto(null);
  };
  const look = useMutation({
    mutationFn: (photo: File) =>
      take(
        api.POST('/api/homes/{home}/colours/photo', {
          params: { path: { home }, query: { most: 3, withoutGround: true } },
          body: { photo: '' },
          bodySerializer: asForm('photo', photo),
        }),
      ),
    onSuccess: (found, photo) => {
      // A ground that was all there is says nothing of the thing: the photo is kept, its colours are not.
      setSeen(found.seen === 'all' ? NO_COLOURS : found.colours);
      setGround(groundSeen(found.seen));
      setPhoto(photo);
    },
    onError: (error, photo) => {
      if (!(error instanceof OfflineError)) return notices.problem(error);
      setPhoto(photo);
      setGround('The photo is kept beside the line; its colours are read when there is a signal.');
    },
  });
  const answer = (text: string) => {
    if (text.includes('\n')) {
      setMany(text);
      setLast(line); // ↑ has it again
      setLine('');
      return;
    }
    setLine(text);
    field.current?.focus();
  };
  // A photo answers which colour it is.
  const read = reading.data && { ...reading.data, assumed: reading.data.assumed.filter((one) => seen.length === 0 || one.field !== 'colours') };
  const handleKey = (event: KeyboardEvent) => {
    const reply = read && event.altKey && /^Digit[1-9]$/.test(event.code) ? answersOf(read)[Number(event.code.slice(5)) - 1] : undefined;
    if (reply) answer(reply.line);
    else if (event.key === 'ArrowUp' && line === '' && last !== '') setLine(last);
    else if (event.key === 'Escape') setLine('');
    else return;
    event.preventDefault();
  };

  return (
    <div className="px-[22px] pt-3 pb-24 max-md:px-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="panel-title">Unpack a box</h2>
        <span className="note flex-1 max-md:order-last max-md:basis-full">
          One line a piece: how many, what, how large, where, what it cost. Enter takes it in. Many lines can be pasted at once.
        </span>
        <Link className="link" to={`/homes/${home}/table-file`}>
          From a table instead
        </Link>
      </div>
      <form
        className="mt-2 flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate(line);
        }}
      >
        <input
          ref={field}
          aria-label="One line about a piece"
          dir="auto"
          // biome-ignore lint/a11y/noAutofocus: this page is one field, and typing is all one came for
          autoFocus
          value={line}
          placeholder="3 brass candlesticks 9 in, attic A2, $4 each, thrifted"
          onChange={(event) => {
            setLine(event.target.value);
            keep.reset();
          }}
          onKeyDown={handleKey}
          onPaste={(event) => {
            const pasted = event.clipboardData.getData('text/plain').trim();
            if (!pasted.includes('\n')) return;
            event.preventDefault();
            setMany(pasted);
          }}
          className="min-w-[240px] flex-1 border-2 border-ink px-3 text-[17px]/[30px]"
          autoComplete="off"
        />
        <button type="submit" className="btn btn-main" disabled={keep.isPending || line.trim() === ''}>
          Take it in <kbd>↵</kbd>
        </button>
      </form>
      <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        <label htmlFor="otherwise">Where the line names no place:</label>
        <PlaceSelect id="otherwise" value={otherwise} onChange={setOtherwise} />
        <label className="link cursor-pointer focus-within:outline-2 focus-within:outline-ink">
          Photo, with its colours
          <input
            type="file"
            aria-label="Photo, with its colours"
            accept="image/png,image/jpeg,image/webp"
            capture="environment"
            className="sr-only"
            onChange={(event) => event.target.files?.[0] && look.mutate(event.target.files[0])}
          />
        </label>
        {ground !== '' && (
          <span role="status" className="flex gap-1.5">
            <Triangle /> {ground}
          </span>
        )}
        {photo !== null && (
          <span className="flex items-center gap-1.5">
            {seen.map((colour) => (
              <span key={colour.hex} title={colour.name} className="size-4 border border-line-2" style={{ background: colour.hex }} />
            ))}
            {seen.map((colour) => `${colour.name} ${colour.percent} %`).join(', ')}
            <button type="button" className="link" onClick={forgetPhoto}>
              not this one
            </button>
          </span>
        )}
        <span className="note ml-auto">
          <kbd>↑</kbd> the last line again <kbd>Alt 1</kbd>–<kbd>9</kbd> answer <kbd>Esc</kbd> clear
        </span>
      </div>
      {kept.lines.length + kept.pictured.length > 0 && many === '' && (
        <KeptLines
          lines={kept.lines}
          pictured={kept.pictured}
          onRead={() => {
            setOfKept(true);
            setMany(kept.lines.join('\n'));
          }}
          onTake={({ line, photo }) => {
            setLine(line);
            look.mutate(photo);
            field.current?.focus();
          }}
          onForget={() => void kept.forget()}
        />
      )}
      {many !== '' && (
        <ManyLines
          home={home}
          text={many}
          otherwise={otherwise}
          onTaken={(pieces, left) => {
            setBox((now) => [...pieces.toReversed(), ...now]);
            if (isOfKept) kept.keep(left);
          }}
          onClose={() => {
            setMany('');
            setOfKept(false);
            setLine('');
            field.current?.focus();
          }}
        />
      )}
      <ReadingCard
        reading={line.trim() === '' ? undefined : read}
        isCurrent={!reading.isPlaceholderData}
        colours={seen}
        otherwise={otherwise}
        refusal={keep.error ?? (reading.error instanceof OfflineError ? null : reading.error)}
        onAnswer={answer}
      />
      <BoxSoFar pieces={box.filter((one) => stock.data?.some((owned) => owned.id === one.id) ?? true)} />
    </div>
  );
}
