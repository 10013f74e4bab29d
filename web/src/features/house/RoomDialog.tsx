import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Room } from '../../api/types';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

/** A room: its name and its place on the walk. */
export function RoomDialog({ room, onClose }: { room?: Room; onClose: () => void }) {
  const house = useHouse();
  const home = house.home.id;
  const [name, setName] = useState(room?.name ?? '');
  const [round, setRound] = useState((room?.round ?? house.rooms.length) + 1);
  const body = { name, round: round - 1 };
  return (
    <FormDialog<Room, Room>
      title={room ? `Change ${room.name}` : 'New room'}
      onClose={onClose}
      save={(version) =>
        room
          ? take(api.PUT('/api/homes/{home}/rooms/{room}', { params: { path: { home, room: room.id } }, body: { ...body, version } }))
          : take(api.POST('/api/homes/{home}/rooms', { params: { path: { home } }, body }))
      }
      saveLabel="Save"
      version={room?.version}
      inWords={{ theirs: (kept) => kept.name, mine: name }}
      remove={room && (() => take(api.DELETE('/api/homes/{home}/rooms/{room}', { params: { path: { home, room: room.id } } })))}
    >
      <Field label="Name" name="name">
        {(control) => <input {...control} value={name} dir="auto" onChange={(event) => setName(event.target.value)} />}
      </Field>
      <Field label="Which room from the door" name="round" hint="1 is the first you come into; the day sheet walks the house in this order">
        {(control) => <input {...control} type="number" min={1} value={round} onChange={(event) => setRound(Number(event.target.value))} />}
      </Field>
    </FormDialog>
  );
}
