import { useState } from 'react';
import { useWriting } from '../../api/home';
import type { Floor, Furniture, Room, Swap } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { counted, writeMinutes } from '../../lib/text';
import { EmptyLedge } from '../../ui/States';
import { FloorDialog } from './FloorDialog';
import { FloorDrawing } from './FloorDrawing';
import { FurnitureDialog } from './FurnitureDialog';
import { useFloorActs } from './useFloorActs';

type Props = { room: Room; floor: Floor; swap: Swap; isClosed: boolean };

/** Two arrangements of a room side by side to one scale; what does not go is said under each, the difference is work of the day. */
export function FloorView({ room, floor, swap, isClosed }: Props) {
  const { length } = useWriting();
  const [isMeasuring, setMeasuring] = useState(false);
  const [furniture, setFurniture] = useState<{ furniture?: Furniture } | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const acts = useFloorActs(swap.id, room.id);
  const picked = floor.furniture.find((one) => one.id === chosen);
  const isMeasured = floor.width !== null;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h2 className="flex-1 text-[22px]/[28px]">
          {room.name} from above{' '}
          {floor.width !== null && floor.depth !== null && (
            <span className="note">
              {length(floor.width)} wide, {length(floor.depth)} deep
            </span>
          )}
        </h2>
        {!isClosed && (
          <span className="no-print flex flex-wrap gap-2">
            <button type="button" className={`btn ${isMeasured ? '' : 'btn-main'}`} onClick={() => setMeasuring(true)}>
              {isMeasured ? 'Measures, doors, outlets …' : 'Measure the floor …'}
            </button>
            <button type="button" className="btn" onClick={() => setFurniture({})} disabled={!isMeasured}>
              Furniture or rug …
            </button>
            <button type="button" className="btn" onClick={() => setFurniture(picked ? { furniture: picked } : null)} disabled={!picked}>
              Change {picked?.name ?? ''}
            </button>
            <button type="button" className="btn" onClick={() => window.print()} disabled={!isMeasured}>
              Print
            </button>
          </span>
        )}
      </div>
      {!isMeasured && (
        <EmptyLedge>
          Not measured yet. With its width, its depth and its doors the furniture can be tried elsewhere before anybody lifts it.
        </EmptyLedge>
      )}
      {isMeasured && (
        <>
          <div className="mt-3 grid gap-6 md:grid-cols-2">
            <FloorDrawing title="As it is" floor={floor} which="now" chosen={chosen} onChoose={setChosen} onMove={acts.now} isClosed={isClosed} />
            <FloorDrawing
              title={`For ${swap.name}`}
              floor={floor}
              which="planned"
              chosen={chosen}
              onChoose={setChosen}
              onMove={acts.plan}
              isClosed={isClosed}
            />
            <Said findings={floor.now} />
            <Said findings={floor.planned} />
          </div>
          <p className="note no-print mt-2">
            Pull a piece, or use the arrows (Shift for a foot at a time); R turns it. Ways of 30 in are usual; it is no architect’s plan, and exits
            follow local codes.
          </p>
          {floor.moves.length > 0 && (
            <section className="mt-4 max-w-[760px]" aria-label="What is moved">
              <h3 className="panel-title">
                {counted(floor.moves.length, 'thing')} to move, {writeMinutes(floor.minutes)}
                {floor.isForTwo && ' for two'}
              </h3>
              <ol className="rows mt-1">
                {floor.moves.map((move) => (
                  <li key={move} className="py-1">
                    {move}
                  </li>
                ))}
              </ol>
              <p className="note">
                It is work of the swap day: after the room is emptied, before it is cleaned. Sliders under the legs, and nothing lifted alone.
              </p>
            </section>
          )}
        </>
      )}
      {isMeasuring && <FloorDialog room={room} floor={floor} onClose={() => setMeasuring(false)} />}
      {furniture && <FurnitureDialog room={room} {...furniture} onClose={() => setFurniture(null)} />}
    </>
  );
}

function Said({ findings }: { findings: readonly string[] }) {
  if (findings.length === 0) return <p className="note">Nothing stands in the way.</p>;
  return (
    <ul className="grid content-start gap-1">
      {findings.map((one) => (
        <li key={one} className="flex items-start gap-2">
          <Triangle size={15} /> <span>{one}</span>
        </li>
      ))}
    </ul>
  );
}
