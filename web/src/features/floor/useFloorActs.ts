import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { floorQuery } from '../../api/queries';
import type { Floor, FloorPlace, Furniture } from '../../api/types';
import { useNotices } from '../../lib/notices';

type Sent = { furniture: Furniture; place: FloorPlace; which: 'now' | 'planned' };

/** Moves furniture, at once on the page and then on the server. */
export function useFloorActs(swap: string, room: string) {
  const home = useHouse().home.id;
  const queries = useQueryClient();
  const notices = useNotices();
  const key = floorQuery(home, swap, room).queryKey;
  const move = useMutation({
    mutationFn: ({ furniture, place, which }: Sent) =>
      which === 'now'
        ? take(api.PUT('/api/homes/{home}/furniture/{furniture}/place', { params: { path: { home, furniture: furniture.id } }, body: place }))
        : take(
            api.PUT('/api/homes/{home}/swaps/{swap}/furniture/{furniture}/place', {
              params: { path: { home, swap, furniture: furniture.id } },
              body: place,
            }),
          ),
    // One after another: the last place is the one that counts.
    scope: { id: 'floor' },
    onError: (error) => {
      notices.problem(error);
      void queries.invalidateQueries({ queryKey: key });
    },
  });
  const paint = (id: string, which: Sent['which'], place: FloorPlace) =>
    queries.setQueryData<Floor>(
      key,
      (floor) => floor && { ...floor, furniture: floor.furniture.map((one) => (one.id === id ? painted(one, which, place) : one)) },
    );
  /** From where it is now, not from where it was drawn last: keys come faster than drawings. */
  const go = (id: string, which: Sent['which'], change: (place: FloorPlace) => FloorPlace) => {
    const furniture = queries.getQueryData<Floor>(key)?.furniture.find((one) => one.id === id);
    if (!furniture) return;
    const place = change(furniture[which]);
    void queries.cancelQueries({ queryKey: key });
    paint(id, which, place);
    move.mutate({ furniture, place, which });
  };
  return {
    now: (id: string, change: (place: FloorPlace) => FloorPlace) => go(id, 'now', change),
    plan: (id: string, change: (place: FloorPlace) => FloorPlace) => go(id, 'planned', change),
  };
}

/** What is planned nowhere else goes along with where it stands. */
function painted(one: Furniture, which: Sent['which'], place: FloorPlace): Furniture {
  if (which === 'planned') return { ...one, planned: place };
  const isPlanned = JSON.stringify(one.planned) !== JSON.stringify(one.now);
  return { ...one, now: place, planned: isPlanned ? one.planned : place };
}
