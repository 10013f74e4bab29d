import type { Look, Taste } from '../../api/types';

type Props = {
  look: Look | undefined;
  taste: Taste;
  room: string;
  onChange: (part: Partial<Taste>) => void;
  /** The same for every spot of the room. */
  onRoom: () => void;
  isClosed: boolean;
};

const SCHOOLS = ['centred', 'off-centre'] as const;
const MOODS = [
  [15, 'airy'],
  [50, 'between'],
  [85, 'layered'],
] as const;

/** The word whose mood lies nearest. */
const nearest = (mood: number): string => MOODS.reduce((best, one) => (Math.abs(one[0] - mood) < Math.abs(best[0] - mood) ? one : best))[1];

/** By which school the spot is balanced and which ribbons are meant for it: those of the look, or some of its own. */
export function SpotTaste({ look, taste, room, onChange, onRoom, isClosed }: Props) {
  const meant = taste.ribbons ?? [];
  const toggle = (name: string) => onChange({ ribbons: meant.includes(name) ? meant.filter((one) => one !== name) : [...meant, name] });
  return (
    <div className="mt-1">
      <label className="flex items-center gap-2">
        <span className="note">Balanced</span>
        <select
          value={taste.school ?? ''}
          disabled={isClosed}
          onChange={(event) => onChange({ school: SCHOOLS.find((one) => one === event.target.value) ?? null })}
        >
          <option value="">as the look: {look?.balance ?? 'centred'}</option>
          {SCHOOLS.map((one) => (
            <option key={one} value={one}>
              {one} here
            </option>
          ))}
        </select>
      </label>
      <label className="mt-1 flex items-center gap-2">
        <span className="note">Mood</span>
        <select
          value={taste.mood === null ? '' : nearest(taste.mood)}
          disabled={isClosed}
          onChange={(event) => onChange({ mood: MOODS.find(([, word]) => word === event.target.value)?.[0] ?? null })}
        >
          <option value="">as the look: {look?.mood ?? 50}</option>
          {MOODS.map(([, word]) => (
            <option key={word} value={word}>
              {word} here
            </option>
          ))}
        </select>
      </label>
      {look && look.ribbons.length > 1 && (
        <fieldset className="mt-1 flex flex-wrap items-center gap-1">
          <legend className="note float-left mr-2">Colours here</legend>
          {look.ribbons.map((ribbon) => (
            <button
              key={ribbon.name}
              type="button"
              disabled={isClosed}
              aria-pressed={meant.includes(ribbon.name)}
              onClick={() => toggle(ribbon.name)}
              className="flex items-center gap-1 border border-line px-1.5 py-0.5 text-[12px] aria-pressed:border-ink aria-pressed:bg-yolk-soft"
            >
              <span aria-hidden="true" className="inline-block h-3 w-2" style={{ background: ribbon.hex }} />
              {ribbon.name}
            </button>
          ))}
        </fieldset>
      )}
      {!isClosed && (
        <button type="button" className="link mt-1" onClick={onRoom}>
          The same for all of {room}
        </button>
      )}
    </div>
  );
}
