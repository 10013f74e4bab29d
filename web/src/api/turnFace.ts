import { api, take } from './client';
import type { Piece } from './types';

/** Turns a piece to another of its faces; what comes back turns it to the one it showed. */
export async function turnFace(home: string, piece: Piece, face: string): Promise<() => Promise<unknown>> {
  const path = { home, piece: piece.id };
  const show = (name: string) => take(api.PUT('/api/homes/{home}/pieces/{piece}/face', { params: { path }, body: { face: name } }));
  const at = piece.faces.findIndex((one) => one.name === face);
  const turned = await show(face);
  return () => show(turned.faces[at]?.name ?? face);
}
