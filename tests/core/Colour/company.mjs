// Reads {colours, words: {word: hex}}, writes for each colour, as the reference library culori has it: the distance to the nearest word, and the colours turned in hue by 180 and 32 degrees (null where no screen shows them).
import { readFileSync } from 'node:fs';
import { converter, differenceCiede2000, displayable, formatHex } from 'culori';

const oklch = converter('oklch');
const apart = differenceCiede2000();
const [{ colours, words }] = JSON.parse(readFileSync(0, 'utf8'));
const turned = (hex, degrees, lighter) => {
  const { l, c = 0, h = 0 } = oklch(hex);
  const colour = { mode: 'oklch', l: l + lighter, c, h: (h + degrees + 360) % 360 };
  return displayable(colour) ? formatHex(colour) : null;
};
process.stdout.write(JSON.stringify(colours.map((hex) => ({
  nearest: Math.min(...Object.values(words).map((word) => apart(hex, word))),
  opposite: turned(hex, 180, 0),
  near: turned(hex, 32, 0.04),
}))));
