import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useHouse, usePlaces, useWriting } from '../../api/home';
import { brokenSetsQuery, movementsQuery, piecesQuery } from '../../api/queries';
import type { Piece } from '../../api/types';
import { DamageOf } from '../../frame/DamageOf';
import { Triangle } from '../../lib/notices';
import { counted, writeDay } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { Dialog } from '../../ui/Dialog';
import { Menu } from '../../ui/Menu';
import { CutDialog } from './CutDialog';
import { MoveDialog } from './MoveDialog';
import { standing } from './standing';
import { TogetherDialog } from './TogetherDialog';
import { usePieceDeeds } from './usePieceDeeds';

type Props = { piece: Piece; onEdit: () => void; onCopy: () => void; onOpen: (id: string) => void };

/** The piece in hand: what it is, where each unit is, what can be done with it. */
export function PieceStrip({ piece, onEdit, onCopy, onOpen }: Props) {
  const house = useHouse();
  const write = useWriting();
  const place = usePlaces();
  const [shown, setShown] = useState<'move' | 'history' | 'cut' | 'together' | null>(null);
  const deeds = usePieceDeeds(piece);
  const isTakenApart = piece.parts.length > 0 && piece.parts.every((part) => part.piece !== null) && piece.places.some((at) => at.place === 'parted');
  const photo = useRef<HTMLInputElement>(null);
  const broken = useQuery(brokenSetsQuery(house.home.id)).data?.sets.find((set) => set.pieces.includes(piece.id));
  const stock = useQuery(piecesQuery(house.home.id)).data;
  const nameOf = (id: string) => stock?.find((one) => one.id === id)?.name ?? 'an arrangement';
  const scale = 70 / Math.max(shownHeight(piece), (piece.width / 254) * 0.8);
  return (
    <section
      aria-label="The piece in hand"
      className="flex min-h-[96px] items-center gap-6 border-t border-line bg-card px-[22px] py-2 max-md:mb-12 max-md:flex-wrap max-md:gap-2 max-md:px-3"
    >
      {piece.photoAt ? (
        <img
          src={`/api/homes/${house.home.id}/pieces/${piece.id}/photo?at=${piece.photoAt}`}
          alt={`${piece.name} as photographed`}
          className="h-[84px] w-[96px] flex-none object-contain"
        />
      ) : (
        <svg width="96" height="84" className="flex-none max-md:hidden" aria-hidden="true">
          <Silhouette piece={piece} scale={scale} x={48} y={80} />
        </svg>
      )}
      <div className="w-[240px]">
        <h2 className="truncate text-[17px]/[22px]" dir="auto">
          {piece.name} {piece.count > 1 && `×${piece.count}`}
        </h2>
        <p>
          {write.size(piece)}
          {piece.assumed.includes('size') && <i className="text-ink-3"> not measured yet</i>}
          {piece.assumed.includes('count') && <i className="text-ink-3"> not counted yet</i>}
          {piece.weight > 0 && `, ${write.weight(piece.weight)}`}
          {piece.laidOut !== null && `, ${write.run(piece.laidOut)} unrolled`}
        </p>
        <p className="note">
          {[piece.kind, ...piece.materials].join(', ')}; {piece.seasons.length === 0 ? 'staple' : piece.seasons.join(', ')}
        </p>
      </div>
      <div className="min-w-[180px] flex-1">
        <p className="font-semibold text-ink-2">Where</p>
        {piece.places.map((at) => (
          <p key={at.place}>
            {at.count} {at.place.startsWith('within:') ? `part of ${nameOf(at.place.slice(7))}` : place(at.place)}
            {at.note !== '' && <span className="note"> {at.note}</span>}
          </p>
        ))}
        <DamageOf piece={piece} />
      </div>
      <div className="min-w-[170px]">
        {piece.parts.length > 0 && (
          <p>
            <span className="font-semibold text-ink-2">Put together from</span> {piece.parts.map((part) => `${part.count} ${part.name}`).join(', ')}
          </p>
        )}
        <p className="note">
          {piece.costEach > 0 ? `${write.money(piece.costEach)} each` : 'price not said'}
          {piece.origin && `, ${piece.origin}`}
          {piece.cameOn && `, ${piece.cameOn.slice(0, 4)}`}
          <br />
          {piece.worn === 0 ? 'never out so far' : `out ${counted(piece.worn, 'season')}`}
          {piece.hazards.length > 0 && (
            <>
              <br />
              {piece.hazards.join(', ')}
            </>
          )}
        </p>
        {piece.set.name !== '' && (
          <p className="note flex gap-1">
            {broken && <Triangle size={13} />} {piece.set.name},{' '}
            {broken ? `${broken.of - broken.have} of ${broken.of} missing` : `all ${piece.set.of}`}
          </p>
        )}
      </div>
      <div className="flex flex-wrap gap-1.5">
        <button type="button" className="btn" onClick={onEdit}>
          Change
        </button>
        <button type="button" className="btn" onClick={() => setShown('move')}>
          Move units
        </button>
        <button type="button" className="btn" onClick={() => setShown('history')}>
          History
        </button>
        <button type="button" className="btn" onClick={() => deeds.remove()}>
          Delete
        </button>
        <Menu
          trigger={
            <button type="button" className="btn">
              More ▾
            </button>
          }
          items={[
            { label: 'Copy it', onSelect: onCopy },
            ...piece.faces.map((face) => ({ label: `Turn to “${face.name}”`, onSelect: () => deeds.turn(face.name) })),
            { label: 'Put together with…', onSelect: () => setShown('together') },
            ...(piece.parts.length > 0 && standing(piece) ? [{ label: 'Take one apart', onSelect: () => deeds.takeApart() }] : []),
            ...(isTakenApart ? [{ label: 'Put one together again', onSelect: () => deeds.putTogetherAgain() }] : []),
            ...(house.kinds.find((one) => one.kind === piece.kind)?.canBeCut
              ? [{ label: 'Cut a length off…', onSelect: () => setShown('cut') }]
              : []),
            { label: piece.photoAt ? 'Another photo…' : 'Give it a photo…', onSelect: () => photo.current?.click() },
            ...(piece.photoAt ? [{ label: 'Take the photo away', onSelect: () => deeds.dropPhoto() }] : []),
          ]}
        />
        <input
          ref={photo}
          type="file"
          accept="image/png,image/jpeg,image/webp"
          aria-label={`Photo of ${piece.name}`}
          className="hidden"
          onChange={(event) => event.target.files?.[0] && deeds.addPhoto(event.target.files[0])}
        />
      </div>
      {shown === 'move' && <MoveDialog piece={piece} onClose={() => setShown(null)} />}
      {shown === 'cut' && <CutDialog piece={piece} onClose={() => setShown(null)} />}
      {shown === 'together' && <TogetherDialog pieces={[piece]} onClose={() => setShown(null)} onMade={onOpen} />}
      {shown === 'history' && <History piece={piece} onClose={() => setShown(null)} />}
    </section>
  );
}

function History({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const house = useHouse();
  const place = usePlaces();
  const movements = useQuery(movementsQuery(house.home.id, piece.id));
  return (
    <Dialog title={`Where ${piece.name} has been`} isOpen onClose={onClose}>
      <ul className="rows">
        {movements.data?.movements.map((one) => (
          <li key={one.at + one.from + one.to} className="py-1.5">
            <b>{writeDay(one.at)}</b> {one.count}: {place(one.from)} <span aria-hidden="true">→</span>
            <span className="sr-only">, then</span> {place(one.to)}
            <span className="note block">
              {one.cause}, {one.by}
            </span>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
