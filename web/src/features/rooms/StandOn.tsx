import { useQuery } from '@tanstack/react-query';
import { risersQuery } from '../../api/queries';
import type { ArrangedPlace, Dressing, Piece, Placement } from '../../api/types';
import type { Arrangement } from './useDresser';

type Props = {
  home: string;
  swap: string;
  placement: Placement;
  dressing: Dressing;
  pieces: ReadonlyMap<string, Piece>;
  onArrange: (arrangement: Arrangement) => void;
};

/** Stands the piece in hand on books, a box or a basket that is owned and free, or takes it down again. */
export function StandOn({ home, swap, placement, dressing, pieces, onArrange }: Props) {
  const asItIs = dressing.placements.map((one) => `${one.id} ${one.version}`).join();
  const found = useQuery(risersQuery(home, swap, placement.id, asItIs)).data;
  const name = pieces.get(placement.piece)?.name ?? 'It';
  const under = dressing.placements.find((one) => one.id === found?.under);
  if (under) {
    const riser = pieces.get(under.piece)?.name ?? 'what it stands on';
    return (
      <button
        type="button"
        className="btn px-2"
        onClick={() =>
          onArrange({
            places: [placed(placement, under.raise)],
            off: under.count === 1 ? [under.id] : [],
            says: `${name} is taken down from ${riser}`,
          })
        }
      >
        Down from {riser}
      </button>
    );
  }
  if (!found || found.risers.length === 0) return null;
  return (
    <select
      className="max-w-[190px]"
      aria-label={`Stand ${name} on something`}
      value=""
      onChange={(event) => {
        const riser = found.risers[Number(event.target.value)];
        if (riser) onArrange({ places: riser.places, off: [], says: `${name} stands on ${riser.says}` });
      }}
    >
      <option value="">Stand it on …</option>
      {found.risers.map((riser, i) => (
        <option key={riser.says} value={i}>
          {riser.says} high, {riser.where} ({riser.score})
        </option>
      ))}
    </select>
  );
}

/** A placement as it stands, at another height. */
function placed(one: Placement, raise: number): ArrangedPlace {
  const { id, piece, count, left, layer, tier, posture, dips, face, version } = one;
  return { placement: id, piece, count, left, layer, raise, tier, posture, dips, face, version };
}
