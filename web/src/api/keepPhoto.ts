import { api, asForm, take } from './client';
import type { PhotoMoment } from './types';

/** Keeps a photo with a piece, in place of the one before. */
export const keepPhoto = (home: string, piece: string, photo: File) =>
  take(
    api.POST('/api/homes/{home}/pieces/{piece}/photo', {
      params: { path: { home, piece } },
      body: { photo: '' },
      bodySerializer: asForm('photo', photo),
    }),
  );

/** Keeps how a spot looked, in place of the photo before. */
export const keepSpotPhoto = (home: string, swap: string, spot: string, moment: PhotoMoment, photo: File) =>
  take(
    api.POST('/api/homes/{home}/swaps/{swap}/spots/{spot}/photos/{moment}', {
      params: { path: { home, swap, spot, moment } },
      body: { photo: '' },
      bodySerializer: asForm('photo', photo),
    }),
  );
