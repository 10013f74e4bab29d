import { useInfiniteQuery, useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { useHouse } from '../api/home';
import { journalQuery } from '../api/queries';
import { useNotices } from '../lib/notices';
import { writeMoment } from '../lib/text';
import { Dialog } from '../ui/Dialog';

type Props = { isOpen: boolean; onClose: () => void; about?: { mark: string; name: string } | undefined };

/** What was done, newest first, by whom, each with its way back; of the home, or of one piece or spot. */
export function DoneSheet({ isOpen, onClose, about }: Props) {
  return (
    <Dialog title={about ? `What was done with ${about.name}` : 'What was done'} isOpen={isOpen} onClose={onClose} isWide>
      {isOpen && <Entries about={about?.mark ?? null} />}
    </Dialog>
  );
}

export function Entries({ about }: { about: string | null }) {
  const house = useHouse();
  const notices = useNotices();
  const home = house.home.id;
  const [by, setBy] = useState('');
  const journal = useInfiniteQuery(journalQuery(home, about, by || null));
  const undo = useMutation({
    mutationFn: (entry: string) => take(api.POST('/api/homes/{home}/journal/{entry}/undo', { params: { path: { home, entry } } })),
    onError: (error) => notices.problem(error),
  });
  const people = journal.data?.pages[0]?.people ?? [];
  const entries = journal.data?.pages.flatMap((page) => page.entries) ?? [];
  return (
    <div data-testid="journal">
      {people.length > 1 && (
        <label className="mb-2 flex items-center gap-2">
          By
          <select value={by} onChange={(event) => setBy(event.target.value)}>
            <option value="">everybody</option>
            {people.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {journal.error && <p role="alert">{journal.error.message}</p>}
      {journal.data && entries.length === 0 && <p className="note">Nothing yet. Whatever is done here from now on can be looked up and undone.</p>}
      <ul className="rows max-h-[60vh] overflow-auto">
        {entries.map((entry) => (
          <li key={entry.id} className="flex items-baseline gap-4 py-1.5">
            <span className={`min-w-0 flex-1 break-words ${entry.isUndone ? 'text-ink-3 line-through' : ''}`} dir="auto">
              {entry.sentence}
            </span>
            <span className="note whitespace-nowrap">
              {entry.by}, {writeMoment(entry.at)}
            </span>
            {entry.isUndone && <span className="note">undone</span>}
            {entry.canBeUndone && (
              <button type="button" className="link" disabled={undo.isPending} onClick={() => undo.mutate(entry.id)}>
                Undo<span className="sr-only"> {entry.sentence}</span>
              </button>
            )}
          </li>
        ))}
      </ul>
      {journal.hasNextPage && (
        <button type="button" className="btn mt-2" onClick={() => void journal.fetchNextPage()} disabled={journal.isFetchingNextPage}>
          Further back
        </button>
      )}
    </div>
  );
}
