// Reads hex colours, writes OKLab, OKLCh and the WCAG contrast against the next one, as the reference library culori computes them.
import { readFileSync } from 'node:fs';
import { converter, wcagContrast } from 'culori';

const oklab = converter('oklab');
const oklch = converter('oklch');
const colours = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(colours.map((hex, i) => {
  const { l, a, b } = oklab(hex);
  const { c, h } = oklch(hex);
  return { l, a: a ?? 0, b: b ?? 0, c: c ?? 0, h: h ?? null, contrast: wcagContrast(hex, colours[(i + 1) % colours.length]) };
})));
