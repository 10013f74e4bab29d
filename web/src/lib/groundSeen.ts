import type { FoundColours } from '../api/types';

const SENTENCES: Partial<Record<FoundColours['seen'], string>> = {
  'nearly all': 'Little but the ground was seen: the thing may have its colour. Keep the ground in, or photograph it against another.',
  all: 'The ground was all there was to see. Photograph it against another colour.',
};

/** What has to be said of the ground of a photo; empty when all is well. */
export const groundSeen = (seen: FoundColours['seen']): string => SENTENCES[seen] ?? '';
