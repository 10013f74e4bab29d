import type { PieceKind } from './draw';
import { draw, FOOT } from './draw';
import type { Form } from './form';

/** Units of one piece side by side on a ledge, all measures in pixels of the page. */
export type Painting = {
  kind: PieceKind;
  form: Form;
  seed: string;
  /** Pixels per inch. */
  scale: number;
  units: number;
  /** From the middle of one unit to that of the next. */
  step: number;
  width: number;
  height: number;
  /** Pixels of the screen to one of the page. */
  sharpness: number;
};

/** What leaves and needles may reach beyond the size of a piece, and its shadow below the foot. */
export const ROOM = 8;

/** The few elements that drawings are made of; see ink.ts. */
const ELEMENT = /<(\/?)(path|clipPath|g)\b([^>]*?)\/?>/g;
const ATTRIBUTE = /([\w-]+)="([^"]*)"/g;

/** Paints what Silhouette shows as SVG; hundreds of pieces on shelves cost far less as pictures than as thousands of elements. */
export function paint(it: Painting): OffscreenCanvas {
  const { g } = draw(it.kind, it.form, it.scale, it.seed);
  const [pieces, shadows] = [sheet(it), sheet(it)];
  pieces.setTransform(it.sharpness, 0, 0, it.sharpness, 0, 0);
  shadows.setTransform(it.sharpness, 0, 0, it.sharpness, 0, 0);
  for (let i = 0; i < it.units; i++) {
    const x = it.width / 2 + (i - (it.units - 1) / 2) * it.step;
    shadows.fillStyle = 'rgb(31 36 33 / 20%)';
    shadows.beginPath();
    shadows.ellipse(
      x + 1.5,
      it.height - ROOM,
      it.form.w * it.scale * (FOOT[it.kind] ?? 0.44),
      Math.max(1.2, Math.min(3.2, it.scale * 0.34)),
      0,
      0,
      2 * Math.PI,
    );
    shadows.fill();
    pieces.save();
    pieces.translate(x, it.height - ROOM);
    paintMarkup(pieces, g);
    pieces.restore();
  }
  shadows.setTransform(1, 0, 0, 1, 0, 0);
  shadows.shadowColor = 'rgb(42 31 18 / 15%)';
  shadows.shadowOffsetX = 1.3 * it.sharpness;
  shadows.shadowOffsetY = 0.7 * it.sharpness;
  shadows.drawImage(pieces.canvas, 0, 0);
  return shadows.canvas;
}

function sheet(it: Painting): OffscreenCanvasRenderingContext2D {
  const context = new OffscreenCanvas(Math.ceil(it.width * it.sharpness), Math.ceil(it.height * it.sharpness)).getContext('2d');
  if (!context) throw new Error('A picture cannot be painted here.');
  return context;
}

function paintMarkup(canvas: OffscreenCanvasRenderingContext2D, markup: string): void {
  let clip: Path2D | null = null;
  let isClip = false;
  for (const [, closing, name, text = ''] of markup.matchAll(ELEMENT)) {
    if (name === 'clipPath') isClip = closing === '';
    else if (closing === '/') canvas.restore();
    else {
      const said: Record<string, string> = {};
      for (const [, key = '', value = ''] of text.matchAll(ATTRIBUTE)) said[key] = value;
      if (name === 'g') {
        canvas.save();
        const [x = 0, y = 0] = (said.transform ?? '').match(/-?[\d.]+/g)?.map(Number) ?? [];
        canvas.translate(x, y);
        if (said['clip-path'] && clip) canvas.clip(clip);
      } else if (isClip) clip = new Path2D(said.d);
      else ink(canvas, new Path2D(said.d), said);
    }
  }
}

function ink(canvas: OffscreenCanvasRenderingContext2D, path: Path2D, said: Record<string, string>): void {
  canvas.globalAlpha = Number(said.opacity ?? 1);
  if (said.fill && said.fill !== 'none') {
    canvas.fillStyle = said.fill;
    canvas.fill(path);
  }
  if (said.stroke) {
    canvas.strokeStyle = said.stroke;
    canvas.lineWidth = Number(said['stroke-width'] ?? 1);
    canvas.lineCap = said['stroke-linecap'] === 'round' ? 'round' : 'butt';
    canvas.lineJoin = said['stroke-linejoin'] === 'round' ? 'round' : 'miter';
    canvas.stroke(path);
  }
  canvas.globalAlpha = 1;
}
