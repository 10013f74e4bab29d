import { useMemo, useState } from 'react';
import { useHouse, useSwap, useWriting } from '../../api/home';
import type { Dressing, Piece, Placement, Spot } from '../../api/types';
import { useKeys } from '../../lib/useKeys';
import { BalanceBeam } from './BalanceBeam';
import { CandidateLedge } from './CandidateLedge';
import { CoachPanel } from './CoachPanel';
import { Elevation } from './Elevation';
import { NeedDialog } from './NeedDialog';
import { PlacementBar } from './PlacementBar';
import { SpotList, type SpotState } from './SpotList';
import { useDresser } from './useDresser';

type Props = { spot: Spot; dressing: Dressing; rooms: readonly SpotState[]; pieces: readonly Piece[]; isClosed: boolean };

const LAYERS = ['back', 'middle', 'front'] as const;

/** One spot drawn to scale, with who could still stand there below and the coach beside it. */
export function DresserView({ spot, dressing, rooms, pieces, isClosed }: Props) {
  const house = useHouse();
  const current = useSwap();
  const write = useWriting();
  const byId = useMemo(() => new Map(pieces.map((piece) => [piece.id, piece])), [pieces]);
  const [chosen, setChosen] = useState<string | null>(null);
  const [isWriting, setWriting] = useState(false);
  const dresser = useDresser(house.home.id, current?.swap.id ?? '', spot.id);
  const placement = dressing.placements.find((one) => one.id === chosen);
  const act = (change: (placement: Placement) => void) => () => placement && !isClosed && change(placement);
  // One step is an inch, or two centimetres.
  const step = house.home.unit === 'cm' ? 200 : 254;
  const along = (steps: number) => act((one) => dresser.move(one, { left: one.left + Math.round(steps * step) }));
  const layer = (step: number) =>
    act((one) => dresser.move(one, { layer: LAYERS[Math.max(0, Math.min(2, LAYERS.indexOf(one.layer) + step))] ?? 'middle' }));
  const raise = (steps: number) => act((one) => dresser.move(one, { raise: Math.max(0, one.raise + steps * step) }));
  const count = (step: number) => act((one) => one.count + step > 0 && dresser.move(one, { count: one.count + step }));
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
  };
  const stand = (index: number) => () => {
    const candidate = dressing.candidates[index];
    if (candidate && !isClosed) dresser.add(candidate.piece);
  };
  useKeys({
    ArrowLeft: acts.left,
    ArrowRight: acts.right,
    'Shift+ArrowLeft': along(-0.25),
    'Shift+ArrowRight': along(0.25),
    ArrowUp: acts.back,
    ArrowDown: acts.front,
    r: acts.up,
    R: acts.down,
    '+': acts.more,
    '=': acts.more,
    '-': acts.fewer,
    Delete: acts.off,
    Backspace: acts.off,
    Escape: () => setChosen(null),
    ...Object.fromEntries(Array.from({ length: 9 }, (_, i) => [String(i + 1), stand(i)])),
  });

  return (
    <div className="grid min-h-[calc(100vh-96px)] grid-cols-[180px_minmax(0,1fr)_286px] max-xl:grid-cols-[160px_minmax(0,1fr)] max-md:block max-md:pb-20">
      <SpotList spot={spot} states={rooms} />
      <div className="min-w-0 pt-3">
        <div className="flex flex-wrap items-baseline gap-x-4 px-2">
          <h2 className="text-[19px]/[24px]">{spot.name}</h2>
          <p className="note flex-1 max-md:order-last max-md:basis-full">
            {write.length(spot.width)} wide, {write.length(spot.depth)} deep{spot.clearHeight !== null && `, ${write.length(spot.clearHeight)} clear`}
            ; seen from {spot.seenFrom}
            {spot.hazards.length > 0 && `; ${spot.hazards.join(', ')} near`}
          </p>
          {!isClosed && (
            <button type="button" className="btn" onClick={() => setWriting(true)}>
              Write down what is missing
            </button>
          )}
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
          spot={spot}
          dressing={dressing}
          pieces={byId}
          chosen={chosen}
          onChoose={setChosen}
          onMove={(one, left) => !isClosed && dresser.move(one, { left })}
          isClosed={isClosed}
        />
        <BalanceBeam left={dressing.momentLeft} right={dressing.momentRight} />
        <PlacementBar placement={placement} piece={placement ? byId.get(placement.piece) : undefined} acts={acts} isClosed={isClosed} />
        <CandidateLedge dressing={dressing} pieces={byId} onStand={(piece) => dresser.add(piece)} isClosed={isClosed || dresser.isBusy} />
      </div>
      <CoachPanel findings={dressing.findings} school={current?.look.balance ?? 'centred'} needs={dressing.needs} onPoint={setChosen} />
      {isWriting && <NeedDialog spot={spot} onClose={() => setWriting(false)} />}
    </div>
  );
}
