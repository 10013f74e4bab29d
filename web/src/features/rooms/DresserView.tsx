import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useHouse, useSwap } from '../../api/home';
import { candidatesQuery, remediesQuery } from '../../api/queries';
import type { Candidate, Dressing, Piece, Spot, Taste } from '../../api/types';
import { useKeys } from '../../lib/useKeys';
import { BalanceBeam } from './BalanceBeam';
import { CandidateLedge } from './CandidateLedge';
import { CoachPanel } from './CoachPanel';
import { Elevation } from './Elevation';
import { LeftHole } from './LeftHole';
import { OtherPieces } from './OtherPieces';
import { PlacementBar } from './PlacementBar';
import { SpotCard } from './SpotCard';
import { SpotHead } from './SpotHead';
import { SpotList, type SpotState } from './SpotList';
import { SpotTaste } from './SpotTaste';
import { saveDrawing } from './saveDrawing';
import { useDresser } from './useDresser';
import { usePlacementActs } from './usePlacementActs';

type Props = { spot: Spot; dressing: Dressing; rooms: readonly SpotState[]; pieces: readonly Piece[]; isClosed: boolean };

const TableFromAbove = lazy(async () => ({ default: (await import('./TableFromAbove')).TableFromAbove }));
const SpotPhotos = lazy(async () => ({ default: (await import('../../frame/SpotPhotos')).SpotPhotos }));
const StandOn = lazy(async () => ({ default: (await import('./StandOn')).StandOn }));
const VersionShelf = lazy(async () => ({ default: (await import('./VersionShelf')).VersionShelf }));
const NeedDialog = lazy(async () => ({ default: (await import('./NeedDialog')).NeedDialog }));

const BALANCED: readonly Spot['form'][] = ['ledge', 'tiers', 'table', 'floor', 'seat'];
const CARRIED: readonly Spot['form'][] = ['ledge', 'tiers', 'table', 'floor'];

/** One spot drawn to scale, with who could still stand there below and the coach beside it. */
export function DresserView({ spot, dressing, rooms, pieces, isClosed }: Props) {
  const house = useHouse();
  const current = useSwap();
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const [chosen, setChosen] = useState<string | null>(null);
  const [isWriting, setWriting] = useState(false);
  const drawing = useRef<SVGSVGElement>(null);
  const [isMirrored, setMirrored] = useState(false);
  const dresser = useDresser(house.home.id, current?.swap.id ?? '', spot.id);
  const asItIs = dressing.placements.map((one) => `${one.id} ${one.version}`).join();
  const remedies = useQuery({
    ...remediesQuery(house.home.id, current?.swap.id ?? '', spot.id, asItIs),
    enabled: !isClosed && dressing.findings.some((one) => one.verdict !== 'good'),
  });
  const candidates = useQuery({
    ...candidatesQuery(house.home.id, current?.swap.id ?? '', spot.id, asItIs),
    placeholderData: keepPreviousData,
  });
  const placement = dressing.placements.find((one) => one.id === chosen);
  const taste: Taste = {
    school: dressing.school,
    mood: dressing.mood,
    ribbons: dressing.ribbons,
    overruled: dressing.findings.filter((one) => one.isOverruled).map((one) => one.code),
  };
  const bench = `/homes/${house.home.id}/workbench?spot=${spot.id}`;
  const navigate = useNavigate();
  const standCandidate = ({ piece, left, layer, raise: lift, tier, posture }: Candidate) => {
    if (!candidates.isPlaceholderData) dresser.add(piece, { left, layer, raise: lift, tier, posture });
    // While the row is worked out anew the piece that is seen is meant, but its place may be taken: it finds another.
    else if (!dressing.placements.some((one) => one.piece === piece)) dresser.add(piece);
  };
  const stand = (index: number) => () => {
    const candidate = candidates.data?.candidates[index];
    if (candidate && !isClosed) standCandidate(candidate);
  };
  const { acts, keys } = usePlacementActs({ spot, dressing, placement, piece: placement && byId.get(placement.piece), dresser, isClosed });
  useKeys({
    ...keys,
    g: () => void navigate(bench),
    Escape: () => setChosen(null),
    ...Object.fromEntries(Array.from({ length: 9 }, (_, i) => [String(i + 1), stand(i)])),
  });

  return (
    <div
      className="grid min-h-[calc(100vh-96px)] grid-cols-[180px_minmax(0,1fr)_286px] max-xl:grid-cols-[160px_minmax(0,1fr)] max-md:block
      max-md:pb-20 print:block"
    >
      <SpotList spot={spot} states={rooms} />
      <div className="min-w-0 pt-3">
        <SpotHead
          spot={spot}
          lastYear={dressing.lastYear}
          bench={bench}
          cards={`/homes/${house.home.id}/swaps/${current?.swap.id}/cards/${spot.room}`}
          onMissing={isClosed ? undefined : () => setWriting(true)}
          onSave={() => drawing.current && saveDrawing(drawing.current, spot.name)}
        />
        <Elevation
          ref={drawing}
          spot={spot}
          dressing={dressing}
          pieces={byId}
          chosen={chosen}
          onChoose={setChosen}
          onMove={(one, stand) => !isClosed && dresser.move(one, stand)}
          isClosed={isClosed}
          isMirrored={isMirrored}
        />
        <Suspense fallback={null}>
          {spot.form === 'table' && <TableFromAbove spot={spot} dressing={dressing} pieces={byId} chosen={chosen} onChoose={setChosen} />}
        </Suspense>
        {(spot.form === 'table' || spot.seenFrom === 'both sides') && (
          <p className="no-print px-2 text-right">
            <button type="button" className="link" aria-pressed={isMirrored} onClick={() => setMirrored(!isMirrored)}>
              {isMirrored ? 'From this side again' : 'From the other side'}
            </button>
          </p>
        )}
        <SpotCard spot={spot} dressing={dressing} pieces={byId} />
        {BALANCED.includes(spot.form) && <BalanceBeam left={dressing.momentLeft} right={dressing.momentRight} most={dressing.momentMost} />}
        <PlacementBar
          spot={spot}
          placement={placement}
          piece={placement ? byId.get(placement.piece) : undefined}
          acts={acts}
          onPlaceAt={(at) => placement && dresser.move(placement, { at })}
          isClosed={isClosed}
        >
          {placement && !isClosed && CARRIED.includes(spot.form) && placement.posture === 'stands' && (
            <Suspense fallback={null}>
              <StandOn
                home={house.home.id}
                swap={current?.swap.id ?? ''}
                placement={placement}
                dressing={dressing}
                pieces={byId}
                onArrange={dresser.arrange}
              />
            </Suspense>
          )}
        </PlacementBar>
        {placement && !isClosed && <LeftHole placement={placement} spot={spot} />}
        <CandidateLedge spot={spot} ranking={candidates.data} pieces={byId} onStand={standCandidate} isClosed={isClosed || dresser.isBusy}>
          {!isClosed && (
            <OtherPieces home={house.home.id} swap={current?.swap.id ?? ''} spot={spot.id} pieces={byId} onStand={(piece) => dresser.add(piece)} />
          )}
        </CandidateLedge>
        <Suspense fallback={null}>
          <VersionShelf home={house.home.id} swap={current?.swap.id ?? ''} spot={spot} dressing={dressing} pieces={byId} isClosed={isClosed} />
        </Suspense>
        {current && (
          <div className="px-2 py-4">
            <Suspense fallback={null}>
              <SpotPhotos spot={spot} swap={current.swap} isClosed={isClosed} />
            </Suspense>
          </div>
        )}
      </div>
      <CoachPanel
        form={spot.form}
        dressing={dressing}
        taste={
          <SpotTaste
            look={current?.look}
            taste={taste}
            room={house.rooms.find((one) => one.id === spot.room)?.name ?? 'the room'}
            onChange={(part) => dresser.judgeBy({ ...taste, ...part })}
            onRoom={() => dresser.judgeRoomBy(spot.room, taste)}
            isClosed={isClosed}
          />
        }
        onLeave={isClosed ? undefined : (overruled) => dresser.judgeBy({ ...taste, overruled: overruled })}
        remedies={isClosed ? [] : (remedies.data?.remedies ?? [])}
        onPoint={setChosen}
        onRemedy={({ places, off, says }) => dresser.arrange({ places, off, says })}
      />
      <Suspense fallback={null}>{isWriting && <NeedDialog spot={spot} onClose={() => setWriting(false)} />}</Suspense>
    </div>
  );
}
