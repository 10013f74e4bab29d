import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import type { SearchResult } from '../api/types';

type Props = { home: string; unknown: readonly string[]; words: SearchResult['words'] };

/** Words that nothing is known by can be made words of the home: what they mean there, in words that are known. */
export function HomeWords({ home, unknown, words }: Props) {
  const [means, setMeans] = useState('');
  const keep = useMutation({
    mutationFn: (body: { word: string; means: string }) => take(api.PUT('/api/homes/{home}/words', { params: { path: { home } }, body })),
    onSuccess: () => setMeans(''),
  });
  const word = unknown.find((one) => !one.includes(' '));
  return (
    <>
      {words.map((one) => (
        <p key={one.word} className="note mt-1">
          “{one.word}” means {one.means} here.{' '}
          <button type="button" className="link" onClick={() => keep.mutate({ word: one.word, means: '' })}>
            Forget it
          </button>
        </p>
      ))}
      {word !== undefined && (
        <form
          className="mt-1 flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (means.trim() !== '') keep.mutate({ word, means });
          }}
        >
          <label htmlFor="word-means">In this home “{word}” means</label>
          <input
            id="word-means"
            className="min-w-[150px] flex-1"
            placeholder="wicker, dried, cream"
            value={means}
            autoComplete="off"
            onChange={(event) => setMeans(event.target.value)}
          />
          <button type="submit" className="btn" disabled={means.trim() === '' || keep.isPending}>
            Keep the word
          </button>
        </form>
      )}
      {keep.error && (
        <p role="alert" className="mt-1 border-2 border-ink bg-yolk-soft px-3 py-2">
          {keep.error.message}
        </p>
      )}
    </>
  );
}
