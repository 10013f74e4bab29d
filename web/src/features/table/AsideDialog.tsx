import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse, usePlaces, useWriting } from '../../api/home';
import type { Piece, TableRow } from '../../api/types';
import { counted } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { Dialog } from '../../ui/Dialog';

type Props = { pieces: readonly Piece[]; rows: ReadonlyMap<string, TableRow>; onTogether: () => void; onClose: () => void };

const COMPARED = 6;
const WIDTH = 820;
const HEIGHT = 240;

/** A handful pulled aside: stood on one ledge at one scale, with what they share in colour and mix in texture. */
export function AsideDialog({ pieces, rows, onTogether, onClose }: Props) {
  const house = useHouse();
  const ids = pieces.map((piece) => piece.id);
  const together = useQuery({
    queryKey: ['home', house.home.id, 'together', ids.join()],
    queryFn: ({ signal }) =>
      take(api.POST('/api/homes/{home}/colours/pieces', { params: { path: { home: house.home.id } }, body: { pieces: ids }, signal })),
  });
  const compared = pieces.slice(0, COMPARED);
  const inches = compared.reduce((sum, piece) => sum + piece.width / 254, 0);
  const tallest = Math.max(1, ...compared.map(shownHeight));
  const scale = Math.min((HEIGHT - 12) / tallest, (WIDTH - 24 * compared.length) / inches);
  return (
    <Dialog title={`${counted(pieces.length, 'piece')} side by side`} isOpen onClose={onClose} isWide>
      <Ledge pieces={compared} scale={scale} rows={rows} />
      {pieces.length > COMPARED && <p className="note">The first {COMPARED} stand here; the sums below are of all of them.</p>}
      {together.data && (
        <div className="mt-4 grid gap-4 sm:grid-cols-2">
          <div>
            <h3 className="mb-1 font-text font-semibold text-ink-2">Colours together</h3>
            <div className="flex h-6 border border-line-2">
              {together.data.colours.map((colour) => (
                <span key={colour.hex} style={{ width: `${colour.percent}%`, background: colour.hex }} />
              ))}
            </div>
            <p className="mt-1">{together.data.colours.map((colour) => `${colour.name} ${colour.percent} %`).join(', ')}</p>
          </div>
          <div>
            <h3 className="mb-1 font-text font-semibold text-ink-2">Textures</h3>
            <p>
              {together.data.textures.map((one) => `${one.texture}${one.pieces > 1 ? ` ×${one.pieces}` : ''}`).join(', ')}
              {together.data.textures.length < 3 && pieces.length >= 4 && '. Three families or more make a mix.'}
            </p>
          </div>
        </div>
      )}
      <p className="mt-4 flex items-center gap-3">
        <button type="button" className="btn" onClick={onTogether}>
          Put them together…
        </button>
        <span className="note">makes one arrangement of them; they can be taken apart again</span>
      </p>
    </Dialog>
  );
}

function Ledge({ pieces, scale, rows }: { pieces: readonly Piece[]; scale: number; rows: ReadonlyMap<string, TableRow> }) {
  const write = useWriting();
  const place = usePlaces();
  return (
    <div className="flex overflow-x-auto">
      {pieces.map((piece) => (
        <div key={piece.id} className="min-w-[124px] flex-1 text-center">
          <svg
            width={Math.max(116, (piece.width / 254) * scale + 16)}
            height={HEIGHT}
            className="mx-auto block overflow-visible"
            role="img"
            aria-label={`${piece.name}, ${write.size(piece)}`}
          >
            <Silhouette piece={piece} scale={scale} x={Math.max(116, (piece.width / 254) * scale + 16) / 2} y={HEIGHT - 1} />
          </svg>
          <div className="ledge truncate px-1 text-[12px]/[17px] font-semibold">{piece.name}</div>
          <p className="mt-1 text-[12px]/[16px]">
            {write.size(piece)}
            <br />
            {[...piece.materials, piece.finish].join(', ')}
            <br />
            {rows.get(piece.id)?.verdict !== 'not judged' && (
              <>
                fit <b>{rows.get(piece.id)?.score}</b>,{' '}
              </>
            )}
            {rows.get(piece.id)?.choice ?? 'not decided'}
            <br />
            {piece.places.map((at) => place(at.place)).join('; ')}
            {piece.costEach > 0 && (
              <>
                <br />
                {write.money(piece.costEach)} each
              </>
            )}
          </p>
        </div>
      ))}
    </div>
  );
}
