import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Day, Swap, WorkDayInput } from '../../api/types';
import { writeDay } from '../../lib/text';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';
import { CrewFields } from './CrewFields';
import { clock } from './clock';
import { dayAfter } from './dayAfter';
import { PauseFields } from './PauseFields';
import { SpotsOfDay } from './SpotsOfDay';

type Proposed = { name: string; date: string };
type Props = { day: Day; isNew: boolean; swap: Swap; proposed?: Proposed | undefined; onClose: () => void };

/** Who works on a day, from when to when, with what breaks; of a day beside the swap day also its name, its date and its spots. */
export function ArrangeDialog({ day, isNew, swap, proposed, onClose }: Props) {
  const house = useHouse();
  const navigate = useNavigate();
  const isBeside = isNew || day.id !== null;
  const [draft, setDraft] = useState(() => ({ ...drafted(day, isNew), ...proposed }));
  const set = (change: Partial<WorkDayInput>) => setDraft({ ...draft, ...change });
  const path = { home: house.home.id, swap: swap.id };
  const save = (version: number) => {
    const body = { ...draft, version };
    if (isNew) return take(api.POST('/api/homes/{home}/swaps/{swap}/days', { params: { path }, body: { ...body, version: null } }));
    if (day.id === null) return take(api.PUT('/api/homes/{home}/swaps/{swap}/day', { params: { path }, body }));
    return take(api.PUT('/api/homes/{home}/swaps/{swap}/days/{day}', { params: { path: { ...path, day: day.id } }, body }));
  };
  const remove = async (id: string) => {
    await take(api.DELETE('/api/homes/{home}/swaps/{swap}/days/{day}', { params: { path: { ...path, day: id } } }));
    await navigate('.');
  };
  return (
    <FormDialog<Day, Day>
      title={isNew ? 'Another day of this swap' : day.id === null ? 'The swap day: people and hours' : `${day.name}: people and hours`}
      onClose={onClose}
      save={save}
      onSaved={async (saved) => {
        if (isNew) await navigate(`?day=${saved.id}`);
      }}
      saveLabel={isNew ? 'Add the day' : 'Save'}
      version={day.version}
      inWords={{ theirs: (kept) => `${kept.crew.length} people from ${clock(kept.start)}`, mine: `${draft.crew.length} people from ${draft.start}` }}
      remove={day.id === null || isNew ? undefined : () => remove(day.id ?? '')}
      isWide
    >
      {isBeside && (
        <div className="grid grid-cols-2 gap-3">
          <Field label="What is done on it" name="name" hint="The tree, Second look, Stockings">
            {(control) => <input {...control} value={draft.name} onChange={(event) => set({ name: event.target.value })} />}
          </Field>
          <Field label="Date" name="date" hint={`The swap day is ${writeDay(swap.swapDay)}`}>
            {(control) => <input {...control} type="date" value={draft.date} onChange={(event) => set({ date: event.target.value })} />}
          </Field>
        </div>
      )}
      <div className="grid grid-cols-3 gap-3 max-md:grid-cols-2">
        <Field label="Start" name="start">
          {(control) => <input {...control} value={draft.start} onChange={(event) => set({ start: event.target.value })} />}
        </Field>
        <Field label="Over by" name="latestEnd" hint="Empty: as long as it takes">
          {(control) => (
            <input {...control} value={draft.latestEnd} placeholder="17:00" onChange={(event) => set({ latestEnd: event.target.value })} />
          )}
        </Field>
        <Field label="Room to lay out" name="layRoom" hint="The table and the floor beside it">
          {(control) => <input {...control} value={draft.layRoom} onChange={(event) => set({ layRoom: event.target.value })} />}
        </Field>
      </div>
      <CrewFields crew={draft.crew} onChange={(crew) => set({ crew })} />
      <PauseFields pauses={draft.pauses} onChange={(pauses) => set({ pauses })} />
      {isBeside && (
        <label className="flex min-h-[32px] items-center gap-2">
          <input type="checkbox" checked={draft.isLook} onChange={(event) => set({ isLook: event.target.checked })} />
          <span>
            <b>A second look</b>: every dressed spot again, with the short list of what could be better
          </span>
        </label>
      )}
      {isBeside && (
        <label className="flex min-h-[32px] items-center gap-2">
          <input type="checkbox" checked={draft.movesFurniture} onChange={(event) => set({ movesFurniture: event.target.checked })} />
          <span>
            <b>The furniture</b> is moved on this day and not on the swap day
          </span>
        </label>
      )}
      {isBeside && <SpotsOfDay house={house} chosen={draft.spots} onChange={(spots) => set({ spots })} />}
    </FormDialog>
  );
}

const time = (minute: number | null): string => (minute === null ? '' : clock(minute));

function drafted(day: Day, isNew: boolean): WorkDayInput {
  return {
    name: isNew ? '' : day.name,
    date: isNew ? dayAfter(day.days.map((one) => one.date)) : day.date,
    start: clock(day.start),
    latestEnd: time(day.latestEnd),
    layRoom: day.layRoom,
    pauses: day.pauses.map((pause) => ({ at: clock(pause.at), minutes: pause.minutes })),
    crew: day.crew.map((hand) => ({ ...hand, from: time(hand.from), until: time(hand.until) })),
    isLook: !isNew && day.isLook,
    movesFurniture: !isNew && day.movesFurniture,
    spots: [...day.spots],
    version: day.version,
  };
}
