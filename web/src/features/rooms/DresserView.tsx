import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useHouse, useSwap, useWriting } from '../../api/home';
import { candidatesQuery, remediesQuery } from '../../api/queries';
import type { Candidate, Dressing, Piece, Placement, Spot, Taste } from '../../api/types';
import { hasSides, isUpright } from '../../lib/runs';
import { useKeys } from '../../lib/useKeys';
import { BalanceBeam } from './BalanceBeam';
import { CandidateLedge } from './CandidateLedge';
import { CoachPanel } from './CoachPanel';
import { Elevation } from './Elevation';
import { LeftHole } from './LeftHole';
import { OtherPieces } from './OtherPieces';
import { nextWay, PlacementBar } from './PlacementBar';
import { SpotCard } from './SpotCard';
import { SpotList, type SpotState } from './SpotList';
import { SpotTaste } from './SpotTaste';
import { saveDrawing } from './saveDrawing';
import { useDresser } from './useDresser';
import { hasOwnHeight } from './whereDrawn';

type Props = { spot: Spot; dressing: Dressing; rooms: readonly SpotState[]; pieces: readonly Piece[]; isClosed: boolean };

const TableFromAbove = lazy(async () => ({ default: (await import('./TableFromAbove')).TableFromAbove }));
const SpotPhotos = lazy(async () => ({ default: (await import('../../frame/SpotPhotos')).SpotPhotos }));
const StandOn = lazy(async () => ({ default: (await import('./StandOn')).StandOn }));
const VersionShelf = lazy(async () => ({ default: (await import('./VersionShelf')).VersionShelf }));
const NeedDialog = lazy(async () => ({ default: (await import('./NeedDialog')).NeedDialog }));

const BALANCED: readonly Spot['form'][] = ['ledge', 'tiers', 'table', 'floor', 'seat'];
const CARRIED: readonly Spot['form'][] = ['ledge', 'tiers', 'table', 'floor'];
const LAYERS = ['back', 'middle', 'front'] as const;

/** One spot drawn to scale, with who could still stand there below and the coach beside it. */
export function DresserView({ spot, dressing, rooms, pieces, isClosed }: Props) {
  const house = useHouse();
  const current = useSwap();
  const write = useWriting();
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
  const act = (change: (placement: Placement) => void) => () => placement && !isClosed && change(placement);
  // One step is an inch, or two centimetres.
  const step = house.home.unit === 'cm' ? 200 : 254;
  const along = (steps: number) => act((one) => dresser.move(one, { left: one.left + Math.round(steps * step) }));
  const layer = (step: number) =>
    act((one) => dresser.move(one, { layer: LAYERS[Math.max(0, Math.min(2, LAYERS.indexOf(one.layer) + step))] ?? 'middle' }));
  const board = (step: number) => act((one) => dressing.boards[one.tier + step] !== undefined && dresser.move(one, { tier: one.tier + step }));
  const raise = (steps: number) => act((one) => dresser.move(one, { raise: Math.max(0, one.raise + steps * step) }));
  const count = (step: number) => act((one) => one.count + step > 0 && dresser.move(one, { count: one.count + step }));
  const dips = (step: number) =>
    act((one) => one.posture === 'drapes' && !hasSides(spot) && dresser.move(one, { dips: Math.max(0, Math.min(24, one.dips + step)) }));
  const acts = {
    left: along(-1),
    right: along(1),
    back: layer(-1),
    front: layer(1),
    up: raise(1),
    down: raise(-1),
    more: count(1),
    fewer: count(-1),
    off: act((one) => dresser.takeOff(one)),
    higher: board(1),
    lower: board(-1),
    spread: act((one) => one.count > 1 && dresser.spread(one)),
    dip: dips(1),
    flat: dips(-1),
    put: act((one) => nextWay(one) && dresser.move(one, { posture: nextWay(one), left: null })),
    turn: act((one) => dresser.move(one, { face: nextFace(one, byId.get(one.piece)) })),
  };
  // Up and down mean what the spot is made of: layers on a ledge, boards on tiers, height on a wall and a post.
  const [up, down] =
    placement && hasOwnHeight(spot, placement)
      ? [acts.up, acts.down]
      : dressing.boards.length > 1
        ? [acts.higher, acts.lower]
        : isUpright(spot)
          ? [acts.right, acts.left]
          : [acts.back, acts.front];
  const standCandidate = ({ piece, left, layer, raise: lift, tier, posture }: Candidate) => {
    if (!candidates.isPlaceholderData) dresser.add(piece, { left, layer, raise: lift, tier, posture });
    // While the row is worked out anew the piece that is seen is meant, but its place may be taken: it finds another.
    else if (!dressing.placements.some((one) => one.piece === piece)) dresser.add(piece);
  };
  const stand = (index: number) => () => {
    const candidate = candidates.data?.candidates[index];
    if (candidate && !isClosed) standCandidate(candidate);
  };
  useKeys({
    ArrowLeft: acts.left,
    ArrowRight: acts.right,
    'Shift+ArrowLeft': along(-0.25),
    'Shift+ArrowRight': along(0.25),
    ArrowUp: up,
    ArrowDown: down,
    s: acts.spread,
    g: () => void navigate(bench),
    b: acts.back,
    f: acts.front,
    r: acts.up,
    R: acts.down,
    d: acts.dip,
    D: acts.flat,
    t: acts.turn,
    h: acts.put,
    '+': acts.more,
    '=': acts.more,
    '-': acts.fewer,
    Delete: acts.off,
    Backspace: acts.off,
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
        <div className="flex flex-wrap items-baseline gap-x-4 px-2">
          <h2 className="flex-1 text-[19px]/[24px]">{spot.name}</h2>
          <p className="note order-last basis-full">
            {sizeWords(spot, write.length)}; seen from {spot.seenFrom}
            {spot.hazards.length > 0 && `; ${spot.hazards.join(', ')} near`}
            {spot.note !== '' && (
              <>
                ; <span dir="auto">“{spot.note}”</span>
              </>
            )}
          </p>
          {!isClosed && (
            <button type="button" className="btn no-print" onClick={() => setWriting(true)}>
              Write down what is missing
            </button>
          )}
          <Link className="btn no-print" to={bench}>
            How much? <kbd>G</kbd>
          </Link>
          <button type="button" className="btn no-print" onClick={() => window.print()}>
            Print
          </button>
          <Link className="btn no-print" to={`/homes/${house.home.id}/swaps/${current?.swap.id}/cards/${spot.room}`}>
            Cards
          </Link>
          <button type="button" className="btn no-print" onClick={() => drawing.current && saveDrawing(drawing.current, spot.name)}>
            SVG
          </button>
        </div>
        {dressing.lastYear.length > 0 && (
          <ul className="mx-2 mt-1 border-l-4 border-yolk bg-card px-3 py-1">
            {dressing.lastYear.map((said) => (
              <li key={said} className="note">
                {said}
              </li>
            ))}
          </ul>
        )}
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

/** Its own front first, then each of its other sides, then its own again. */
function nextFace(placement: Placement, piece: Piece | undefined): string | null {
  const names = (piece?.faces ?? []).map((face) => face.name);
  return names[placement.face === null ? 0 : names.indexOf(placement.face) + 1] ?? null;
}

/** The measures that count on such a spot, in one line. */
function sizeWords(spot: Spot, length: (tenths: number) => string): string {
  const wide = `${length(spot.width)} ${spot.form === 'run' ? 'long' : 'wide'}`;
  const clear = spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} clear`;
  switch (spot.form) {
    case 'tiers':
      return spot.tiers.length > 1
        ? `${wide}, ${length(spot.depth)} deep, ${spot.tiers.length} boards`
        : `${wide}, ${length(spot.depth)} deep${clear}`;
    case 'table':
      return `${spot.tableShape}, ${wide}, ${length(spot.depth)} deep${spot.seats > 0 ? `, ${spot.seats} places` : ''}`;
    case 'panel':
      return `${wide}${spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} high`}`;
    case 'run':
      if (hasSides(spot)) return `${wide.replace(' long', ' wide')}${spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} high`}`;
      if (isUpright(spot)) return `${length(spot.width)} high, ${length(spot.depth)} thick`;
      return `${wide}${spot.rise ? `, rises ${length(spot.rise)}` : ', level'}${spot.posts > 0 ? `, ${spot.posts} posts` : ''}`;
    case 'cone':
      return `${wide} at the foot${spot.clearHeight === null ? '' : `, ${length(spot.clearHeight)} to the ceiling`}`;
    default:
      return `${wide}, ${length(spot.depth)} deep${clear}`;
  }
}
