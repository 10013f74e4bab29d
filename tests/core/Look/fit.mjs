// The colour part of the fit, written anew from the description with the reference library culori: {ribbons: [{hex, percent}], colours: [{hex, percent}]} → score 0 to 100 and nearest ribbon.
import { readFileSync } from 'node:fs';
import { converter, differenceCiede2000 } from 'culori';

const lab = converter('lab65');
const apart = differenceCiede2000();
const clamp = (t) => Math.min(1, Math.max(0, t));

function fit({ ribbons, colours }) {
  const warmth = ribbons.reduce((sum, one) => sum + (lab(one.hex).b ?? 0) * one.percent, 0) >= 0;
  const answers = colours.map(({ hex, percent }) => {
    const distances = ribbons.map((one) => apart(hex, one.hex));
    const distance = Math.min(...distances);
    const { a = 0, b = 0 } = lab(hex);
    const side = warmth ? -b : b;
    const neutral = 0.75 * (1 - 0.4 * clamp(side / 12)) * (1 - clamp((Math.hypot(a, b) - 4) / 26));
    return { percent, ribbon: distances.indexOf(distance), score: Math.max(clamp((36 - distance) / 30), neutral) };
  });
  const main = answers.reduce((best, one) => (one.percent > best.percent ? one : best));
  return { score: answers.reduce((sum, one) => sum + one.score * one.percent, 0), ribbon: main.ribbon };
}

process.stdout.write(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(fit)));
