import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Task } from '../../api/types';
import { useNotices } from '../../lib/notices';

/** How long a task took, from tick to tick, and where that is put right: the minutes of the next day are made of it. */
export function Took({ task, isClosed }: { task: Task; isClosed: boolean }) {
  const home = useHouse().home.id;
  const notices = useNotices();
  const [text, setText] = useState<string | null>(null);
  const say = useMutation({
    mutationFn: (minutes: number | null) =>
      take(api.PUT('/api/homes/{home}/tasks/{task}/took', { params: { path: { home, task: task.id } }, body: { minutes } })),
    onSuccess: () => setText(null),
    onError: (error) => notices.problem(error),
  });
  if (text === null) {
    const said = task.took === null ? '' : `took ${task.took} min`;
    return isClosed ? (
      said
    ) : (
      <button type="button" className="link no-print" onClick={() => setText(String(task.took ?? ''))}>
        {said || 'it took …'}
      </button>
    );
  }
  const keep = () => say.mutate(text.trim() === '' ? null : Number(text));
  return (
    <input
      aria-label={`Minutes that ${task.title} took`}
      inputMode="numeric"
      // biome-ignore lint/a11y/noAutofocus: it stands where the button was that was pressed
      autoFocus
      className="w-16"
      value={text}
      onChange={(event) => setText(event.target.value.replace(/\D/g, ''))}
      onBlur={() => setText(null)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setText(null);
      }}
      placeholder="min"
    />
  );
}
