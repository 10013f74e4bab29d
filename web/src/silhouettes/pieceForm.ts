import type { Piece } from '../api/types';
import { inches } from '../lib/measure';
import type { Form } from './form';

export type Drawable = Pick<Piece, 'kind' | 'width' | 'height' | 'colours' | 'finish' | 'shape' | 'pattern'> & {
  parts?: readonly Pick<Piece['parts'][number], 'kind' | 'hex' | 'width' | 'height' | 'count'>[];
};

const STEMS: readonly Piece['kind'][] = ['bunch', 'pot plant'];
const VESSELS: readonly Piece['kind'][] = ['vase', 'jug', 'crock', 'jar', 'basket', 'bowl', 'box'];

const FINISH: Partial<Record<Piece['finish'], string>> = { 'drip glaze': 'drip', 'wood grain': 'wood', clear: 'glass' };
const SHOWS_CONTENTS = ['fruit', 'cones'];

/** Turns what is known of a piece into what a silhouette is drawn from: the body takes the first colour, parts the others. */
export function pieceForm(piece: Drawable): Form {
  const [body = '#CCCCC4', ...rest] = piece.colours.map((colour) => colour.hex);
  const form: Form = {
    w: inches(piece.width),
    h: inches(piece.height),
    c: [body, ...rest],
    f: FINISH[piece.finish] ?? piece.finish,
    v: piece.shape || undefined,
    pat: piece.pattern || undefined,
  };
  switch (piece.kind) {
    case 'arrangement':
      if (piece.parts && piece.parts.length > 0 && !piece.parts.some((part) => STEMS.includes(part.kind)))
        return {
          ...form,
          parts: piece.parts.map((part) => ({ kind: part.kind, w: inches(part.width), h: inches(part.height), c: part.hex, units: part.count })),
        };
      return {
        ...form,
        c: [piece.parts?.find((part) => part.kind === 'bunch')?.hex ?? body],
        vessel: { c: [piece.parts?.find((part) => VESSELS.includes(part.kind))?.hex ?? rest[0] ?? body] },
      };
    case 'bowl':
      return SHOWS_CONTENTS.includes(piece.shape)
        ? { ...form, c: [body], v: undefined, fill: rest.length > 0 ? rest : [body], fk: piece.shape === 'cones' ? 'cone' : undefined }
        : form;
    case 'tree':
      return piece.shape === 'pot' ? { ...form, c: [body], pot: rest[0] } : form;
    case 'wreath':
      return { ...form, bow: piece.shape === 'leaf' ? rest[0] : undefined };
    case 'bunch':
      return { ...form, c: [body], tie: rest[0] };
    case 'basket':
      return { ...form, handle: piece.shape === 'handle' };
    case 'plate':
      return piece.height < piece.width / 2 ? { ...form, h: form.w } : form;
    default:
      return form;
  }
}
