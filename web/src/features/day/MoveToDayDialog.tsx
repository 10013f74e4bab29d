import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Day, DayTarget, Piece, Swap, Task } from '../../api/types';
import { writeDay } from '../../lib/text';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';
import { dayAfter } from './dayAfter';

type Props = { task: Task; day: Day; swap: Swap; pieces: ReadonlyMap<string, Piece>; onClose: () => void };

/** Does a spot, or single pieces of a task, on another day of the swap, or on a new one. */
export function MoveToDayDialog({ task, day, swap, pieces, onClose }: Props) {
  const { home, spots } = useHouse();
  const ofTask = [...new Set(task.moves.map((move) => move.piece))];
  const spot = ['take down', 'set up'].includes(task.phase) ? spots.find((one) => one.id === task.spot) : undefined;
  const [isWhole, setWhole] = useState(spot !== undefined);
  const [chosen, setChosen] = useState<readonly string[]>(ofTask.length === 1 ? ofTask : []);
  const others = day.days.filter((one) => one.id !== day.id);
  // The days by their ids, the swap day as the empty one.
  const [target, setTarget] = useState<string>(others[0] ? (others[0].id ?? '') : 'new day');
  const [typed, setTyped] = useState<string | null>(null);
  const [date, setDate] = useState(dayAfter(day.days.map((one) => one.date)));
  const moved = isWhole ? [] : chosen;
  const name = typed ?? (isWhole && spot ? spot.name : nameOf(chosen[0], pieces));
  const hasOwn = moved.length > 0 && moved.every((piece) => day.ownPieces.includes(piece));
  const isNew = target === 'new day';
  return (
    <FormDialog
      title={`${task.title}: on another day`}
      onClose={onClose}
      save={() =>
        take(
          api.POST('/api/homes/{home}/swaps/{swap}/day-moves', {
            params: { path: { home: home.id, swap: swap.id } },
            body: {
              spots: isWhole && spot ? [spot.id] : [],
              pieces: [...moved],
              target: targetOf(target),
              day: targetOf(target) === 'other day' ? target : null,
              name: isNew ? name : '',
              date: isNew ? date : '',
            },
          }),
        )
      }
      saveLabel="Move"
      canSave={isWhole || chosen.length > 0}
    >
      <fieldset className="grid gap-1">
        <legend className="font-semibold text-ink-2">What</legend>
        {spot && (
          <label className="flex min-h-[32px] items-center gap-2 border-b border-line max-md:min-h-[44px]">
            <input type="checkbox" checked={isWhole} onChange={(event) => setWhole(event.target.checked)} />
            <span>
              <b>{spot.name}</b>, with all that comes and goes there
            </span>
          </label>
        )}
        {ofTask.map((piece) => (
          <label key={piece} className={`flex min-h-[32px] items-center gap-2 max-md:min-h-[44px] ${isWhole ? 'text-ink-2' : ''}`}>
            <input
              type="checkbox"
              disabled={isWhole}
              checked={isWhole || chosen.includes(piece)}
              onChange={(event) => setChosen(event.target.checked ? [...chosen, piece] : chosen.filter((one) => one !== piece))}
            />
            {nameOf(piece, pieces) || 'a piece'}
            {day.ownPieces.includes(piece) && <span className="note">this day is its own</span>}
          </label>
        ))}
        {!isWhole && (
          <p className="note">
            All units of a piece move together, from and to every spot, and stay where they are until then. What trims it, fills it or stands on it
            waits for it.
          </p>
        )}
      </fieldset>
      <Field label="Day" name="target">
        {(control) => (
          <select {...control} value={target} onChange={(event) => setTarget(event.target.value)}>
            {others.map((one) => (
              <option key={one.id ?? ''} value={one.id ?? ''}>
                {one.name}, {writeDay(one.date)}
              </option>
            ))}
            {hasOwn && <option value="with its spot">with its spot again</option>}
            <option value="new day">a new day …</option>
          </select>
        )}
      </Field>
      {isNew && (
        <div className="grid grid-cols-2 gap-3">
          <Field label="What is done on it" name="name">
            {(control) => <input {...control} value={name} onChange={(event) => setTyped(event.target.value)} />}
          </Field>
          <Field label="Date" name="date" hint={`The swap day is ${writeDay(swap.swapDay)}`}>
            {(control) => <input {...control} type="date" value={date} onChange={(event) => setDate(event.target.value)} />}
          </Field>
        </div>
      )}
    </FormDialog>
  );
}

const nameOf = (piece: string | undefined, pieces: ReadonlyMap<string, Piece>): string => pieces.get(piece ?? '')?.name ?? '';

function targetOf(chosen: string): DayTarget {
  if (chosen === 'new day' || chosen === 'with its spot') return chosen;
  return chosen === '' ? 'swap day' : 'other day';
}
