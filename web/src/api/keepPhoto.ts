import { api, asForm, take } from './client';

/** Keeps a photo with a piece, in place of the one before. */
export const keepPhoto = (home: string, piece: string, photo: File) =>
  take(
    api.POST('/api/homes/{home}/pieces/{piece}/photo', {
      params: { path: { home, piece } },
      body: { photo: '' },
      bodySerializer: asForm('photo', photo),
    }),
  );
