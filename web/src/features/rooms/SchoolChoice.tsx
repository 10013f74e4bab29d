import type { Dressing } from '../../api/types';

type School = NonNullable<Dressing['school']>;
type Props = { ofLook: School; school: Dressing['school']; onChoose: (school: School | null) => void; isClosed: boolean };

const SCHOOLS: readonly School[] = ['centred', 'off-centre'];

/** By which school the spot is balanced: that of the look, or one of its own. */
export function SchoolChoice({ ofLook, school, onChoose, isClosed }: Props) {
  return (
    <label className="mt-1 flex items-center gap-2">
      <span className="note">Balanced</span>
      <select value={school ?? ''} disabled={isClosed} onChange={(event) => onChoose(SCHOOLS.find((one) => one === event.target.value) ?? null)}>
        <option value="">as the look: {ofLook}</option>
        {SCHOOLS.map((one) => (
          <option key={one} value={one}>
            {one} here
          </option>
        ))}
      </select>
    </label>
  );
}
