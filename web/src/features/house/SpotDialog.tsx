import { lazy, Suspense, useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Spot, SpotInput } from '../../api/types';
import { SEEN_FROM, SPOT_HAZARDS, SPOT_KINDS } from '../../api/words';
import { fieldLength } from '../../lib/measure';
import { hasSides, isUpright } from '../../lib/runs';
import { Choices, Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';
import { FormFields } from './FormFields';

const PullMeasures = lazy(async () => ({ default: (await import('../rooms/PullMeasures')).PullMeasures }));

/** Shown where no colour was said: the grey of the drawings. */
const UNSAID = '#D8D2C4';

type Props = { spot?: Spot; room: string; onClose: () => void };

/** A spot and its measures. */
export function SpotDialog({ spot, room, onClose }: Props) {
  const house = useHouse();
  const home = house.home.id;
  const write = (tenths: number | null | undefined) => (tenths === null || tenths === undefined ? '' : fieldLength(tenths, house.home.unit));
  const [draft, setDraft] = useState<SpotInput>(() => ({
    room,
    name: spot?.name ?? '',
    kind: spot?.kind ?? 'mantel',
    width: write(spot?.width),
    depth: write(spot?.depth),
    ledgeHeight: write(spot?.ledgeHeight),
    clearHeight: write(spot?.clearHeight),
    seenFrom: spot?.seenFrom ?? 'front',
    keepClear: spot?.keepClear.map((zone) => ({ from: write(zone.from), to: write(zone.to), reason: zone.reason })) ?? [],
    wall: spot?.wall ?? '#F6F4EE',
    cover: spot?.cover ?? null,
    hazards: spot?.hazards ?? [],
    focalRank: spot?.focalRank ?? 10,
    tiers: spot?.tiers.map((clear) => write(clear)) ?? [],
    tableShape: spot?.tableShape ?? 'rectangular',
    seats: spot?.seats ?? 0,
    rise: write(spot?.rise),
    posts: spot?.posts ?? 0,
    belowWidth: write(spot?.belowWidth),
    belowTop: write(spot?.belowTop),
    note: spot?.note ?? '',
  }));
  const set = (part: Partial<SpotInput>) => setDraft({ ...draft, ...part });
  const form = house.spotKinds.find((one) => one.kind === draft.kind)?.form ?? 'ledge';
  return (
    <FormDialog<Spot, Spot>
      title={spot ? `Change ${spot.name}` : 'New spot'}
      onClose={onClose}
      save={(version) =>
        spot
          ? take(api.PUT('/api/homes/{home}/spots/{spot}', { params: { path: { home, spot: spot.id } }, body: { ...draft, version } }))
          : take(api.POST('/api/homes/{home}/spots', { params: { path: { home } }, body: draft }))
      }
      saveLabel="Save"
      version={spot?.version}
      inWords={{ theirs: (kept) => `${kept.name}, ${write(kept.width)} wide`, mine: `${draft.name}, ${draft.width} wide` }}
      remove={spot && (() => take(api.DELETE('/api/homes/{home}/spots/{spot}', { params: { path: { home, spot: spot.id } } })))}
      isWide
    >
      {spot && draft.kind === spot.kind && (
        <Suspense fallback={null}>
          <PullMeasures spot={spot} onPull={(part) => set(pulled(part, write))} />
          <p className="note text-center">Pull the yellow grips, move them with the arrows, or type.</p>
        </Suspense>
      )}
      <Measures draft={draft} set={set} form={form} />
      <FormFields form={form} draft={draft} set={set} />
      <Choices label="What is near" words={SPOT_HAZARDS} chosen={draft.hazards} onChange={(hazards) => set({ hazards })} />
      <KeepClearFields zones={draft.keepClear} isOnPost={isUpright(draft)} onChange={(keepClear) => set({ keepClear })} />
      <Field label="Note" name="note" hint="like “lamp stays”; on its card and on the day sheet">
        {(control) => <textarea {...control} rows={2} value={draft.note} dir="auto" onChange={(event) => set({ note: event.target.value })} />}
      </Field>
    </FormDialog>
  );
}

/** Measures that were pulled, as they would be typed. */
function pulled(part: Partial<Spot>, write: (tenths: number | null | undefined) => string): Partial<SpotInput> {
  return {
    ...(part.width === undefined ? {} : { width: write(part.width) }),
    ...(part.depth === undefined ? {} : { depth: write(part.depth) }),
    ...(part.clearHeight === undefined ? {} : { clearHeight: write(part.clearHeight) }),
    ...(part.rise === undefined ? {} : { rise: write(part.rise) }),
    ...(part.tiers === undefined ? {} : { tiers: part.tiers.map((clear) => write(clear)) }),
  };
}

type PartProps = { draft: SpotInput; set: (part: Partial<SpotInput>) => void; form: Spot['form'] };

type Side = readonly ['width' | 'depth' | 'ledgeHeight' | 'clearHeight', string, string];

/** The measures that are asked, by the form and of a post, in the words that fit it. */
function lengthsOf(form: Spot['form'], kind: SpotInput['kind']): readonly Side[] {
  if (isUpright({ kind })) {
    return [
      ['width', 'Height', ''],
      ['depth', 'How thick', ''],
      ['ledgeHeight', 'Its foot', 'from the floor'],
    ];
  }
  if (hasSides({ kind })) {
    return [
      ['width', 'Width', ''],
      ['clearHeight', 'Height', ''],
      ['depth', 'Room before it', ''],
      ['ledgeHeight', 'Its foot', 'from the floor'],
    ];
  }
  const [width, depth] = [
    ['width', form === 'run' ? 'Length' : form === 'cone' ? 'Width at the foot' : 'Width', ''],
    ['depth', form === 'panel' || form === 'run' ? 'Room before it' : 'Depth', ''],
  ] as const;
  switch (form) {
    case 'panel':
      return [width, ['clearHeight', 'Height', ''], ['ledgeHeight', 'Its lower edge', 'from the floor'], depth];
    case 'cone':
      return [width, depth, ['clearHeight', 'Up to the ceiling', ''], ['ledgeHeight', 'Its foot', 'from the floor']];
    case 'tiers':
      return [
        width,
        depth,
        ['ledgeHeight', 'Lowest board', 'from the floor'],
        ['clearHeight', 'Clear over the top board', 'empty when nothing hangs above'],
      ];
    case 'seat':
      return [width, depth, ['ledgeHeight', 'Its seat', 'from the floor'], ['clearHeight', 'Clear height above', 'empty when nothing hangs above']];
    default:
      return [width, depth, ['ledgeHeight', 'Its height', 'from the floor'], ['clearHeight', 'Clear height above', 'empty when nothing hangs above']];
  }
}

function Measures({ draft, set, form }: PartProps) {
  const house = useHouse();
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      <Field label="Name" name="name" className="col-span-2">
        {(control) => <input {...control} value={draft.name} dir="auto" onChange={(event) => set({ name: event.target.value })} />}
      </Field>
      <Field label="Kind" name="kind">
        {(control) => (
          <select
            {...control}
            value={draft.kind}
            onChange={(event) => set({ kind: SPOT_KINDS.find((kind) => kind === event.target.value) ?? 'shelf' })}
          >
            {SPOT_KINDS.map((kind) => (
              <option key={kind}>{kind}</option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Room" name="room">
        {(control) => (
          <select {...control} value={draft.room} onChange={(event) => set({ room: event.target.value })}>
            {house.rooms.map((room) => (
              <option key={room.id} value={room.id}>
                {room.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {lengthsOf(form, draft.kind).map(([name, label, hint]) => (
        <Field key={name} label={label} name={name} {...(hint ? { hint } : {})}>
          {(control) => (
            <input
              {...control}
              value={draft[name]}
              placeholder={house.home.unit === 'in' ? '48 in' : '120 cm'}
              onChange={(event) => set({ [name]: event.target.value })}
            />
          )}
        </Field>
      ))}
      <Field label="Seen from" name="seenFrom">
        {(control) => (
          <select
            {...control}
            value={draft.seenFrom}
            onChange={(event) => set({ seenFrom: SEEN_FROM.find((one) => one === event.target.value) ?? 'front' })}
          >
            {SEEN_FROM.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Wall" name="wall">
        {(control) => <input {...control} type="color" value={draft.wall} onChange={(event) => set({ wall: event.target.value })} />}
      </Field>
      {(form === 'seat' || form === 'table') && (
        <Field label={form === 'seat' ? 'Cover' : 'Top'} name="cover" hint="what the pieces are seen against">
          {(control) => (
            <span className="flex items-center gap-2">
              <input {...control} type="color" value={draft.cover ?? UNSAID} onChange={(event) => set({ cover: event.target.value })} />
              {draft.cover === null ? (
                <span className="note">not said</span>
              ) : (
                <button type="button" className="link" onClick={() => set({ cover: null })}>
                  leave it open
                </button>
              )}
            </span>
          )}
        </Field>
      )}
      <Field label="How early it is dressed" name="focalRank" hint="1: what is seen first from the door">
        {(control) => (
          <input {...control} type="number" value={draft.focalRank} onChange={(event) => set({ focalRank: Number(event.target.value) })} />
        )}
      </Field>
    </div>
  );
}

type Zone = SpotInput['keepClear'][number];

type ZonesProps = { zones: readonly Zone[]; isOnPost: boolean; onChange: (zones: Zone[]) => void };

function KeepClearFields({ zones, isOnPost, onChange }: ZonesProps) {
  const set = (index: number, part: Partial<Zone>) => onChange(zones.map((zone, i) => (i === index ? { ...zone, ...part } : zone)));
  return (
    <fieldset>
      <legend className="font-semibold text-ink-2">Stretches that must stay clear, from {isOnPost ? 'its foot' : 'the left end'}</legend>
      {zones.map((zone, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a stretch is its place in the list; all of it is edited here
        <div key={i} className="mt-1 flex flex-wrap items-end gap-2">
          <Field label="From" name={`keepClear[${i}]`} className="w-24">
            {(control) => <input {...control} value={zone.from} onChange={(event) => set(i, { from: event.target.value })} />}
          </Field>
          <Field label="To" name={`keepClear[${i}].to`} className="w-24">
            {(control) => <input {...control} value={zone.to} onChange={(event) => set(i, { to: event.target.value })} />}
          </Field>
          <Field label="Why" name={`keepClear[${i}].reason`} className="flex-1">
            {(control) => (
              <input
                {...control}
                value={zone.reason}
                placeholder="the mirror, the kettle"
                onChange={(event) => set(i, { reason: event.target.value })}
              />
            )}
          </Field>
          <button type="button" className="btn" onClick={() => onChange(zones.filter((_, j) => j !== i))}>
            Remove
          </button>
        </div>
      ))}
      <button type="button" className="btn mt-2" onClick={() => onChange([...zones, { from: '', to: '', reason: '' }])}>
        Keep a stretch clear
      </button>
    </fieldset>
  );
}
