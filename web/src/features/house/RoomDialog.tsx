import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, useRefresh } from '../../api/home';
import type { Room } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { Dialog } from '../../ui/Dialog';
import { Field, FormErrors } from '../../ui/Field';

/** A room: its name and its place on the walk. */
export function RoomDialog({ room, onClose }: { room?: Room; onClose: () => void }) {
  const house = useHouse();
  const refresh = useRefresh();
  const notices = useNotices();
  const home = house.home.id;
  const [name, setName] = useState(room?.name ?? '');
  const [round, setRound] = useState(room?.round ?? house.rooms.length);
  const save = useMutation({
    mutationFn: () =>
      room
        ? take(api.PUT('/api/homes/{home}/rooms/{room}', { params: { path: { home, room: room.id } }, body: { name, round, version: room.version } }))
        : take(api.POST('/api/homes/{home}/rooms', { params: { path: { home } }, body: { name, round } })),
    onSuccess: async () => {
      await refresh();
      onClose();
    },
  });
  const remove = useMutation({
    mutationFn: (one: Room) => take(api.DELETE('/api/homes/{home}/rooms/{room}', { params: { path: { home, room: one.id } } })),
    onSuccess: async (_nothing, one) => {
      notices.done(`${one.name} taken away`, async () => {
        await take(api.POST('/api/homes/{home}/rooms/{room}/restore', { params: { path: { home, room: one.id } } }));
        await refresh();
      });
      await refresh();
      onClose();
    },
  });
  return (
    <Dialog title={room ? `Change ${room.name}` : 'New room'} isOpen onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          save.mutate();
        }}
      >
        <FormErrors error={save.error ?? remove.error}>
          <Field label="Name" name="name">
            {(control) => <input {...control} value={name} dir="auto" onChange={(event) => setName(event.target.value)} />}
          </Field>
          <Field label="Place on the walk" name="round" hint="0 is the first room from the door; the day sheet follows it">
            {(control) => <input {...control} type="number" value={round} onChange={(event) => setRound(Number(event.target.value))} />}
          </Field>
          <div className="flex gap-2">
            <button type="submit" className="btn btn-main" disabled={save.isPending}>
              Save
            </button>
            {room && (
              <button type="button" className="btn" onClick={() => remove.mutate(room)}>
                Delete
              </button>
            )}
          </div>
        </FormErrors>
      </form>
    </Dialog>
  );
}
