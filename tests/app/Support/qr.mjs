// Reads pictures as {width, dark: [[x, y, w, h], …]} and writes the text of the QR code in each, as the reference library jsQR finds it.
import { readFileSync } from 'node:fs';
import jsqr from 'jsqr';

const QUIET = 24;
const SCALE = 2;
const read = jsqr.default ?? jsqr;
const pictures = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(pictures.map(({ width, dark }) => {
  const side = width * SCALE + 2 * QUIET;
  const pixels = new Uint8ClampedArray(4 * side * side).fill(255);
  for (const [x, y, w, h] of dark) {
    for (let row = Math.round(y * SCALE); row < Math.round((y + h) * SCALE); row++) {
      for (let column = Math.round(x * SCALE); column < Math.round((x + w) * SCALE); column++) {
        pixels.fill(0, 4 * ((row + QUIET) * side + column + QUIET), 4 * ((row + QUIET) * side + column + QUIET) + 3);
      }
    }
  }
  return { text: read(pixels, side, side)?.data ?? null };
})));
