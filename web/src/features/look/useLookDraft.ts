import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, take } from '../../api/client';
import { houseQuery } from '../../api/queries';
import type { House, Look, LookInput, Swap } from '../../api/types';
import { useNotices } from '../../lib/notices';

const SAVE_AFTER_MS = 600;

const inputOf = ({ id: _id, ...look }: Look): LookInput => look;

/** The look under the hand: the stock answers every change at once, and what is settled is saved with a way back. */
export function useLookDraft(home: string, swap: Swap, look: Look) {
  const queries = useQueryClient();
  const notices = useNotices();
  const [draft, setDraft] = useState<LookInput>(() => inputOf(look));
  const saved = useRef<LookInput>(inputOf(look));
  const body = { ...draft, version: null };
  const answer = useQuery({
    queryKey: ['home', home, 'swap', swap.id, 'answer', JSON.stringify(body)],
    queryFn: ({ signal }) =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/look-answer', { params: { path: { home, swap: swap.id } }, body, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const save = useMutation({
    mutationFn: (next: LookInput) =>
      take(
        api.PUT('/api/homes/{home}/looks/{look}', {
          params: { path: { home, look: look.id } },
          body: { ...next, version: saved.current.version ?? 1 },
        }),
      ),
    onSuccess: (now) => {
      saved.current = inputOf(now);
      queries.setQueryData<House>(
        houseQuery(home).queryKey,
        (house) => house && { ...house, looks: house.looks.map((one) => (one.id === now.id ? now : one)) },
      );
    },
    onError: (error) => notices.problem(error),
  });
  const isSaving = useRef(false);
  isSaving.current = save.isPending;
  const isChanged = JSON.stringify({ ...draft, version: 0 }) !== JSON.stringify({ ...saved.current, version: 0 });
  const isSound = answer.error === null && !answer.isPlaceholderData && answer.data !== undefined;
  // Undone, or changed on another device: what is kept there is what is seen here, unless this hand is at work on it.
  useEffect(() => {
    if (look.version === saved.current.version || isSaving.current) return;
    saved.current = inputOf(look);
    setDraft(inputOf(look));
  }, [look]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: waits for a pause after the last change of the draft
  useEffect(() => {
    if (!isChanged || !isSound) return;
    const timer = window.setTimeout(() => save.mutate(draft), SAVE_AFTER_MS);
    return () => window.clearTimeout(timer);
  }, [draft, isSound]);
  return {
    draft,
    change: (part: Partial<LookInput>) => setDraft((now) => ({ ...now, ...part })),
    answer,
    isSaving: save.isPending || (isChanged && isSound),
  };
}
