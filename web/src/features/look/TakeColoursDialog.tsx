import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asForm, take } from '../../api/client';
import type { Look, Piece, Ribbon } from '../../api/types';
import { groundSeen } from '../../lib/groundSeen';
import { Triangle } from '../../lib/notices';
import { Dialog } from '../../ui/Dialog';
import { FormErrors } from '../../ui/Field';
import { PieceChecklist } from './PieceChecklist';
import { ribbonsOf } from './ribbonsOf';

type Found = { hex: string; name: string; percent: number };
type Props = { home: string; looks: readonly Look[]; pieces: readonly Piece[]; onTake: (ribbons: Ribbon[]) => void; onClose: () => void };

const SOURCES = ['a photo', 'pieces', 'another look', 'a palette file'] as const;

/** Grounds a look in something real: a photo, some pieces, another look, a palette file. */
export function TakeColoursDialog({ home, looks, pieces, onTake, onClose }: Props) {
  const [source, setSource] = useState<(typeof SOURCES)[number]>('a photo');
  const [withoutGround, setWithoutGround] = useState(true);
  const [file, setFile] = useState<File | null>(null);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [said, setSaid] = useState('');
  const find = useMutation({
    mutationFn: async (ask: () => Promise<Found[]>) => {
      setSaid('');
      return ask();
    },
    onSuccess: () => setLeft(new Set()),
  });
  const path = { home };
  const readPhoto = (photo: File, isAlone: boolean) =>
    find.mutate(async () => {
      const found = await take(
        api.POST('/api/homes/{home}/colours/photo', {
          params: { path, query: { most: 5, withoutGround: isAlone } },
          body: { photo: '' },
          bodySerializer: asForm('photo', photo),
        }),
      );
      setSaid(groundSeen(found.seen));
      return found.colours;
    });
  const readPalette = (palette: File) =>
    find.mutate(async () => {
      const read = await take(api.POST('/api/homes/{home}/colours/palette', { params: { path }, body: { text: await palette.text() } }));
      return evenly(read.colours.slice(0, 8));
    });
  const readPieces = (ids: string[]) =>
    ids.length === 0
      ? find.reset()
      : find.mutate(async () => (await take(api.POST('/api/homes/{home}/colours/pieces', { params: { path }, body: { pieces: ids } }))).colours);
  const found = find.data ?? [];
  const kept = found.filter((colour) => !left.has(colour.hex));
  return (
    <Dialog title="Take the ribbons from something real" isOpen onClose={onClose} isWide>
      <div className="mb-3 flex flex-wrap gap-1">
        {SOURCES.map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={source === one}
            onClick={() => {
              setSource(one);
              find.reset();
            }}
            className={`border px-3 py-1 ${source === one ? 'border-ink bg-yolk-soft font-semibold' : 'border-line-2 bg-card'}`}
          >
            {one}
          </button>
        ))}
      </div>
      <FormErrors error={find.error}>
        {source === 'a photo' && (
          <div className="flex flex-wrap items-center gap-4">
            <input
              type="file"
              aria-label="Photo, PNG, JPEG or WebP"
              accept="image/png,image/jpeg,image/webp"
              onChange={(event) => {
                const photo = event.target.files?.[0] ?? null;
                setFile(photo);
                if (photo) readPhoto(photo, withoutGround);
              }}
            />
            <label className="flex items-center gap-1.5">
              <input
                type="checkbox"
                checked={withoutGround}
                onChange={(event) => {
                  setWithoutGround(event.target.checked);
                  if (file) readPhoto(file, event.target.checked);
                }}
              />{' '}
              leave out the wall or table behind it
            </label>
            {said !== '' && (
              <p role="status" className="flex basis-full gap-2">
                <Triangle /> {said}
              </p>
            )}
          </div>
        )}
        {source === 'pieces' && <PieceChecklist pieces={pieces} onChange={readPieces} />}
        {source === 'another look' && (
          <ul className="flex flex-wrap gap-2">
            {looks.map((look) => (
              <li key={look.id}>
                <button type="button" className="btn" onClick={() => find.mutate(async () => look.ribbons.map((ribbon) => ({ ...ribbon })))}>
                  {look.name}
                </button>
              </li>
            ))}
          </ul>
        )}
        {source === 'a palette file' && (
          <input
            type="file"
            aria-label="GIMP palette file"
            accept=".gpl,text/plain"
            onChange={(event) => event.target.files?.[0] && readPalette(event.target.files[0])}
          />
        )}
      </FormErrors>
      {found.length > 0 && (
        <>
          <ul className="mt-4 flex h-[120px] items-stretch gap-1" data-testid="found-colours">
            {found.map((colour) => (
              <li key={colour.hex} style={{ flexGrow: Math.max(8, colour.percent) }} className="min-w-[62px] basis-0">
                <button
                  type="button"
                  aria-pressed={!left.has(colour.hex)}
                  onClick={() => setLeft(toggled(left, colour.hex))}
                  className={`flex h-full w-full flex-col justify-end border ${left.has(colour.hex) ? 'border-dashed border-ink-3 opacity-45' : 'border-ink'}`}
                  style={{ background: colour.hex }}
                >
                  <span className="bg-card px-1 py-0.5 text-[12px]/[15px]">
                    <b className="block truncate">{colour.name}</b>
                    {colour.percent} %{left.has(colour.hex) ? ', left out' : ''}
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <p className="note mt-1">Press a colour to leave it out. Shares become the shares of the ribbons; every one can be pulled afterwards.</p>
          <button
            type="button"
            className="btn btn-main mt-3"
            disabled={kept.length === 0}
            onClick={() => {
              onTake(ribbonsOf(kept));
              onClose();
            }}
          >
            Make {kept.length === 1 ? 'one ribbon' : `${kept.length} ribbons`} of them
          </button>
        </>
      )}
    </Dialog>
  );
}

const toggled = (left: ReadonlySet<string>, hex: string): ReadonlySet<string> => {
  const next = new Set(left);
  if (!next.delete(hex)) next.add(hex);
  return next;
};

const evenly = (colours: readonly { hex: string; name: string }[]): Found[] =>
  colours.map((colour) => ({ ...colour, percent: Math.floor(100 / colours.length) }));
