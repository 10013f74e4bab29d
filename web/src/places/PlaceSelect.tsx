import { useHouse } from '../api/home';

type Props = { id?: string; label?: string; value: string; onChange: (place: string) => void; isEverywhere?: boolean };

/** Totes, spots and the other places a unit can be. */
export function PlaceSelect({ id, label, value, onChange, isEverywhere = false }: Props) {
  const house = useHouse();
  return (
    <select {...(id ? { id } : {})} {...(label ? { 'aria-label': label } : {})} value={value} onChange={(event) => onChange(event.target.value)}>
      <option value="loose">loose in store</option>
      {house.totes.length > 0 && (
        <optgroup label="Totes">
          {house.totes.map((tote) => (
            <option key={tote.id} value={`tote:${tote.id}`}>
              {tote.code}, {tote.place}
            </option>
          ))}
        </optgroup>
      )}
      {house.rooms.map((room) => (
        <optgroup key={room.id} label={room.name}>
          {house.spots
            .filter((spot) => spot.room === room.id)
            .map((spot) => (
              <option key={spot.id} value={`spot:${spot.id}`}>
                {spot.name}
              </option>
            ))}
        </optgroup>
      ))}
      {isEverywhere && (
        <optgroup label="Elsewhere">
          <option value="lent">lent out</option>
          <option value="lost">lost</option>
          <option value="parted">left the home</option>
        </optgroup>
      )}
    </select>
  );
}
