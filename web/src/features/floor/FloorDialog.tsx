import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Floor, FloorInput, OpeningInput, Room } from '../../api/types';
import { OPENING_KINDS, WALLS } from '../../api/words';
import { fieldRun } from '../../lib/measure';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

/** How large a floor is, and what is in its walls. */
export function FloorDialog({ room, floor, onClose }: { room: Room; floor: Floor; onClose: () => void }) {
  const { home } = useHouse();
  const run = (tenths: number | null) => (tenths === null ? '' : fieldRun(tenths, home.unit));
  const [draft, setDraft] = useState<FloorInput>({
    width: run(floor.width),
    depth: run(floor.depth),
    openings: floor.openings.map((one) => ({ ...one, from: run(one.from), width: one.kind === 'outlet' ? '' : run(one.width) })),
    version: floor.version,
  });
  const change = (at: number, to: Partial<OpeningInput>) =>
    setDraft({ ...draft, openings: draft.openings.map((one, i) => (i === at ? { ...one, ...to } : one)) });
  return (
    <FormDialog
      title={`The floor of ${room.name}`}
      onClose={onClose}
      save={(version) =>
        take(api.PUT('/api/homes/{home}/rooms/{room}/floor', { params: { path: { home: home.id, room: room.id } }, body: { ...draft, version } }))
      }
      saveLabel="Save"
      version={floor.version}
      inWords={{ theirs: () => 'other measures', mine: `${draft.width} by ${draft.depth}` }}
      isWide
    >
      <div className="grid grid-cols-2 gap-3">
        <Field label="Width" name="width" hint="Along the far wall, the one you look at">
          {(control) => (
            <input
              {...control}
              value={draft.width}
              placeholder={home.unit === 'cm' ? '4,8 m' : '16 ft'}
              onChange={(event) => setDraft({ ...draft, width: event.target.value })}
            />
          )}
        </Field>
        <Field label="Depth" name="depth" hint="From the far wall to the one behind you">
          {(control) => (
            <input
              {...control}
              value={draft.depth}
              placeholder={home.unit === 'cm' ? '3,6 m' : '12 ft'}
              onChange={(event) => setDraft({ ...draft, depth: event.target.value })}
            />
          )}
        </Field>
      </div>
      <fieldset className="grid gap-2">
        <legend className="font-semibold text-ink-2">Doors, windows, outlets</legend>
        {draft.openings.map((one, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: an opening is what stands in this place, whatever is said of it
          <div key={i} className="grid grid-cols-[110px_110px_1fr_1fr_auto] items-end gap-2 max-md:grid-cols-2">
            <Field label="What" name={`openings[${i}].kind`}>
              {(control) => (
                <select
                  {...control}
                  value={one.kind}
                  onChange={(event) => change(i, { kind: OPENING_KINDS.find((word) => word === event.target.value) ?? 'door' })}
                >
                  {OPENING_KINDS.map((word) => (
                    <option key={word}>{word}</option>
                  ))}
                </select>
              )}
            </Field>
            <Field label="Wall" name={`openings[${i}].wall`}>
              {(control) => (
                <select
                  {...control}
                  value={one.wall}
                  onChange={(event) => change(i, { wall: WALLS.find((word) => word === event.target.value) ?? 'near' })}
                >
                  {WALLS.map((word) => (
                    <option key={word}>{word}</option>
                  ))}
                </select>
              )}
            </Field>
            <Field label={one.wall === 'left' || one.wall === 'right' ? 'From the far wall' : 'From the left wall'} name={`openings[${i}].from`}>
              {(control) => <input {...control} value={one.from} onChange={(event) => change(i, { from: event.target.value })} />}
            </Field>
            <Field label="Width" name={`openings[${i}].width`}>
              {(control) => (
                <input
                  {...control}
                  value={one.width}
                  disabled={one.kind === 'outlet'}
                  placeholder={one.kind === 'outlet' ? '' : 'as usual'}
                  onChange={(event) => change(i, { width: event.target.value })}
                />
              )}
            </Field>
            <button
              type="button"
              className="btn"
              aria-label={`No ${one.kind} there`}
              onClick={() => setDraft({ ...draft, openings: draft.openings.filter((_, at) => at !== i) })}
            >
              ✕
            </button>
          </div>
        ))}
        <button
          type="button"
          className="btn w-fit"
          onClick={() => setDraft({ ...draft, openings: [...draft.openings, { kind: 'door', wall: 'near', from: '', width: '' }] })}
        >
          One more
        </button>
      </fieldset>
    </FormDialog>
  );
}
